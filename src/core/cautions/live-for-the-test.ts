import { type CautionRule, makesLive } from './caution'

export const liveForTheTest: CautionRule = {
  when: makesLive,
}
