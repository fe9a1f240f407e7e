import { type CautionRule, isHigh, provesDead } from './caution'

export const currentAcrossTheChest: CautionRule = {
  when: (at) => isHigh(at.file) && provesDead(at),
  sheets: { dead: ({ high }) => high },
}
