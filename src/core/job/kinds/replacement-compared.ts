import { settle } from '../claims'
import { asIs, type KindOf } from './kind'
import type { versions } from './replacement-compared.schema'

/** The new part laid beside the old. */
export const replacementCompared: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['match'],
  apply({ draft, entry, mark }, { part, rows }) {
    const outcome = rows.every((r) => r.verdict === 'match') ? 'match' : 'differs'
    const settled = settle(draft, entry, 'match', part, outcome, mark, { ...mark, rows })
    draft.comparisons[part] = { ...settled.value, ...(settled.disputed ? { disputed: settled.disputed } : {}) }
  },
}
