import type { CautionRule } from './caution'

export const shopChemicals: CautionRule = { level: 'look', asks: 'eye' }
