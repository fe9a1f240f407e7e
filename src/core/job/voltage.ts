import { type FullCharge, fullCharge } from '../safety'
import type { JobState } from './state'

/** What this job's machine has at full charge, V, and its class. The one answer for the reducer, the checks and every screen. */
export function chargeOf(state: Pick<JobState, 'machine' | 'charge'>): FullCharge {
  return fullCharge(state.machine.file === undefined ? null : state.machine.fullVolts, state.charge)
}

/** More than 60 V DC at full charge, or nobody knows: making it safe, and live again, binds somebody who is qualified for that. */
export function highVoltage(state: Pick<JobState, 'machine' | 'charge'>): boolean {
  return chargeOf(state).cls === 'B'
}
