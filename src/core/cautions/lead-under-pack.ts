import type { CautionRule } from './caution'

export const leadUnderPack: CautionRule = { level: 'look', asks: 'eye' }
