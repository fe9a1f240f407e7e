import { type CautionRule, isHigh, provesDead } from './caution'

export const currentAcrossTheChest: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: (at) => isHigh(at.file) && provesDead(at),
  sheets: { dead: ({ high }) => high },
}
