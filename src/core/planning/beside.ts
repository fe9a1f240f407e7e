import type { FileIndex, Tool } from '../machine'
import { doingOf, movesOf } from './file-titles'
import type { PlannedStep } from './types'

/** Tools and things that the machine is turned with before a step, and those that the step takes beside the tool in hand. */
export function usedBeside(index: FileIndex, step: PlannedStep): { readonly turning: readonly Tool[]; readonly doing: readonly Tool[] } {
  const tools = (ids: readonly string[]): readonly Tool[] => [...new Set(ids)].flatMap((id) => index.tools.get(id) ?? [])
  return {
    turning: tools(step.turn ? movesOf(index, step.turn).flatMap((m) => m.with ?? []) : []),
    doing: tools(doingOf(index, step)?.with ?? []),
  }
}
