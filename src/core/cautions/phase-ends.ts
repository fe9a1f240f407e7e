import { rolesOf } from '../machine'
import type { CautionRule } from './caution'

export const phaseEnds: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ connection, limb }) => limb === 'down' && connection !== undefined && rolesOf(connection).includes('phases'),
  sheets: { turned: true },
}
