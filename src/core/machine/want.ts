import type { QuantityId, UnitId } from '../units'

/** A figure that a step wants read, at the moment it arises. */
export interface Want {
  readonly id: string
  readonly name: string
  readonly quantity: QuantityId
  readonly unit: UnitId
  /** Window, in `unit`, ends included; where an end is left out there is none. */
  readonly low?: number
  readonly high?: number
  /** Above this it is a danger, not a deviation: the limit on a tyre's wall. In `unit`. */
  readonly most?: number
  /** How far it may be from what was noted under the same id on the way down, in `unit`. */
  readonly within?: number
  /** Of an insulation test: with how many volts, for how many seconds. */
  readonly testVolts?: number
  readonly seconds?: number
  /** How often it is read. */
  readonly repeats?: number
  /** What moves it: by how much in `unit`, one turn or step the named way. */
  readonly adjust?: { readonly way: string; readonly by: number }
}

/** What several figures of a step have to be to each other, in the unit of the first. */
export type Relation =
  /** The first in the middle of the other two, at most so far off. */
  | { readonly is: 'centred'; readonly of: readonly [middle: string, end: string, end: string]; readonly within: number }
  | { readonly is: 'sum'; readonly of: readonly [string, string]; readonly value: number; readonly within: number }
