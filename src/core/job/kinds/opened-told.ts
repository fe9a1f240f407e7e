import type { Opened } from '../../machine'
import { noted } from './kind'
import type { versions } from './opened-told.schema'

/** What was opened, where no plan knows it: the proof of the work goes by it. What is told is added to what is known. */
export const openedTold = noted<typeof versions, { readonly opened: readonly Opened[] }>('work', (draft, told) => draft.opened.push(told))
