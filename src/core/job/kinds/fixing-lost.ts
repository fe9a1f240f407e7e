import { moveFixing } from '../apply-fixings'
import { asIs, type KindOf } from './kind'
import type { versions } from './fixing-lost.schema'

/** A fixing is lost, and counts as loose until it is found, replaced or kept out. */
export const fixingLost: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['fixing'],
  apply(ctx, { members, text }) {
    for (const id of members) moveFixing(ctx, id, 'lost', undefined, text)
  },
}
