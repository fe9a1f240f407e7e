import { type CautionRule, lean } from './caution'

export const hangsOnItsSide: CautionRule = {
  turning: (turn) => lean(turn.to) >= 45 && lean(turn.to) <= 135,
}
