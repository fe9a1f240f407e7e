import { type CautionRule, laidOver, makesLive } from './caution'

export const throttleKnocked: CautionRule = {
  when: (at) => makesLive(at) && at.file.class !== 'indoor machine',
  turning: (turn) => laidOver(turn) && turn.file.class !== 'indoor machine',
}
