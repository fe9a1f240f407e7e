import type { JobState } from '../../core/job'
import type { MachineFile } from '../../core/machine'
import type { PlanStart } from '../../core/planning'

/** Where planning starts: what is off now, and how the machine stands. */
export function startOf(state: JobState, file: MachineFile): PlanStart | 'untouched' {
  const undone = new Set(state.up.filter((s) => state.steps[s.id]?.status === 'done').map((s) => s.action))
  const done = state.down.filter((s) => state.steps[s.id]?.status === 'done' && s.action.includes(':')).map((s) => s.action)
  return done.length === 0 ? 'untouched' : { done: done.filter((a) => !undone.has(a)), pose: state.pose.id || file.poses[0]!.id, tool: null }
}
