import type { CautionRule } from './caution'

export const bothWashers: CautionRule = { level: 'look', asks: 'eye' }
