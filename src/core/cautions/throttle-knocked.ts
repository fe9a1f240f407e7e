import { type CautionRule, laidOver, makesLive } from './caution'

export const throttleKnocked: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: (at) => makesLive(at) && at.file.class !== 'indoor machine',
  turning: (turn) => laidOver(turn) && turn.file.class !== 'indoor machine',
}
