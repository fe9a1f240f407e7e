import { chargeOf, type JobState } from '../../src/core/job'

/** Where a recorded job is reduced otherwise than by reducer 6, which fault that mends, and for which jobs it may be so. */
export interface Difference {
  readonly at: RegExp
  readonly fault: number
  readonly why: string
  readonly only?: (now: JobState) => boolean
}

const unknownVolts = (now: JobState): boolean => chargeOf(now).from === 'nobody'
const twoTablets = (now: JobState): boolean => Object.values(now.heads).some((heads) => new Set(heads.map((h) => h.device)).size > 1)

export const DIFFERENCES: readonly Difference[] = [
  { at: /^\/handedBack\/reducer$/, fault: 14, why: 'the number of the reducer itself' },
  { at: /^\/struck$/, fault: 24, why: 'crossed out, in the order of their ids' },
  { at: /^\/(ridden|charge)$/, fault: 14, why: 'new in the state' },
  { at: /^\/heads\/(pack|proof|ride:.*|match:.*|lock:.*)$/, fault: 14, why: 'what a check rests on is settled between devices' },
  { at: /^\/heads\/check:[^/]*\/\d+\/value$/, fault: 14, why: 'a claim brings what comes with it' },
  { at: /^\/locks$/, fault: 14, why: 'two devices disagree on a cure', only: twoTablets },
  { at: /^\/packCheck(\/|$)/, fault: 14, why: 'two devices disagree on the pack', only: twoTablets },
  { at: /^\/flags$/, fault: 14, why: 'a ride while two devices disagree on the pack', only: twoTablets },
  { at: /^\/power\/proof\/(dead|lasts|ended)$/, fault: 15, why: 'a voltage that nobody knows is the higher class', only: unknownVolts },
  { at: /^\/flags$/, fault: 15, why: 'a proof that no longer proves leaves later steps without one', only: unknownVolts },
]
