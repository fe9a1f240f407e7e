import { type CautionRule, intoMotor } from './caution'

export const screwIntoTheWinding: CautionRule = {
  when: (at) => at.limb === 'up' && intoMotor(at),
}
