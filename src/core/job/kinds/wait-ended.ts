import { endWait } from '../waits'
import { asIs, type KindOf } from './kind'
import type { versions } from './wait-ended.schema'

/** A wait is over: so many seconds ran since the entry that began it. Made too early it is kept, flagged, and passes nothing. */
export const waitEnded: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  noUndo: true,
  claims: [],
  apply(ctx, { step, of, seconds }) {
    endWait(ctx, step, of, seconds)
  },
}
