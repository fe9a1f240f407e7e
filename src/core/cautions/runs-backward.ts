import { rolesOf } from '../machine'
import type { CautionRule } from './caution'

export const runsBackward: CautionRule = {
  when: ({ connection, step, limb }) =>
    limb === 'up' && (step?.check === 'spin test' || (connection !== undefined && rolesOf(connection).includes('phases'))),
  sheets: { 'spin test': true },
}
