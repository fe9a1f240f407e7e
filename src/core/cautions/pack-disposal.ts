import type { CautionRule } from './caution'

export const packDisposal: CautionRule = {
  level: 'look',
  asks: 'eye',
  sheets: { pack: true },
  named: true,
}
