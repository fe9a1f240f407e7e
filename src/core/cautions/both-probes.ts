import { type CautionRule, provesDead } from './caution'

export const bothProbes: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: provesDead,
  sheets: { dead: true },
}
