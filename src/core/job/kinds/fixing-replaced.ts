import { moveFixing } from '../apply-fixings'
import { asIs, type KindOf } from './kind'
import type { versions } from './fixing-replaced.schema'

/** A new one takes the place of a fixing. */
export const fixingReplaced: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['fixing'],
  apply(ctx, { members, label }) {
    for (const id of members) {
      moveFixing(ctx, id, 'new wanted', undefined, label)
      const f = ctx.draft.fixings[id]
      if (f) ctx.draft.fixings[id] = { ...f, replaced: f.replaced + 1, hasBeenOut: true }
    }
  },
}
