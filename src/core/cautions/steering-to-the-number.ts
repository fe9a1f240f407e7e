import type { CautionRule } from './caution'

export const steeringToTheNumber: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: ({ joint, limb }) => joint?.critical === 'steering' && limb === 'up',
}
