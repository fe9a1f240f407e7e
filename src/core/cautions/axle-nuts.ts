import type { CautionRule } from './caution'

export const axleNuts: CautionRule = {
  when: ({ joint, limb }) => joint?.critical === 'axle' && limb === 'up',
}
