import { type CautionRule, isHigh, provesDead } from './caution'

export const chargeInTheInverter: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: (at) => isHigh(at.file) && provesDead(at),
  sheets: { dead: ({ high }) => high },
}
