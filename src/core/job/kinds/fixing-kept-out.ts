import { moveFixing } from '../apply-fixings'
import type { KindOf } from './kind'
import type { versions } from './fixing-kept-out.schema'

interface KeptOut {
  readonly members: readonly string[]
  /** Why; left out where it is simply not needed. */
  readonly reason?: string
}

/** A fixing does not go back, on purpose. */
export const fixingKeptOut: KindOf<typeof versions, KeptOut> = {
  reads: { 1: (body) => body, 2: (body) => body },
  writes: {
    1: { since: 0, write: ({ members, reason }) => ({ members, reason: reason ?? 'not needed' }) },
    2: { since: 13, write: (body) => body },
  },
  writers: 'work',
  struckBy: 'writer',
  claims: ['fixing'],
  apply(ctx, { members, reason }) {
    for (const id of members) moveFixing(ctx, id, 'kept out', undefined, reason)
  },
}
