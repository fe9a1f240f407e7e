import type { CautionRule } from './caution'

export const boltThroughItsGroove: CautionRule = {
  when: ({ joint, limb }) => limb === 'up' && joint?.groove === true,
}
