import type { CautionRule } from './caution'

export const deepRingOnly: CautionRule = { level: 'look', asks: 'eye' }
