import type { CautionRule } from './caution'

export const throttleKnocked: CautionRule = { level: 'stop', asks: 'hand' }
