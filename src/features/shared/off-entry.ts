import { cellName, freeCell, type Tray } from '../../core/machine'
import { type Bodies, cellApart, type JobState, type OffFacts, offRule } from '../../core/job'

let made = 0
/** An id for what came off, or was found: no other tablet makes the same. */
export const newId = (): string => `n${Date.now().toString(36)}${Math.floor(Math.random() * 1296).toString(36)}${(made++).toString(36)}`

/** The next cell of the tray in which nothing lies, nor belongs, apart from what looks like it; past its end where it is full. */
export function freeCellOf(state: Pick<JobState, 'fixings'>, tray: Tray, label: string): string {
  const names = Array.from({ length: tray.rows * tray.columns }, (_, n) => cellName(n, tray))
  const used = Object.values(state.fixings).flatMap((f) => (f.where ? [f.where] : f.cell ? [f.cell] : []))
  return cellApart(state, label, names) ?? freeCell(new Set([...names, ...used]), tray)
}

/** Does it lie in a cell? */
export const lies = ({ sort, keep = 'cell' }: Pick<OffFacts, 'sort' | 'keep'>): boolean =>
  offRule(sort).is === 'fixings' && !offRule(sort).renewed && keep === 'cell'

/** The entry for something that came off and is in no file: into its cell, or the next free one. */
export function offEntry(
  state: Pick<JobState, 'fixings'>,
  tray: Tray,
  facts: OffFacts,
  after?: string,
): { readonly kind: 'came-off'; readonly body: Bodies['came-off'] } {
  const { cell, ...rest } = facts
  return {
    kind: 'came-off',
    body: {
      step: `off:${newId()}`,
      ...rest,
      ...(after ? { after } : {}),
      ...(lies(facts) ? { cell: cell ?? freeCellOf(state, tray, facts.text ?? facts.sort) } : {}),
    },
  }
}
