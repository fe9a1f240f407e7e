import { type CautionRule, isHigh, provesDead } from './caution'

export const chargeInTheInverter: CautionRule = {
  when: (at) => isHigh(at.file) && provesDead(at),
  sheets: { dead: ({ high }) => high },
}
