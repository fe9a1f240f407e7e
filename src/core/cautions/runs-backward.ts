import type { CautionRule } from './caution'

export const runsBackward: CautionRule = { level: 'look', asks: 'eye' }
