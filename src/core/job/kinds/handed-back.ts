import { flag } from '../apply-context'
import { stageMissing } from '../check-status'
import { REDUCER_VERSION } from '../state'
import type { ComplaintNow, Used } from '../vocabulary'
import type { KindOf } from './kind'
import type { versions } from './handed-back.schema'

interface HandedBack {
  readonly to: string
  readonly text?: string
  /** Absent where it goes home repaired. */
  readonly as?: 'not repaired'
  /** Why it goes home not repaired. */
  readonly why?: string
  /** What became of what the owner complained of. */
  readonly complaint?: ComplaintNow
  /** What its counter shows. */
  readonly used?: Used
}

/** The machine went home; its page is printed as it stands. Not repaired it is never held back: its page says what is open. */
export const handedBack: KindOf<typeof versions, HandedBack> = {
  reads: { 1: (body) => body, 2: (body) => body },
  writes: {
    1: {
      since: 0,
      write: ({ to, text, as, why }) => {
        const said = [as && `${as}${why ? `: ${why}` : ''}`, text].filter(Boolean).join('; ')
        return { to, ...(said ? { text: said } : {}) }
      },
    },
    2: { since: 16, write: (body) => body },
  },
  writers: 'work',
  struckBy: 'writer',
  ownHand: true,
  noUndo: true,
  claims: [],
  apply(ctx, body) {
    const { draft, entry, mark } = ctx
    const missing = stageMissing(draft, 'handed back', mark.at)
    if (missing.length > 0 && body.as !== 'not repaired') flag(ctx, 'check shut', 'hand back')
    draft.handedBack = { ...mark, ...body, seq: entry.seq, reducer: REDUCER_VERSION, missing }
  },
}
