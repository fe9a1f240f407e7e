import type { CautionRule } from './caution'

export const meterRange: CautionRule = { level: 'look', asks: 'eye' }
