import type { CautionRule } from './caution'

export const everyRingBack: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ joint, limb }) => limb === 'up' && joint?.kind === 'ring' && joint.thread === undefined,
}
