import type { CautionRule } from './caution'

export const heldOnItsStand: CautionRule = { level: 'stop', asks: 'hand' }
