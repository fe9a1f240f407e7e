import { rolesOf } from '../machine'
import type { CautionRule } from './caution'

export const runsBackward: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ connection, step, limb }) =>
    limb === 'up' && (step?.check === 'spin test' || (connection !== undefined && rolesOf(connection).includes('phases'))),
  sheets: { 'spin test': true },
}
