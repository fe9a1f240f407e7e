import { takenOver } from '../apply-power'
import { asIs, type KindOf } from './kind'
import type { versions } from './resumed.schema'

/** A parked job was taken up again. */
export const resumed: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply(ctx) {
    delete ctx.draft.parked
    takenOver(ctx, ctx.entry.by)
  },
}
