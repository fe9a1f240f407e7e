import { type CautionRule, provesDead } from './caution'

export const bothProbes: CautionRule = {
  when: provesDead,
  sheets: { dead: true },
}
