import { takenLive } from '../apply-power'
import { asIs, type KindOf } from './kind'
import type { versions } from './reading-taken.schema'

/** A reading with its unit; which test asked for it, on which drive, and what was keyed in where it is worked out from several. */
export const readingTaken: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply(ctx, body) {
    ctx.draft.readings.push({ ...ctx.mark, ...body })
    takenLive(ctx, body.live, body.quantity)
  },
}
