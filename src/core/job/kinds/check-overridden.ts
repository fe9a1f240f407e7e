import { flag } from '../apply-context'
import { setCheck } from '../apply-steps'
import { asksOwner, mayOverride } from '../check-status'
import type { AnyCheck } from '../vocabulary'
import type { KindOf } from './kind'
import type { versions } from './check-overridden.schema'

interface Overridden {
  readonly check: AnyCheck
  readonly reason: string
  /** Who said yes for the owner. */
  readonly owner?: string
}

/** Somebody goes on without a check, and says why; where it is the owner's to say, who said yes. */
export const checkOverridden: KindOf<typeof versions, Overridden> = {
  reads: { 1: (body) => body, 2: (body) => body as Overridden },
  writes: {
    1: { since: 0, write: ({ owner: _, ...body }) => body },
    2: { since: 18, write: (body) => body },
  },
  writers: 'work',
  struckBy: 'lead',
  ownHand: true,
  keyed: true,
  claims: ['check'],
  apply(ctx, { check, reason, owner }) {
    if (mayOverride(check) === 'nobody' || (asksOwner(check) && owner === undefined)) return flag(ctx, 'no override here', check)
    setCheck(ctx, check, 'overridden', { reason, ...(owner === undefined ? {} : { owner }) })
  },
}
