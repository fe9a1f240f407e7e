import { type CautionRule, lean } from './caution'

export const hangsOnItsSide: CautionRule = {
  level: 'look',
  asks: 'eye',
  turning: (turn) => lean(turn.to) >= 45 && lean(turn.to) <= 135,
}
