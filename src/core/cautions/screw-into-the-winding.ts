import { type CautionRule, intoMotor } from './caution'

export const screwIntoTheWinding: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: (at) => at.limb === 'up' && intoMotor(at),
}
