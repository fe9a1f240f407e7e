import { orderSaid } from '../apply-off'
import { asIs, type KindOf } from './kind'
import type { versions } from './order-said.schema'

/** What came off held what came off after it, or did not. */
export const orderSaidOf: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply: orderSaid,
}
