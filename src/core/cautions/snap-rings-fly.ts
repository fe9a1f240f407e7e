import type { CautionRule } from './caution'

export const snapRingsFly: CautionRule = {
  when: ({ joint }) => joint?.kind === 'ring' && !joint.thread && !joint.torque,
}
