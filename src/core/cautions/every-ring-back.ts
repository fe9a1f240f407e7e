import type { CautionRule } from './caution'

export const everyRingBack: CautionRule = {
  when: ({ joint, limb }) => limb === 'up' && joint?.kind === 'ring' && joint.thread === undefined,
}
