import { flag } from '../apply-context'
import { stageMissing } from '../check-status'
import { REDUCER_VERSION } from '../state'
import { asIs, type KindOf } from './kind'
import type { versions } from './handed-back.schema'

/** The machine went home; its page is printed as it stands. */
export const handedBack: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  ownHand: true,
  noUndo: true,
  claims: [],
  apply(ctx, body) {
    const { draft, entry, mark } = ctx
    const missing = stageMissing(draft, 'handed back', mark.at)
    if (missing.length > 0) flag(ctx, 'check shut', 'hand back')
    draft.handedBack = { ...mark, ...body, seq: entry.seq, reducer: REDUCER_VERSION, missing }
  },
}
