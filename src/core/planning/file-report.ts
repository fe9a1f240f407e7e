import { answersFor, type MachineFile } from '../machine'
import { plan } from './plan'
import type { PlanError } from './types'

/** What the planner makes of each job of a file, unanswered questions at their worst. */
export interface JobReport {
  readonly goal: string
  readonly name: string
  readonly error?: PlanError
  readonly steps?: { readonly down: number; readonly up: number }
  readonly minutes?: number
  readonly proved?: boolean
}

/** Plans every job of a file, one by one; `onJob` is told how many are done. */
export function reportJobs(file: MachineFile, onJob: (done: number, of: number) => void = () => undefined): JobReport[] {
  return file.goals.map((goal, i): JobReport => {
    onJob(i, file.goals.length)
    const found = plan(file, 'untouched', [goal.id], { variants: answersFor(file, goal), nodeLimit: 5_000 })
    const head = { goal: goal.id, name: goal.name }
    if (!found.ok) return { ...head, error: found.error }
    const { down, up } = found.value
    return {
      ...head,
      steps: { down: down.steps.length, up: up.steps.length },
      minutes: Math.round(down.minutes.handsOn + up.minutes.handsOn),
      proved: down.proved && up.proved,
    }
  })
}
