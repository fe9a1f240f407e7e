import { type CautionRule, partsAt } from './caution'

export const lockerOnPlastic: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: (at) => at.limb === 'up' && at.joint?.lock !== undefined && partsAt(at).some((p) => p.plastic === true),
}
