import { type CautionRule, LIFTERS, uses } from './caution'

export const tipsAsItLifts: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: (at) => at.part !== undefined && uses(at, ...LIFTERS),
}
