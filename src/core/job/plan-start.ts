import { readAction } from '../machine'
import type { JobState } from './state'
import type { MachineFile } from '../machine'
import type { PlanStart } from '../planning'

/** Where planning starts: what is off now and where it lies, and how the machine stands. */
export function startOf(state: JobState, file: MachineFile): PlanStart | 'untouched' {
  const undone = new Set(state.up.filter((s) => state.steps[s.id]?.status === 'done').map((s) => s.action))
  const converted = Object.values(state.converted)
  const gone = new Set(converted.flatMap((c) => c.drops ?? []))
  const came = converted.flatMap((c) => c.brings ?? [])
  const undoneHere = state.down.filter((s) => state.steps[s.id]?.status === 'done' && readAction(s.action) !== null).map((s) => s.action)
  const done = [...undoneHere.filter((a) => !gone.has(a)), ...came]
  const cells = [
    ...new Set(Object.values(state.fixings).flatMap((f) => (f.condition === 'cell' && f.where !== undefined ? [f.where] : []))),
  ]
  return done.length === 0
    ? 'untouched'
    : { done: done.filter((a) => !undone.has(a)), pose: state.pose.id || file.poses[0]!.id, tool: null, cells }
}
