import { moveFixing } from '../apply-fixings'
import { asIs, type KindOf } from './kind'
import type { versions } from './fixing-kept-out.schema'

/** A fixing does not go back, on purpose. */
export const fixingKeptOut: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['fixing'],
  apply(ctx, { members, reason }) {
    for (const id of members) moveFixing(ctx, id, 'kept out', undefined, reason)
  },
}
