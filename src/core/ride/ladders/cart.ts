import { type Ladder, LIMITED } from './ladder'

const WHEEL = ['walking pace', 'brake stops', 'gentle'] as const
const DRIVE = ['walking pace', 'brake stops', 'gentle', 'full', 'hill', 'heat soak'] as const

/** It stands by itself and somebody sits on it or walks behind: ride-ons, carts, buggies. */
export const cart: Ladder = {
  rungs: ['wheel off the ground', 'walking pace', 'brake stops', 'both ways', 'short ride', 'gentle', 'full', 'hill', 'heat soak'],
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
    steering: ['walking pace', 'brake stops', 'both ways', 'gentle'],
    motor: DRIVE,
    gearbox: DRIVE,
    controller: DRIVE,
    loom: [...DRIVE, 'both ways'],
  },
  brakes: ['pedal', 'parking'],
  firstPower: LIMITED,
}
