import type { RideLogSummary } from '../src/core/ride'

/** The log of a short ride that says these things. */
export const logOf = (findings: RideLogSummary['findings'], more: Partial<RideLogSummary> = {}): RideLogSummary => ({
  name: 'x.csv',
  rows: 9,
  kept: 9,
  seconds: 9,
  hz: 25,
  notes: [],
  findings,
  strips: { from: 0, to: 1, slices: 10, channels: {} },
  ...more,
})
