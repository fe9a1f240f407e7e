import { type CautionRule, uses } from './caution'

export const onAJackOnly: CautionRule = {
  level: 'stop',
  asks: 'hand',
  turning: (turn) => uses(turn, 'jack'),
}
