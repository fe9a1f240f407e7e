import { type CautionRule, LIFTERS, uses } from './caution'

export const tipsAsItLifts: CautionRule = {
  when: (at) => at.part !== undefined && uses(at, ...LIFTERS),
}
