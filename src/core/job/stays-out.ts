import type { PlannedStep } from '../planning'
import type { JobState } from './state'

/** Is all that a step brings back left over from the width before? */
export function staysOut(state: Pick<JobState, 'converted'>, step: PlannedStep): boolean {
  const out = Object.values(state.converted).flatMap((c) => [
    ...c.off.flatMap((p) => p.of ?? []),
    ...c.bolts.flatMap((b) => (b.to === undefined ? b.of : [])),
  ])
  const own = [...step.fixings, ...step.parts]
  return out.length > 0 && own.length > 0 && own.every(({ id }) => out.includes(id))
}
