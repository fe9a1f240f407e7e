import type { PlannedStep } from '../../planning'
import type { FixingCondition, JobState } from '../state'

/** Off, wherever it lies: not back, not lost, and not kept out on purpose. */
const OUT: ReadonlySet<FixingCondition> = new Set(['loosened', 'cell', 'own hole', 'carrier', 'captive', 'bin'])

/**
 * Is something of a return that was done still off? A line was put right to more, or brought back, after what there was of it had gone
 * home: what is left of it is offered again.
 */
export function stillOut(state: Pick<JobState, 'fixings' | 'parts'>, step: PlannedStep): boolean {
  if (!step.id.startsWith('up:off:')) return false
  const fixing = step.fixings.some(({ id }) => {
    const now = state.fixings[id]
    return now !== undefined && !now.disputed && OUT.has(now.condition)
  })
  return fixing || step.parts.some(({ id }) => state.parts[id]?.condition === 'off' && !state.parts[id].disputed)
}
