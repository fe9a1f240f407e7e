import type { Missing } from './missing'
import type { JobState, LockState } from './state'
import { earliestOf, type When } from './times'

/** Threadlocker that was disturbed, or has not come as far as `until`. */
export function curing(state: Pick<JobState, 'locks'>, at: When, until: (lock: LockState) => number): Missing[] {
  return state.locks
    .filter((l) => l.disturbed !== undefined || earliestOf(at) < until(l))
    .map((l) => ({ is: 'curing', product: l.product, subject: l.subject, disturbed: l.disturbed !== undefined }))
}
