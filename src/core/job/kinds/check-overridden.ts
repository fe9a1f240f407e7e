import { flag } from '../apply-context'
import { setCheck } from '../apply-steps'
import { mayOverride } from '../check-status'
import { asIs, type KindOf } from './kind'
import type { versions } from './check-overridden.schema'

/** Somebody goes on without a check, and says why. */
export const checkOverridden: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'lead',
  ownHand: true,
  keyed: true,
  claims: ['check'],
  apply(ctx, { check, reason }) {
    if (mayOverride(check) === 'nobody') return flag(ctx, 'no override here', check)
    setCheck(ctx, check, 'overridden', { reason })
  },
}
