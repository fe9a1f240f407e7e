import type { CautionRule } from './caution'

export const leadBent: CautionRule = { level: 'look', asks: 'eye' }
