import { type CautionRule, uses } from './caution'

export const onAJackOnly: CautionRule = {
  turning: (turn) => uses(turn, 'jack'),
}
