import { TWO_PEOPLE_ABOVE } from '../safety'
import { type CautionRule, LIFTERS, uses } from './caution'

export const twoPeople: CautionRule = {
  when: (at) => (at.part?.mass?.value ?? 0) > TWO_PEOPLE_ABOVE && !uses(at, ...LIFTERS),
  turning: (turn) => turn.people === 2 && (turn.file.mass?.value ?? Infinity) > TWO_PEOPLE_ABOVE && !uses(turn, ...LIFTERS),
}
