import type { CautionRule } from './caution'

export const leadInSpokes: CautionRule = {
  level: 'look',
  asks: 'eye',
  named: true,
}
