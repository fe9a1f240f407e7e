import { type CautionRule, partsAt } from './caution'

export const lockerOnPlastic: CautionRule = {
  when: (at) => at.limb === 'up' && at.joint?.lock !== undefined && partsAt(at).some((p) => p.plastic === true),
}
