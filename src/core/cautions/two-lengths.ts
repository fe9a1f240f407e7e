import type { CautionRule } from './caution'

export const twoLengths: CautionRule = { level: 'look', asks: 'eye' }
