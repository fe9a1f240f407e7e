import type { CautionRule } from './caution'

export const plasticCatches: CautionRule = { level: 'look', asks: 'eye' }
