import type { CautionRule } from './caution'

export const tabInItsSlot: CautionRule = { level: 'look', asks: 'eye' }
