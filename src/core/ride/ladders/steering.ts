import { type Ladder, LIMITED } from './ladder'

const ASSIST = ['hands off', 'lock to lock', 'walking pace', 'both ways'] as const

/** Its motor turns the wheels that steer: first power with the front wheels up and no hand through the rim. */
export const steering: Ladder = {
  rungs: ['hands off', 'lock to lock', 'walking pace', 'both ways', 'short ride'],
  wanted: {
    nothing: ['short ride'],
    cover: ['short ride'],
    supply: ASSIST,
    cooling: ASSIST,
    pack: ['short ride'],
    plug: ASSIST,
    display: ASSIST,
    tyre: ['walking pace', 'short ride'],
    wheel: ['walking pace', 'short ride'],
    brake: ['walking pace', 'short ride'],
    steering: ASSIST,
    motor: ASSIST,
    gearbox: ASSIST,
    controller: ASSIST,
    loom: ASSIST,
  },
  brakes: [],
  firstPower: LIMITED,
}
