import type { JobState } from '../../core/job'
import type { MachineFile } from '../../core/machine'
import type { PlannedStep } from '../../core/planning'
import { turnNeeded } from './do-step'

/** Ids of the cautions that a card tells: those of the turn before a step, then the step's own. Rules of turns come when wanted. */
export async function toldAt(file: MachineFile | null, state: JobState, step: PlannedStep): Promise<readonly string[]> {
  if (!turnNeeded(state, step)) return step.cautions
  if (!file) return []
  const { cautionsOfTurn } = await import('../../core/cautions')
  return cautionsOfTurn(file, step.turn?.by ?? [])
}
