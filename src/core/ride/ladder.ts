import type { Opened } from '../machine'
import type { Ladder } from './ladders'
import { type RideKind, type RideStage, rungOf } from './rungs'

/** What kind of ride it is; one that is logged without a rung counts as one on the road. */
export function kindOfRide(stage: RideStage | undefined): RideKind {
  return stage === undefined ? 'ridden' : rungOf(stage).kind
}

/** What ends a ride at once, at every stage. */
export const STOP_SIGNS = ['noise', 'smell', 'code', 'motor too hot', 'mark moved', 'brake soft', 'pulls to a side'] as const
export type StopSign = (typeof STOP_SIGNS)[number]

/** The rungs that a machine has to pass by what was opened, in the order of its ladder. */
export function wantedRungs(ladder: Ladder, opened: readonly Opened[]): readonly RideStage[] {
  const named = new Set((opened.length > 0 ? opened : (['nothing'] as const)).flatMap((o) => ladder.wanted[o]))
  // Whoever rides on has ridden the short one.
  if (named.has('gentle') || named.has('full')) named.delete('short ride')
  return ladder.rungs.filter((r) => named.has(r))
}

/** The rungs of one ride that went as far as `to`: those that are wanted below it, not yet passed, and itself. */
export function rungsUpTo(
  ladder: Ladder,
  wanted: readonly RideStage[],
  passed: ReadonlySet<RideStage>,
  to: RideStage,
): readonly RideStage[] {
  const end = ladder.rungs.indexOf(to)
  return ladder.rungs.filter((r, i) => r === to || (i < end && wanted.includes(r) && !passed.has(r)))
}

/** Was the ride long enough for a rung? What was not noted is not short, it is not known. */
export function longEnough(stage: RideStage, ride: { readonly metres?: number; readonly minutes?: number }): boolean {
  const { metres, minutes } = rungOf(stage)
  return !(
    (metres !== undefined && ride.metres !== undefined && ride.metres < metres) ||
    (minutes !== undefined && ride.minutes !== undefined && ride.minutes < minutes)
  )
}
