import { asIs, type KindOf } from './kind'
import type { versions } from './parked.schema'

/** The job stands still: why, where, and in what safe state. */
export const parked: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, body) {
    draft.parked = { ...mark, ...body }
  },
}
