import { type FileIndex, subjectOf } from '../machine'
import type { PlannedStep } from './types'

/** Which end of the machine a step is about; undefined where the file names none. */
function endOf(index: FileIndex, { action }: Pick<PlannedStep, 'action'>): string | undefined {
  const id = subjectOf(action)
  return (index.joints.get(id) ?? index.parts.get(id) ?? index.connections.get(id) ?? index.steps.get(id))?.end
}

/**
 * The title of a step in a job that may have two ends: there each names its end, unless it says it already.
 * @param goals ids of the jobs that are done in one go
 */
export function titleWithEnd(index: FileIndex, goals: readonly string[], step: Pick<PlannedStep, 'action' | 'title'>): string {
  const end = goals.length > 1 ? endOf(index, step) : undefined
  if (end === undefined || step.title.toLowerCase().includes(end.toLowerCase())) return step.title
  return `${end.charAt(0).toUpperCase()}${end.slice(1)}: ${step.title.charAt(0).toLowerCase()}${step.title.slice(1)}`
}
