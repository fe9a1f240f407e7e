import { type CautionRule, provesDead } from './caution'

export const testerProved: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: provesDead,
  sheets: { dead: true },
}
