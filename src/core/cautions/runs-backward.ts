import { rolesOf } from '../machine'
import type { CautionRule } from './caution'

export const runsBackward: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ connection, limb }) => limb === 'up' && connection !== undefined && rolesOf(connection).includes('phases'),
}
