import { type CautionRule, axleWashers } from './caution'

export const tabInItsSlot: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: (at) => at.step?.check === 'reaction path' || axleWashers(at),
}
