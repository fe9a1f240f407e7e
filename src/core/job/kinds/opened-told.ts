import type { Opened } from '../../machine'
import { asIs, type KindOf } from './kind'
import type { versions } from './opened-told.schema'

/** What was opened, where no plan knows it: the proof of the work goes by it. What is told is added to what is known. */
export const openedTold: KindOf<typeof versions, { readonly opened: readonly Opened[] }> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, { opened }) {
    draft.opened.push({ ...mark, opened })
  },
}
