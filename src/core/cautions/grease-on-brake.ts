import type { CautionRule } from './caution'

export const greaseOnBrake: CautionRule = { level: 'look', asks: 'eye' }
