import type { CautionRule } from './caution'

export const testerProved: CautionRule = { level: 'look', asks: 'eye' }
