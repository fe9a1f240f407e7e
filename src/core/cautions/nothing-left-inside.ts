import { type CautionRule, closesDrive } from './caution'

export const nothingLeftInside: CautionRule = {
  when: closesDrive,
}
