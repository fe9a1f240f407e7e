import type { CautionRule } from './caution'

export const whatLiesBehind: CautionRule = {
  sheets: { stuck: true },
}
