import { classRaised } from '../apply-power'
import type { Stored } from './fields.schema'
import { byHand, type KindOf } from './kind'
import type { versions } from './voltage-told.schema'

/** What the pack has at full charge, V, and how that is known: a charger’s label, its cells, or a reading of the pack as it is now. */
export const voltageTold: KindOf<typeof versions, Stored<typeof versions>[2]> = {
  ...byHand<Stored<typeof versions>[1], Stored<typeof versions>[2]>(),
  writers: 'work',
  struckBy: 'lead',
  stamped: true,
  claims: [],
  apply(ctx, { from, volts }) {
    const { draft, entry, mark } = ctx
    draft.charge.push({ ...mark, from: entry.stamp?.role === 'front desk' ? 'door' : from, volts })
    classRaised(ctx)
  },
}
