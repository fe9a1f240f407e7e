import { type CautionRule, uses } from './caution'

export const strapOnALead: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: (at) => uses(at, 'strap'),
  turning: (turn) => uses(turn, 'strap'),
}
