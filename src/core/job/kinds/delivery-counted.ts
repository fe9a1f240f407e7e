import { asIs, type KindOf } from './kind'
import type { versions } from './delivery-counted.schema'

/** What came for the job, counted; `also` is what came beside it. */
export const deliveryCounted: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'door',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, body) {
    draft.delivery = { ...mark, ...body }
  },
}
