import type { CautionRule } from './caution'

export const brakeRefitted: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: ({ joint, limb }) => joint?.critical === 'brake' && limb === 'up',
}
