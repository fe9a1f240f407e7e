import type { CautionRule } from './caution'

export const greaseOnBrake: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: (at) => at.limb === 'up' && (at.joint?.critical === 'brake' || at.part?.role === 'brake'),
}
