import type { QuantityId, UnitId } from './quantity'

/** What an instrument showed: a figure, more or less than it can show, or a figure that does not settle. */
export type Result =
  | { readonly is: 'value'; readonly value: number; readonly u?: number }
  | { readonly is: 'over' | 'under'; readonly limit: number }
  | { readonly is: 'unstable'; readonly low: number; readonly high: number }

/** How an instrument was set: what it measures, and with what kind of current. */
export const MODES = ['V DC', 'V AC', 'A DC', 'A AC', 'ohm', 'continuity', 'diode', 'insulation', 'peak', 'relative'] as const
export type Mode = (typeof MODES)[number]

/** What a reading keeps of the instrument it was taken with: whatever becomes of that, the reading says what it was then. */
export interface InstrumentUsed {
  /** Of the shop's list; absent for one that is not on it. */
  readonly id?: string
  readonly name: string
  /** Last day of its calibration, `2027-03-31`. */
  readonly calibratedTo?: string
}

/** How it was measured, where that changes what the figure means. */
export interface Condition {
  /** Of an insulation test, V. */
  readonly testVolts?: number
  readonly seconds?: number
  /** Of what was measured, °C. */
  readonly temperature?: number
  readonly rotor?: 'still' | 'turning'
}

/** Something that was measured. Its unit is of the quantity's kind. */
export interface Measurement {
  readonly quantity: QuantityId
  readonly result: Result
  readonly unit: UnitId
  readonly mode?: Mode
  /** Was it taken on a machine under power? */
  readonly live: boolean
  readonly instrument?: InstrumentUsed
  /** What was keyed in, where the result is worked out from several, in the unit they were taken in. */
  readonly raw?: readonly number[]
  readonly condition?: Condition
}

/** The figure of a result; null where there is none. */
export function figureOf(result: Result): number | null {
  return result.is === 'value' ? result.value : null
}
