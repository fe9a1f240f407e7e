import type { CautionRule } from './caution'

export const magnets: CautionRule = { level: 'look', asks: 'eye' }
