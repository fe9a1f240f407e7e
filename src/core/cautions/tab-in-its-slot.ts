import { type CautionRule, axleWashers } from './caution'

export const tabInItsSlot: CautionRule = {
  when: (at) => at.step?.check === 'reaction path' || axleWashers(at),
}
