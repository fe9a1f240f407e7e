import { type Ladder, LIMITED, ON_THE_ROAD } from './ladder'

const WHEEL = ['walking pace', 'brake stops', 'gentle'] as const

/** It stands by itself and somebody sits on it or walks behind: ride-ons, carts, buggies. */
export const cart: Ladder = {
  rungs: ['wheel off the ground', 'walking pace', 'brake stops', 'both ways', 'short ride', 'gentle', 'full', 'hill', 'heat soak'],
  wanted: { ...ON_THE_ROAD, wheel: WHEEL, brake: WHEEL, steering: [...WHEEL, 'both ways'] },
  brakes: ['pedal', 'parking'],
  firstPower: LIMITED,
}
