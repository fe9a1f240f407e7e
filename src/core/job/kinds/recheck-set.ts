import { asIs, type KindOf } from './kind'
import type { versions } from './recheck-set.schema'

/** Something is to be looked at again: when, in words, and on which day or after how many kilometres where it has them. */
export const recheckSet: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'door',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, body) {
    draft.rechecks.push({ ...mark, ...body })
  },
}
