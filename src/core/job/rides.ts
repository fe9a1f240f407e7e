import type { RideStage } from '../ride'
import type { JobState } from './state'

/** Rungs of the ride that count as passed: the latest ride of each was not stopped, and no two devices disagree on it. */
export function ridesPassed(state: Pick<JobState, 'ridden'>): ReadonlySet<RideStage> {
  return new Set(
    (Object.keys(state.ridden) as RideStage[]).filter((s) => state.ridden[s]!.outcome === 'passed' && !state.ridden[s]!.disputed),
  )
}
