import type { CautionRule } from './caution'

export const greaseOnBrake: CautionRule = {
  when: (at) => at.limb === 'up' && (at.joint?.critical === 'brake' || at.part?.role === 'brake'),
}
