import type { CautionRule } from './caution'

export const driverLow: CautionRule = {
  when: ({ joint, limb }) => limb === 'up' && joint?.driver !== undefined,
}
