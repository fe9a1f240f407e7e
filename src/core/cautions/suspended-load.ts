import { type CautionRule, uses } from './caution'

export const suspendedLoad: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: (at) => uses(at, 'hoist'),
}
