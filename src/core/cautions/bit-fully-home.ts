import type { CautionRule } from './caution'

export const bitFullyHome: CautionRule = {
  level: 'look',
  asks: 'eye',
  named: true,
}
