import type { CautionRule } from './caution'

export const phaseEnds: CautionRule = { level: 'look', asks: 'eye' }
