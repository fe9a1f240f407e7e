import { moveOut } from '../apply-fixings'
import { asIs, type KindOf } from './kind'
import type { versions } from './fixing-out.schema'

/** Fixings came off, and where they went. */
export const fixingOut: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['fixing'],
  apply(ctx, body) {
    moveOut(ctx, body)
  },
}
