import { type CautionRule, isHigh, makesDead } from './caution'

export const arcAtAnyVoltage: CautionRule = {
  when: (at) => makesDead(at) && !isHigh(at.file),
}
