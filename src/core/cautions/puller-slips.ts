import { type CautionRule, uses } from './caution'

export const pullerSlips: CautionRule = {
  when: (at) => at.limb === 'down' && uses(at, 'puller'),
}
