import type { CautionRule } from './caution'

export const bitFullyHome: CautionRule = {
  named: true,
}
