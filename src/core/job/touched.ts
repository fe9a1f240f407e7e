import type { PlannedStep } from '../planning'
import type { JobState } from './state'

/** When what a step holds was moved last, by its step or by hand, epoch ms; for ever where its threadlocker was disturbed. */
export function touchedAt(state: JobState, step: PlannedStep): number {
  if (state.locks.some((l) => l.subject === step.id && l.disturbed !== undefined)) return Infinity
  const own = state.steps[step.id]
  const fixings = step.fixings.flatMap((f) => state.fixings[f.id] ?? [])
  return Math.max(own?.mark?.at ?? 0, own?.tightened?.at ?? 0, ...fixings.flatMap((f) => [f.mark?.at ?? 0, f.tightened?.at ?? 0]))
}
