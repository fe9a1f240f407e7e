import { type CautionRule, STANDS, uses } from './caution'

export const whatItStandsOn: CautionRule = {
  turning: (turn) => uses(turn, ...STANDS),
}
