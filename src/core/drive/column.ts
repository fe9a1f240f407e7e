import { type BrushedDrive, brushedPoint } from './brushed'
import { lowered, raised, screwEfficiency, type Thread } from './screw'

/** A steering column that a motor helps through a worm. SI, torque at the column unless said. */
export interface Column {
  /** Its friction is the motor’s own; its load is left aside. */
  readonly motor: BrushedDrive
  readonly worm: Thread
  /** Turns of the motor for one of the column. */
  readonly ratio: number
  /** m from the middle of the rim. */
  readonly rim: number
  /** N·m that wheels and joints take, standing on the ground. */
  readonly heavy: number
  /** N·m of its own bearing. */
  readonly bearing: number
  /** N·m of help for each N·m of the hand’s, that its unit asks for. */
  readonly gain: number
}

export interface Helped {
  /** N at the rim. */
  readonly rim: number
  /** A through the motor, turning so slowly that it all but stands. */
  readonly amps: number
  /** 0 … 1: how much of the turning it does. */
  readonly share: number
}

/**
 * Hands and motor against what the column takes: `hand + help = load`, `help = gain·hand`, as far as the motor can. Pushed from the wheel’s
 * side a worm rubs: what the hand turns against without help is the motor’s drag through it.
 * @param asked 0 … 1, what the unit allows of its help
 */
export function helped(column: Column, asked: number): Helped {
  if (!(asked >= 0 && asked <= 1)) throw new RangeError(`help asked for is 0 … 1, got ${asked}`)
  const { motor, worm, ratio, rim, heavy, bearing, gain } = column
  const through = screwEfficiency(worm)
  // Held still the motor gives what its resistance lets through, less its own friction.
  const stalled = brushedPoint({ ...motor, friction: 1e9, load: 0 }, 1).amps
  const most = Math.max(0, stalled * motor.ke - motor.friction) * ratio * through
  const load = heavy + bearing
  const wanted = (load * gain * asked) / (1 + gain * asked)
  const help = Math.min(wanted, most)
  // With no help the motor is dragged along, backward through its worm; one that locks cannot be turned at all.
  const gives = lowered(worm, 1) / raised({ ...worm, friction: 0 }, 1)
  const dragged = help > 0 ? 0 : gives > 0 ? (motor.friction * ratio) / gives : Infinity
  const amps = help > 0 ? help / (ratio * through * motor.ke) + motor.friction / motor.ke : 0
  return { rim: (load - help + dragged) / rim, amps: Math.min(stalled, amps), share: help / load }
}
