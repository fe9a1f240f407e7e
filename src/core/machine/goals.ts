import { withWorstCase } from './file-index'
import { holds, type Variants } from './guards'
import type { FileWidths, Goal, MachineFile } from './types'

const AND = ' + '
const spaced = (text: string): string => `${AND}${text.trim().replace(/\s*\+\s*/g, AND)}${AND}`

/** Several jobs to do in one go, as a text that `isNamed` reads: `front motor + rear motor`. */
export const inOneGo = (names: readonly string[]): string => names.join(AND)

/** Is the job among those of the text, in large letters or small? */
export const isNamed = (text: string, job: string): boolean => spaced(text).toLowerCase().includes(spaced(job).toLowerCase())

/** The text with the job, or without it where it was named; the rest stays as it was written. */
export function toggleNamed(text: string, job: string): string {
  if (!isNamed(text, job)) return inOneGo([...(text.trim() ? [text.trim()] : []), job])
  const at = spaced(text).toLowerCase().indexOf(spaced(job).toLowerCase())
  const [before, after] = [spaced(text).slice(0, at), spaced(text).slice(at + spaced(job).length)]
  return inOneGo([before, after].map((part) => part.replace(/^ \+ | \+ $/g, '')).filter(Boolean))
}

/** What of a text the file knows, in the order of the file. */
export const goalsNamed = (file: MachineFile, text: string): readonly Goal[] => file.goals.filter((g) => isNamed(text, g.name))

/**
 * What has to be answered beside, so that a job can be had: nothing where it can at the worst, else the first answer of an open question
 * that makes it possible; null where the answers rule it out.
 */
export function answersBeside(file: MachineFile, goal: Goal, answered: Variants): Variants | null {
  const open = file.variants.filter((v) => answered[v.id] === undefined)
  const each = open.flatMap((v) => v.options.map((o): Variants => ({ [v.id]: o.id })))
  const possible = (more: Variants): boolean => holds(goal.when, () => false, withWorstCase(file, { ...answered, ...more }))
  return [{}, ...each].find(possible) ?? null
}

/** Jobs that a machine with these answers can have done; what nobody has answered rules nothing out. */
export const goalsOf = (file: MachineFile, answered: Variants): readonly Goal[] =>
  file.goals.filter((g) => answersBeside(file, g, answered) !== null)

/** Answers with which a job can be had, where nobody has answered anything. */
export const answersFor = (file: MachineFile, goal: Goal): Variants => answersBeside(file, goal, {}) ?? {}

/** What comes in several widths on a machine with these answers. */
export function widthsOf(file: MachineFile, variants: Variants): readonly FileWidths[] {
  const answered = withWorstCase(file, variants)
  return (file.widths ?? []).filter((w) => holds(w.when, () => false, answered))
}
