import { chance } from '../../src/demo/chance'
import { computeValue, draftOf, type NumberDraft } from '../../src/core/diagnosis'
import { type Chance, normal, SIMULATED, type SimulatedKind } from '../../src/core/simulated'

export type Kind = keyof typeof SIMULATED

/** Full charge for which a kind’s machines are simulated, V; a table’s values are shares of what hangs on it. */
export const FULL_VOLTS: Readonly<Record<Kind, number>> = {
  'hub direct': 42,
  'hub geared': 54.6,
  'mid-drive': 54.6,
  'gearbox brushed': 29.4,
  actuator: 24,
  'steering assist': 58.4,
  traction: 403.2,
}

/** What every test of a kind shows of one machine, instrument and all. Values as the app would compute them, over the scale. */
export interface Shown {
  readonly numbers: Readonly<Record<string, number>>
  readonly words: Readonly<Record<string, string>>
}

/** The value of a test on one machine, with its instrument’s error. Null where the simulated kind does not know the test. */
export function read(kind: Kind, answer: NumberDraft, id: string, unit: unknown, c: Chance): number | null {
  const figures = (SIMULATED[kind] as unknown as SimulatedKind<unknown>).figures[id]
  if (!figures) return null
  const value = computeValue(answer.compute, figures(unit, c)) ?? 0
  const noisy = value + Math.hypot(answer.u.abs, answer.u.rel * value) * normal(c)
  return Math.min(answer.range[1], Math.max(answer.range[0], noisy))
}

export function shownOf(kind: Kind, unit: unknown, c: Chance): Shown {
  const numbers: Record<string, number> = {}
  const words: Record<string, string> = {}
  const { words: seen } = SIMULATED[kind] as unknown as SimulatedKind<unknown>
  for (const { id, answer } of draftOf(kind, FULL_VOLTS[kind]).tests) {
    if (answer.kind === 'number') {
      const value = read(kind, answer, id, unit, c)
      if (value !== null) numbers[id] = value / (answer.scale ?? 1)
    } else if (seen[id]) words[id] = seen[id](unit, c)
  }
  return { numbers, words }
}

/** A machine with some faults of some severity, 0 … 1 each. */
export function machine(kind: Kind, faults: readonly { readonly id: string; readonly severity: number }[], c: Chance): unknown {
  const sim = SIMULATED[kind] as unknown as SimulatedKind<unknown>
  return faults.reduce((unit, { id, severity }) => {
    const plant = sim.faults[id]
    if (!plant) throw new RangeError(`nobody can plant ${id} in a ${kind}`)
    return plant(unit, severity, c)
  }, sim.unit(c))
}

/** Seeds of machines that tables are made of, by what is wrong with them; proofs take others. */
export const seeded = (text: string, n: number): Chance => {
  let hash = 2166136261
  for (const ch of `${text} ${n}`) hash = Math.imul(hash ^ ch.codePointAt(0)!, 16777619)
  return chance(hash >>> 0)
}
