import type { CautionRule } from './caution'

export const firstRide: CautionRule = {
  level: 'stop',
  asks: 'hand',
  sheets: { ride: true },
}
