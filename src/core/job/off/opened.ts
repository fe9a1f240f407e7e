import type { Opened } from '../../machine'
import { openedIn } from '../proving'
import type { JobState } from '../state'

/**
 * Was one of these opened on a machine that no file knows? Where nobody said what came off, it may have been: what is not known is
 * looked at. With a plan the plan has its checks.
 */
export function openedWithoutFile(state: JobState, roles: readonly Opened[]): boolean {
  if (state.planned || state.offs.length === 0) return false
  const opened = openedIn(state)
  return opened === null || opened.some((o) => roles.includes(o))
}
