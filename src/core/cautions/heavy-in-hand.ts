import { TWO_HANDS_FROM, TWO_PEOPLE_ABOVE } from '../safety'
import { type CautionRule, LIFTERS, uses } from './caution'

export const heavyInHand: CautionRule = {
  when: (at) => {
    const kg = at.part?.mass?.value ?? 0
    return kg >= TWO_HANDS_FROM && kg <= TWO_PEOPLE_ABOVE && !uses(at, ...LIFTERS)
  },
}
