import type { CautionRule } from './caution'

export const axleNuts: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: ({ joint, limb }) => joint?.critical === 'axle' && limb === 'up',
}
