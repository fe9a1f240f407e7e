import { type CautionRule, hasKind } from './caution'

export const keyInItsSeat: CautionRule = {
  when: (at) => at.limb === 'up' && hasKind(at, 'key'),
}
