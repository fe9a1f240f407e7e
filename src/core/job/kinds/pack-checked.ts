import { settle } from '../claims'
import type { Stored } from './fields.schema'
import { byHand, type KindOf } from './kind'
import type { versions } from './pack-checked.schema'

/** The pack was looked over. Volts and °C. */
export const packChecked: KindOf<typeof versions, Stored<typeof versions>[2]> = {
  ...byHand<Stored<typeof versions>[1], Stored<typeof versions>[2]>(),
  writers: 'work',
  struckBy: 'writer',
  claims: ['pack'],
  apply({ draft, entry, mark }, body) {
    const settled = settle(draft, entry, 'pack', '', body.result, mark, { ...mark, ...body })
    draft.packCheck = { ...settled.value, ...(settled.disputed ? { disputed: settled.disputed } : {}) }
  },
}
