import { expose } from 'comlink'
import type { Guard, MachineFile } from '../core/machine'
import { plan, type PlanOptions, type PlanStart } from '../core/planning'

/** Minutes to where each guard holds, from where the machine stands; null where it cannot be reached. */
function reach(file: MachineFile, from: PlanStart | 'untouched', guards: readonly Guard[], options: PlanOptions): (number | null)[] {
  return guards.map((guard, i) => {
    const id = `reach-${i}`
    const result = plan({ ...file, goals: [...file.goals, { id, name: id, guard }] }, from, [id], options)
    return result.ok ? result.value.down.minutes.elapsed : null
  })
}

/** Hands-on minutes of whole jobs, down, swap and up; null where there is no plan. */
function jobMinutes(file: MachineFile, from: PlanStart | 'untouched', goals: readonly string[], options: PlanOptions): (number | null)[] {
  return goals.map((goal) => {
    const result = plan(file, from, [goal], options)
    if (!result.ok) return null
    const { down, swap, up } = result.value
    return Math.round(down.minutes.handsOn + swap.reduce((n, s) => n + s.minutes.likely, 0) + up.minutes.handsOn)
  })
}

/** The planner, off the main thread. */
const api = { plan, reach, jobMinutes }
export type PlannerApi = typeof api

expose(api)
