import { type CautionRule, makesLive } from './caution'

export const liveForTheTest: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: makesLive,
}
