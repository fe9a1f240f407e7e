import type { CautionRule } from './caution'

export const packDisposal: CautionRule = {
  sheets: { pack: true },
  named: true,
}
