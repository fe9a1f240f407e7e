import { corrected } from '../apply-off'
import { asIs, type KindOf } from './kind'
import type { versions } from './off-corrected.schema'

/** What came off was said otherwise than it is: what is named is put right, the rest stays, and so does its place in the order. */
export const offCorrected: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['fixing', 'part'],
  apply: corrected,
}
