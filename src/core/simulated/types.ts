import type { DriveKind } from '../machine'
import type { Chance } from './chance'

/**
 * A kind of machine on a bench that is not there: sound units of a series, every fault that can be planted in one, and what each test
 * would read of it. The same machine stands behind the tables of diagnosis, its proof, and the instruments that are stood in for.
 */
export interface SimulatedKind<Unit> {
  readonly kind: DriveKind
  /** A sound machine: of a series (± 10 %), at a temperature of the day. */
  readonly unit: (chance: Chance) => Unit
  /** What each fault changes in it. `severity`: 0 slight … 1 gross. */
  readonly faults: Readonly<Record<string, (unit: Unit, severity: number, chance: Chance) => Unit>>
  /** The figures of each test as they would stand on an instrument without error, in the units in which they are keyed in. */
  readonly figures: Readonly<Record<string, (unit: Unit, chance: Chance) => readonly number[]>>
  /** What is seen, heard or felt in each test, where the model says it: the id of an outcome. */
  readonly words: Readonly<Record<string, (unit: Unit, chance: Chance) => string>>
}
