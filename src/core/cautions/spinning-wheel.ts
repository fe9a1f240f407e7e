import type { CautionRule } from './caution'

export const spinningWheel: CautionRule = { level: 'stop', asks: 'hand' }
