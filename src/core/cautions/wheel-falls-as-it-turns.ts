import { type CautionRule, laidOver } from './caution'

export const wheelFallsAsItTurns: CautionRule = {
  turning: laidOver,
}
