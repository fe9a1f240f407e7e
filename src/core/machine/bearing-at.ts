import type { HousingClass, ShaftClass } from '../bearings'

/** A bearing that a job meets: which one, what it sits on and in, and what passes it. Lengths in mm. */
export interface BearingAt {
  /** The part that it is; absent where it stays in another. */
  readonly part?: string
  /** As it is ordered: `6002-2RS`. */
  readonly designation: string
  /** The joint that puts it in its seat, or the part whose shaft is pushed into it. */
  readonly by: string
  /** The class of what presses it: of a shaft its inner ring takes the press, of a housing its outer one. */
  readonly fit: ShaftClass | HousingClass
  /** Where it may be shimmed: from its shoulder to what closes it in, the collar between, and the play wanted, least and most. */
  readonly seat?: { readonly depth: number; readonly collar: number; readonly low: number; readonly high: number }
}
