import { type CautionRule, closesDrive } from './caution'

export const nothingLeftInside: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: closesDrive,
}
