import type { PlannedStep } from '../planning'
import { judge, notedDown } from './measuring'
import type { Missing } from './missing'
import type { JobState } from './state'
import { touchedAt } from './touched'

/** Steps of the way up that read a running clearance of something that came off. */
export const clearanceSteps = ({ up, steps }: JobState): readonly PlannedStep[] =>
  up.filter((s) => s.check === 'running clearance' && isTouched(judgedOf(up, s), steps))

const isTouched = (judged: readonly PlannedStep[], steps: JobState['steps']): boolean =>
  judged.every((j) => j.pair === undefined) || judged.some((j) => j.pair !== undefined && steps[j.pair]?.status === 'done')

const judgedOf = (up: readonly PlannedStep[], step: PlannedStep): readonly PlannedStep[] =>
  up.filter((s) => (step.after ?? []).includes(s.id))

/**
 * Clearances that are still to be read: never yet, outside their window, touched since, or once more after the first powered turn. Each by
 * itself: one that is read says nothing of another.
 */
export function clearancesMissing(state: JobState): readonly Missing[] {
  const turned = state.checks['spin test']?.passed?.at ?? 0
  return clearanceSteps(state).flatMap((step): Missing[] => {
    const last = state.steps[step.id]?.took?.at(-1)
    if (!last || !judge(step.wants ?? [], step.relations ?? [], last.figures, notedDown(state)).holds)
      return [{ is: 'step', step: step.id }]
    if (judgedOf(state.up, step).some((s) => s.check === undefined && touchedAt(state, s) > last.at))
      return [{ is: 'touched', step: step.id }]
    return step.again && turned > last.at ? [{ is: 'clearance again', step: step.id }] : []
  })
}
