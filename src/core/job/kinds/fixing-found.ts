import { moveFixing } from '../apply-fixings'
import { asIs, type KindOf } from './kind'
import type { versions } from './fixing-found.schema'

/** A lost fixing turned up, and lies in the tray. */
export const fixingFound: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['fixing'],
  apply(ctx, { members, cell }) {
    for (const id of members) moveFixing(ctx, id, 'cell', cell)
  },
}
