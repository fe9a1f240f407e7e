import { type CautionRule, uses } from './caution'

export const shopChemicals: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: (at) => uses(at, 'can'),
}
