import { type CautionRule, hasKind } from './caution'

export const sealInItsGroove: CautionRule = {
  when: (at) => at.limb === 'up' && hasKind(at, 'seal'),
}
