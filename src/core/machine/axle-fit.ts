import type { Dropout } from '../axle'

/** An axle in its frame. Lengths in mm. */
export interface AxleFit {
  readonly id: string
  /** The part that has it: a motor, a wheel. */
  readonly part: string
  /** Ids of its stacks, left and right. */
  readonly stacks: readonly [left: string, right: string]
  /** Over the shoulders of the hub. */
  readonly hub: number
  /** Of the frame, between its faces. */
  readonly opening: number
  /** Shoulder to end of the axle, left and right. */
  readonly standsOut: readonly [left: number, right: number]
  /** As written: `M12×1.25`. */
  readonly thread: string
  /** Across its flats; absent where the axle is round, and nothing holds it but its nuts. */
  readonly flats?: number
  /** Dropouts: what they are made of, how thick along the axle, and how wide their slot is. */
  readonly dropout: { readonly material: Dropout; readonly thickness: number; readonly slot?: number }
  /** Where flats are held: at both ends, or at one. */
  readonly held?: 'both' | 'one'
  /** Face of the washer or nut on the dropout, across. */
  readonly face: number
  /** Phase current of the drive at its most, driving and slowing, A. */
  readonly amps?: { readonly drive: number; readonly regen: number }
}
