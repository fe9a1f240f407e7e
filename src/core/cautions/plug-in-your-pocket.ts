import { type CautionRule, isHigh, makesDead } from './caution'

export const plugInYourPocket: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: (at) => makesDead(at) && isHigh(at.file),
}
