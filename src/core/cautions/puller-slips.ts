import { type CautionRule, uses } from './caution'

export const pullerSlips: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: (at) => at.limb === 'down' && uses(at, 'puller'),
}
