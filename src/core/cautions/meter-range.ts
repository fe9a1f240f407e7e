import { type CautionRule, provesDead } from './caution'

export const meterRange: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: provesDead,
  sheets: { dead: true },
}
