import { type CautionRule, uses } from './caution'

export const shopChemicals: CautionRule = {
  when: (at) => uses(at, 'can'),
}
