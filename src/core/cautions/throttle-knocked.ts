import { type CautionRule, makesLive } from './caution'

export const throttleKnocked: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: makesLive,
}
