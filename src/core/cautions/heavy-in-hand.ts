import type { CautionRule } from './caution'

export const heavyInHand: CautionRule = { level: 'look', asks: 'eye' }
