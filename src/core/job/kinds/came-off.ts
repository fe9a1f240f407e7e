import { cameOffNow } from '../apply-off'
import { asIs, type KindOf } from './kind'
import type { versions } from './came-off.schema'

/** Something came off that no plan has: what it is, how many, where it was and where it lies. One line, one entry. */
export const cameOff: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['step', 'fixing', 'part'],
  apply: cameOffNow,
}
