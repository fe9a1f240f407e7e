import type { CautionRule } from './caution'

export const bothProbes: CautionRule = { level: 'look', asks: 'eye' }
