import { type CautionRule, provesDead } from './caution'

export const testerProved: CautionRule = {
  when: provesDead,
  sheets: { dead: true },
}
