import type { CautionRule } from './caution'

export const tyreAndBead: CautionRule = { level: 'look', asks: 'eye' }
