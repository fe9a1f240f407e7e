import { rolesOf } from '../machine'
import type { CautionRule } from './caution'

export const phaseEnds: CautionRule = {
  when: ({ connection, limb }) => limb === 'down' && connection !== undefined && rolesOf(connection).includes('phases'),
  sheets: { turned: true },
}
