import type { CautionRule } from './caution'

export const steeringToTheNumber: CautionRule = {
  when: ({ joint, limb }) => joint?.critical === 'steering' && limb === 'up',
}
