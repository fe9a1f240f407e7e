import type { CautionRule } from './caution'

export const lockerClocks: CautionRule = { level: 'stop', asks: 'hand' }
