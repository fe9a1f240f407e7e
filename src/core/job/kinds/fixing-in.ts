import { moveIn } from '../apply-fixings'
import { asIs, type KindOf } from './kind'
import type { versions } from './fixing-in.schema'

/** Fixings went back, and how far they are tight. N·m. */
export const fixingIn: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['fixing'],
  apply(ctx, body) {
    moveIn(ctx, body)
  },
}
