import type { CautionRule } from './caution'

export const boltThroughItsGroove: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: ({ joint, limb }) => limb === 'up' && joint?.groove === true,
}
