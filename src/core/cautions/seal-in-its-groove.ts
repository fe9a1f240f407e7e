import type { CautionRule } from './caution'

export const sealInItsGroove: CautionRule = { level: 'look', asks: 'eye' }
