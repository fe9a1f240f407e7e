import { type Ladder, LIMITED } from './ladder'

const ALL = ['empty', 'loaded', 'full travel', 'stop', 'run warm'] as const

/** It stands where it works and nobody rides it: empty, loaded, both ends of its travel, stopped, and warm. */
export const bench: Ladder = {
  rungs: ALL,
  wanted: {
    nothing: ['empty'],
    cover: ['empty', 'stop'],
    supply: ALL,
    cooling: ALL,
    pack: ['empty', 'stop'],
    plug: ['empty', 'full travel', 'stop'],
    display: ['empty', 'full travel', 'stop'],
    tyre: ['empty'],
    wheel: ['empty', 'loaded'],
    brake: ['empty', 'loaded', 'stop'],
    steering: ALL,
    motor: ALL,
    gearbox: ALL,
    controller: ALL,
    loom: ALL,
  },
  brakes: [],
  firstPower: LIMITED,
  homeUnplugged: true,
}
