import type { CautionRule } from './caution'

export const liveForTheTest: CautionRule = { level: 'stop', asks: 'hand' }
