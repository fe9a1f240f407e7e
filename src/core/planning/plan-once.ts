import type { MachineFile } from '../machine'
import { plan, type PlanOptions, type PlanResult, type PlanStart } from './index'

const made = new Map<string, PlanResult>()

/** For tests: `plan`, worked out once for the same file, start, goals and options, whichever test of this process asked first. */
export function planOnce(file: MachineFile, from: PlanStart | 'untouched', goals: readonly string[], options: PlanOptions): PlanResult {
  const key = JSON.stringify([file, from, goals, options])
  const known = made.get(key)
  if (known) return known
  const found = plan(file, from, goals, options)
  made.set(key, found)
  return found
}
