import type { CautionRule } from './caution'

export const packStillPlugged: CautionRule = { level: 'stop', asks: 'hand' }
