import type { CautionRule } from './caution'

export const driverLow: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ joint, limb }) => limb === 'up' && joint?.driver !== undefined,
}
