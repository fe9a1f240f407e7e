import { type CautionRule, isHigh, makesDead } from './caution'

export const arcAtAnyVoltage: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: (at) => makesDead(at) && !isHigh(at.file),
}
