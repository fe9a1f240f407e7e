import { type Ladder, LIMITED } from './ladder'

const WHEEL = ['crawl', 'brake stops', 'under load'] as const
const DRIVE = ['wheel off the ground', 'crawl', 'under load'] as const

/** It pulls: on stands, at a crawl, under load. */
export const tractor: Ladder = {
  rungs: ['wheel off the ground', 'crawl', 'brake stops', 'both ways', 'under load'],
  wanted: {
    nothing: ['crawl'],
    cover: ['crawl'],
    supply: ['crawl'],
    cooling: DRIVE,
    pack: DRIVE,
    plug: ['crawl', 'both ways'],
    display: ['crawl', 'both ways'],
    tyre: WHEEL,
    wheel: WHEEL,
    brake: WHEEL,
    steering: ['crawl', 'both ways'],
    motor: DRIVE,
    gearbox: DRIVE,
    controller: DRIVE,
    loom: DRIVE,
  },
  brakes: ['pedal', 'parking'],
  firstPower: LIMITED,
  homeUnplugged: true,
}
