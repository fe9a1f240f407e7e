import { SAID, type SymptomId } from '../said'
import type { Bell, Catalogue, NumberAnswer, Rows, Symptom, Table, Test, Told, WordAnswer } from '../types'

/** A test as a catalogue writes it: what its answers are, not yet how likely. */
export interface TestDraft extends Omit<Test, 'answer'> {
  readonly answer: WordDraft | NumberDraft
}
interface WordDraft extends Omit<WordAnswer, 'rows' | 'estimated'> {
  /** What benches see of it, where no model gives it. */
  readonly estimate?: Rows<readonly number[]>
}
export interface NumberDraft extends Omit<NumberAnswer, 'rows' | 'estimated'> {
  /** What a value of the table is multiplied by: what is expected of this machine. */
  readonly scale?: number
  readonly estimate?: Rows<readonly Bell[]>
}
export interface Draft extends Omit<Catalogue, 'tests' | 'together'> {
  readonly tests: readonly TestDraft[]
}

const outcomesOf = (outcomes: Readonly<Record<string, string>>): WordAnswer['outcomes'] =>
  Object.entries(outcomes).map(([id, name]) => ({ id, name }))

/** Symptoms by how often each fault shows them. */
export function toldBy(told: Readonly<Partial<Record<SymptomId, Told>>>): Symptom[] {
  return (Object.entries(told) as [SymptomId, Told][]).map(([id, how]) => ({ id, ...SAID[id], ...how }))
}

/** Seen, heard or felt, and how often by what benches see: for a sound machine, and for those faults that change it. */
export function seen(
  outcomes: Readonly<Record<string, string>>,
  healthy: readonly number[],
  given: Readonly<Record<string, readonly number[]>>,
): WordDraft {
  return { kind: 'words', outcomes: outcomesOf(outcomes), estimate: { healthy, given } }
}

/** Seen, heard or felt, and how often by the model. */
export const felt = (outcomes: Readonly<Record<string, string>>): WordDraft => ({ kind: 'words', outcomes: outcomesOf(outcomes) })

/** Measured: where its values lie is the model’s to say. */
export const measured = (answer: Omit<NumberDraft, 'kind'>): NumberDraft => ({ kind: 'number', ...answer })

const bells = (rows: Rows<readonly Bell[]>, by: number): Rows<readonly Bell[]> => {
  const scaled = (list: readonly Bell[]): Bell[] => {
    const all = list.reduce((sum, b) => sum + (b.share ?? 1), 0)
    return list.map((b) => ({ ...b, mean: b.mean * by, ...(b.log ? {} : { sd: b.sd * by }), share: (b.share ?? 1) / all }))
  }
  return { healthy: scaled(rows.healthy), given: Object.fromEntries(Object.entries(rows.given).map(([k, v]) => [k, scaled(v)])) }
}

/**
 * A catalogue with what its table says of every answer.
 * @throws RangeError for a test that neither the table nor an estimate knows
 */
export function assembled({ tests, ...draft }: Draft, table: Table): Catalogue {
  const unknown = (id: string): never => {
    throw new RangeError(`nothing is known of how likely the answers of ${id} are`)
  }
  return {
    ...draft,
    together: table.together,
    tests: tests.map(({ answer, ...test }): Test => {
      if (answer.kind === 'words') {
        const { estimate, ...rest } = answer
        const made = table.words[test.id]
        return { ...test, answer: { ...rest, rows: made ?? estimate ?? unknown(test.id), estimated: !made } }
      }
      const { estimate, scale = 1, ...rest } = answer
      const made = table.numbers[test.id]
      return { ...test, answer: { ...rest, rows: made ? bells(made, scale) : (estimate ?? unknown(test.id)), estimated: !made } }
    }),
  }
}
