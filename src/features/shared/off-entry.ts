import { freeCell } from '../../core/machine'
import { type Bodies, type JobState, type OffFacts, offRule } from '../../core/job'

let made = 0
/** An id for what came off, or was found: no other tablet makes the same. */
export const newId = (): string => `n${Date.now().toString(36)}${Math.floor(Math.random() * 1296).toString(36)}${(made++).toString(36)}`

/** The next cell of the tray in which nothing lies, nor belongs. */
export const freeCellOf = ({ fixings }: Pick<JobState, 'fixings'>): string =>
  freeCell(new Set(Object.values(fixings).flatMap((f) => (f.where ? [f.where] : f.cell ? [f.cell] : []))))

/** Does it lie in a cell? */
export const lies = ({ sort, keep = 'cell' }: Pick<OffFacts, 'sort' | 'keep'>): boolean =>
  offRule(sort).is === 'fixings' && !offRule(sort).renewed && keep === 'cell'

/** The entry for something that came off and is in no file: into its cell, or the next free one. */
export function offEntry(
  state: Pick<JobState, 'fixings'>,
  facts: OffFacts,
  after?: string,
): { readonly kind: 'came-off'; readonly body: Bodies['came-off'] } {
  const { cell, ...rest } = facts
  return {
    kind: 'came-off',
    body: { step: `off:${newId()}`, ...rest, ...(after ? { after } : {}), ...(lies(facts) ? { cell: cell ?? freeCellOf(state) } : {}) },
  }
}
