import { type CautionRule, isHigh, makesDead } from './caution'

export const plugInYourPocket: CautionRule = {
  when: (at) => makesDead(at) && isHigh(at.file),
}
