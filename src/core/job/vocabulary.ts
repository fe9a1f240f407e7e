import type { CheckId } from './checks'
import type { Stage } from './stages'

/** What may be bound: moving to a stage, or handing back itself. */
export type Gate = Stage | 'handed back'

/** A check that an older machine file names and nobody knows: it stays on the job, and only a lead passes it. */
export type AnyCheck = CheckId | `unknown: ${string}`

/** Where a fixing can be on the way down. */
export const OUT_PLACES = ['loosened', 'cell', 'own hole', 'carrier', 'captive', 'bin', 'left in'] as const
export type OutPlace = (typeof OUT_PLACES)[number]

/** Some fixings going to one place. `cell` names the tray cell where the place is `cell`. */
export interface FixingMove {
  readonly members: readonly string[]
  readonly to: OutPlace
  readonly cell?: string
}

export const POWERS = ['live', 'isolated', 'out'] as const
export type Power = (typeof POWERS)[number]

/** How a torque was come by: a wrench with its name, or a pull by hand, which counts as unmeasured. */
export interface Tightened {
  readonly torque?: number
  readonly how?: 'wrench' | 'feel'
  readonly tool?: string
  /** Why it is not the number that the step gives. */
  readonly reason?: string
}

/** One thing looked at in a test: right, wrong, or not tested and said so. */
export interface TestItem {
  readonly name: string
  readonly result: 'right' | 'wrong' | 'not tested'
}
