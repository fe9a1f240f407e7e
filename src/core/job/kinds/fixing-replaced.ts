import { moveFixing } from '../apply-fixings'
import type { KindOf } from './kind'
import type { versions } from './fixing-replaced.schema'

interface Replaced {
  readonly members: readonly string[]
  /** What the new one is; left out where it is of the same size. */
  readonly label?: string
  /** Why; left out where it is simply worn. */
  readonly reason?: string
}

/** A new one takes the place of a fixing. */
export const fixingReplaced: KindOf<typeof versions, Replaced> = {
  reads: { 1: (body) => body, 2: (body) => body },
  writes: {
    1: { since: 0, write: ({ members, label, reason }) => ({ members, label: label ?? 'new, same size', reason: reason ?? 'worn' }) },
    2: { since: 13, write: (body) => body },
  },
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
