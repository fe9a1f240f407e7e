import { type Ladder, LIMITED, ON_THE_ROAD } from './ladder'

const WHEEL = ['push', 'walking pace', 'brake stops', 'gentle'] as const

/** Somebody stands or sits on it, on one track: scooters, e-bikes. */
export const ridden: Ladder = {
  rungs: ['wheel off the ground', 'push', 'walking pace', 'brake stops', 'both ways', 'short ride', 'gentle', 'full', 'hill', 'heat soak'],
  wanted: { ...ON_THE_ROAD, wheel: WHEEL, brake: WHEEL, steering: [...WHEEL, 'both ways'] },
  brakes: ['front', 'rear', 'together'],
  stops: { together: 3.5, alone: 1.54 },
  firstPower: LIMITED,
}
