import { adoptPlan } from '../apply-plan'
import { asIs, type KindOf } from './kind'
import type { versions } from './plan-adopted.schema'

/** A plan takes over the limbs. Steps already done that it does not hold stay, ahead of it; nothing done is forgotten. */
export const planAdopted: KindOf<typeof versions> = {
  reads: asIs, writers: 'work', struckBy: 'writer', stamped: true, noUndo: true, claims: [],
  apply({ draft, entry }, body) {
    adoptPlan(draft, body, entry.stamp)
  },
}
