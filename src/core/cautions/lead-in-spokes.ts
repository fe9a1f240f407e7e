import type { CautionRule } from './caution'

export const leadInSpokes: CautionRule = {
  named: true,
}
