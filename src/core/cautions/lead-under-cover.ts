import type { CautionRule } from './caution'

export const leadUnderCover: CautionRule = { level: 'look', asks: 'eye' }
