import type { CautionRule } from './caution'

export const snapRingsFly: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ joint }) => joint?.kind === 'ring' && !joint.thread && !joint.torque,
}
