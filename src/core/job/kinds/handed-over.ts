import { takenOver } from '../apply-power'
import { asIs, type KindOf } from './kind'
import type { versions } from './handed-over.schema'

/** The job goes to somebody else. */
export const handedOver: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply(ctx, body) {
    ctx.draft.handedOver = { ...ctx.mark, ...body }
    takenOver(ctx, null)
  },
}
