import { type CautionRule, provesDead } from './caution'

export const meterRange: CautionRule = {
  when: provesDead,
  sheets: { dead: true },
}
