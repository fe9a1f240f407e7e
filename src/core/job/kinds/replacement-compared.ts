import { settle } from '../claims'
import type { Stored } from './fields.schema'
import { byHand, type KindOf } from './kind'
import type { versions } from './replacement-compared.schema'

/** The new part laid beside the old. */
export const replacementCompared: KindOf<typeof versions, Stored<typeof versions>[2]> = {
  ...byHand<Stored<typeof versions>[1], Stored<typeof versions>[2]>(),
  writers: 'work',
  struckBy: 'writer',
  claims: ['match'],
  apply({ draft, entry, mark }, { part, rows, instrument }) {
    const outcome = rows.every((r) => r.verdict === 'match') ? 'match' : 'differs'
    const settled = settle(draft, entry, 'match', part, outcome, mark, { ...mark, rows, ...(instrument ? { instrument } : {}) })
    draft.comparisons[part] = { ...settled.value, ...(settled.disputed ? { disputed: settled.disputed } : {}) }
  },
}
