import { brakeStops } from './brake-stops'
import { full } from './full'
import { gentle } from './gentle'
import { heatSoak } from './heat-soak'
import { hill } from './hill'
import { walkingPace } from './walking-pace'
import { wheelOffTheGround } from './wheel-off-the-ground'
import type { Rung } from './rung'

export type { RideKind } from './rung'

/** The ride goes up one rung at a time, one line each; every one is a condition for the next. What is done on it: `words/en/rides`. */
export const RUNGS = {
  'wheel off the ground': wheelOffTheGround,
  'walking pace': walkingPace,
  'brake stops': brakeStops,
  gentle,
  full,
  hill,
  'heat soak': heatSoak,
} as const satisfies Readonly<Record<string, Rung>>
