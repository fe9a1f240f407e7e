import { type CautionRule, uses } from './caution'

export const strapOnALead: CautionRule = {
  when: (at) => uses(at, 'strap'),
  turning: (turn) => uses(turn, 'strap'),
}
