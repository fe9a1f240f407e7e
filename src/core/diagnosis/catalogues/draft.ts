import { SAID, type SymptomId } from '../said'
import { SAYS } from './says'
import {
  type Bell,
  type Catalogue,
  NONE,
  type NumberAnswer,
  type Rows,
  type Symptom,
  type Table,
  type Test,
  type Told,
  type WordAnswer,
} from '../types'

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
  return (Object.entries(told) as [SymptomId, Told][]).map(([id, how]) => ({ id, name: SAID[id], says: SAYS[id], ...how }))
}

/** How often symptoms are shown, with faults besides that show them, and symptoms besides. */
export function toldAlso<A extends SymptomId, B extends SymptomId>(
  told: Readonly<Record<A, Told>>,
  of: readonly A[],
  more: Readonly<Partial<Record<A, Readonly<Record<string, number>>>>>,
  besides: Readonly<Record<B, Told>>,
): Readonly<Record<A | B, Told>> {
  const same = Object.fromEntries(of.map((id) => [id, { ...told[id], given: { ...told[id].given, ...more[id] } }])) as Record<A, Told>
  return { ...same, ...besides } as Record<A | B, Told>
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

/** Of a list of tests those named, in their order, each as it is or with what is other about it here. */
export function chosen(tests: readonly TestDraft[], picks: Readonly<Record<string, Partial<TestDraft>>>): TestDraft[] {
  return Object.entries(picks).map(([id, other]) => {
    const test = tests.find((t) => t.id === id)
    if (!test) throw new RangeError(`there is no test ${id}`)
    return { ...test, ...other }
  })
}

/** Words that are heard of more faults than the list of tests knows. */
export function heardOf(tests: readonly TestDraft[], id: string, given: Readonly<Record<string, readonly number[]>>): WordDraft {
  const answer = tests.find((t) => t.id === id)?.answer
  if (answer?.kind !== 'words' || !answer.estimate) throw new RangeError(`there is no test ${id} that is heard by estimate`)
  return { ...answer, estimate: { ...answer.estimate, given: { ...answer.estimate.given, ...given } } }
}

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
  const has = new Set(draft.faults.map((f) => f.id))
  const own = <T>(rows: Rows<T>): Rows<T> => ({
    healthy: rows.healthy,
    given: Object.fromEntries(
      Object.entries(rows.given).filter(([key]) => key.split(/[+/]/).every((part) => has.has(part) || /^[123~]$/.test(part))),
    ),
  })
  const unknown = (id: string): never => {
    throw new RangeError(`nothing is known of how likely the answers of ${id} are`)
  }
  return {
    ...draft,
    symptoms: draft.symptoms.map((s) => ({
      ...s,
      given: Object.fromEntries(Object.entries(s.given).filter(([f]) => has.has(f) || f === NONE)),
    })),
    together: table.together,
    tests: tests.map(({ answer, ...test }): Test => {
      if (answer.kind === 'words') {
        const { estimate, ...rest } = answer
        const made = table.words[test.id]
        return { ...test, answer: { ...rest, rows: own(made ?? estimate ?? unknown(test.id)), estimated: !made } }
      }
      const { estimate, scale = 1, ...rest } = answer
      const made = table.numbers[test.id]
      return { ...test, answer: { ...rest, rows: own(made ? bells(made, scale) : (estimate ?? unknown(test.id))), estimated: !made } }
    }),
  }
}
