import { flag } from '../apply-context'
import { asIs, type KindOf } from './kind'
import type { versions } from './struck.schema'

/** Another entry is crossed out, or, where that is a crossing-out, brought back. Judged before folding (`struckIds`). */
export const struck: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  noUndo: true,
  claims: [],
  apply(ctx, { target }) {
    // One whose target is not here, or comes later, strikes nothing.
    if (!ctx.draft.struck.includes(target)) flag(ctx, 'nothing to cross out', target)
  },
}
