import type { CautionRule } from './caution'

export const firstRide: CautionRule = {
  sheets: { ride: true },
}
