import { type CautionRule, uses } from './caution'

export const suspendedLoad: CautionRule = {
  when: (at) => uses(at, 'hoist'),
}
