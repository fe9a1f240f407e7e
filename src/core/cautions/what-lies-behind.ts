import type { CautionRule } from './caution'

export const whatLiesBehind: CautionRule = {
  level: 'look',
  asks: 'eye',
  sheets: { stuck: true },
}
