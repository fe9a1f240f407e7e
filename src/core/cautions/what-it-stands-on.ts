import { type CautionRule, STANDS, uses } from './caution'

export const whatItStandsOn: CautionRule = {
  level: 'look',
  asks: 'eye',
  turning: (turn) => uses(turn, ...STANDS),
}
