import type { CautionRule } from './caution'

export const leadAtFullLock: CautionRule = { level: 'look', asks: 'eye' }
