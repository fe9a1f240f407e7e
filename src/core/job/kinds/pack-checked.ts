import { settle } from '../claims'
import { asIs, type KindOf } from './kind'
import type { versions } from './pack-checked.schema'

/** The pack was looked over. Volts and °C. */
export const packChecked: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['pack'],
  apply({ draft, entry, mark }, body) {
    const settled = settle(draft, entry, 'pack', '', body.result, mark, { ...mark, ...body })
    draft.packCheck = { ...settled.value, ...(settled.disputed ? { disputed: settled.disputed } : {}) }
  },
}
