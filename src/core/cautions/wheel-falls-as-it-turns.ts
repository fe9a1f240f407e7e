import { type CautionRule, laidOver } from './caution'

export const wheelFallsAsItTurns: CautionRule = {
  level: 'look',
  asks: 'eye',
  turning: laidOver,
}
