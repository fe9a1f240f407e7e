import { type Ladder, LIMITED } from './ladder'

const WHEEL = ['push', 'walking pace', 'brake stops', 'gentle'] as const
const DRIVE = ['walking pace', 'brake stops', 'gentle', 'full', 'hill', 'heat soak'] as const

/** Somebody stands or sits on it, on one track: scooters, e-bikes. */
export const ridden: Ladder = {
  rungs: ['wheel off the ground', 'push', 'walking pace', 'brake stops', 'both ways', 'short ride', 'gentle', 'full', 'hill', 'heat soak'],
  wanted: {
    nothing: ['short ride'],
    cover: ['short ride'],
    supply: ['short ride'],
    cooling: ['gentle'],
    pack: ['gentle'],
    plug: ['both ways', 'gentle'],
    tyre: ['brake stops', 'gentle'],
    wheel: WHEEL,
    brake: WHEEL,
    steering: ['push', 'walking pace', 'brake stops', 'both ways', 'gentle'],
    motor: DRIVE,
    gearbox: DRIVE,
    controller: DRIVE,
    loom: [...DRIVE, 'both ways'],
  },
  brakes: ['front', 'rear', 'together'],
  stops: { together: 3.5, alone: 1.54 },
  firstPower: LIMITED,
}
