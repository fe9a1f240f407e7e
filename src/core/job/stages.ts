import { checkStatus, isCheck, relevantChecks } from './checks'
import type { AnyCheck, Stage } from './vocabulary'
import type { JobState } from './state'
import type { When } from './times'

/** Checks that bind each stage, and the hand back itself, where the job has them. */
const BINDS: Partial<Record<Stage | 'handed back', readonly AnyCheck[]>> = {
  'hand back': ['tray adds up', 'reaction path', 'brakes', 'spin test'],
  'handed back': ['tray adds up', 'reaction path', 'brakes', 'spin test', 'full cure', 'ridden', 'calibration'],
}

/** What still stands in the way of a stage at time `at`, in words for the screen. */
export function stageMissing(state: JobState, to: Stage | 'handed back', at: When): string[] {
  const relevant = relevantChecks(state)
  return (BINDS[to] ?? [])
    .filter((check) => relevant.includes(check))
    .concat(BINDS[to] ? relevant.filter((check) => !isCheck(check)) : [])
    .map((check) => checkStatus(state, check, at))
    .filter((status) => !status.open)
    .map((status) => status.check)
}
