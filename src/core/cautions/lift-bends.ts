import { type CautionRule, LIFTERS, uses } from './caution'

export const liftBends: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: (at) => at.part !== undefined && uses(at, ...LIFTERS),
  turning: (turn) => uses(turn, ...LIFTERS),
}
