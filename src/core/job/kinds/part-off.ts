import { movePart } from '../apply-fixings'
import { asIs, type KindOf } from './kind'
import type { versions } from './part-off.schema'

/** Parts came off. */
export const partOff: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['part'],
  apply(ctx, { parts }) {
    for (const id of parts) movePart(ctx, id, 'off')
  },
}
