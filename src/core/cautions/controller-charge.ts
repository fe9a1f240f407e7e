import type { CautionRule } from './caution'

export const controllerCharge: CautionRule = { level: 'look', asks: 'eye' }
