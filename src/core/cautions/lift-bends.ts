import { type CautionRule, LIFTERS, uses } from './caution'

export const liftBends: CautionRule = {
  when: (at) => at.part !== undefined && uses(at, ...LIFTERS),
  turning: (turn) => uses(turn, ...LIFTERS),
}
