import { Controller } from './controller'
import { Legs } from './legs'
import { Mechanics } from './mechanics'
import type { PmDrive, PmState } from './types'
import { phaseFlux, trapezoid } from './waves'

/** Seconds of a step. */
export const STEP = 20e-6
/** Steps in which a current is brought to its limit: softly enough not to ring. */
const SETTLE = 4 * STEP

/** Where the energy of a stretch of time went, J. `left` is what none of them explains: it should be nothing. */
export interface Books {
  readonly drawn: number
  readonly feed: number
  readonly copper: number
  readonly diodes: number
  /** Iron, and turns closed upon themselves. */
  readonly iron: number
  readonly gear: number
  /** Friction, road and air at the wheel; or what a rotor that is held gave away. */
  readonly road: number
  /** Gained by capacitor, inductance and what turns. */
  readonly stored: number
  readonly left: number
}

export interface Ran {
  readonly state: PmState
  readonly books: Books
  /** Means over the time that was run: out of the supply A, at the rotor N·m, at the capacitor V. */
  readonly mean: { readonly amps: number; readonly torque: number; readonly volts: number }
  /** The greatest of a phase, A. */
  readonly peak: number
}

/** Begins on the flat top of the first pair, the capacitor empty. */
export const AT_REST: PmState = { turn: 0.125, rotor: 0, wheel: 0, amps: [0, 0, 0], volts: 0 }

/**
 * A drive stepped through time, 20 µs at a time: conduction in closed form (`Legs`), the capacitor implicit, rotor and wheel through
 * their gear. The chopping is averaged; with `regen` the current may turn round.
 * @param duty 0 … 1, the share of the voltage that the throttle asks for
 * @param seconds 0 or more, rounded to whole steps
 * @param hold holds the rotor at its speed: a drill, a dynamometer, a wheel that is held
 * @param look is called after every `every` steps
 */
export function stepped(
  drive: PmDrive,
  from: PmState,
  duty: number,
  seconds: number,
  {
    hold = false,
    every = 0,
    look,
  }: { readonly hold?: boolean; readonly every?: number; readonly look?: (t: number, s: PmState) => void } = {},
): Ran {
  if (!(duty >= 0 && duty <= 1)) throw new RangeError(`duty is 0 … 1, got ${duty}`)
  const { supply, inverter, motor } = drive
  const dt = STEP
  const steps = Math.round(seconds / dt)
  const [k0, k1, k2] = phaseFlux(motor)
  const k = (k0 + k1 + k2) / 3
  const six = inverter.kind === 'six-step'
  const sines = motor.shape === 'sine'
  const legs = new Legs(drive)
  legs.amps.set(from.amps)
  const controller = new Controller(drive, SETTLE)
  const body = new Mechanics(drive, from.rotor, from.wheel, dt)
  const ohms = supply.joints.reduce((a, b) => a + b, supply.ohms)
  const conducts = ohms === Infinity ? 0 : 1 / ohms
  const bleeds = 1 / supply.bleedOhms
  const perStep = (motor.polePairs * dt) / (2 * Math.PI)
  const cogged = motor.cogging > 0 ? motor.cogging / (motor.cogs * motor.polePairs) : 0

  let turn = from.turn
  let volts = from.volts
  const held = (): number =>
    0.5 * supply.farad * volts * volts +
    0.5 * legs.henry * (legs.amps[0]! ** 2 + legs.amps[1]! ** 2 + legs.amps[2]! ** 2) -
    (cogged > 0 ? cogged * Math.cos(2 * Math.PI * motor.cogs * turn) : 0) +
    (hold ? 0 : body.energy())
  const before = held()
  let drawn = 0
  let feed = 0
  let copper = 0
  let diodes = 0
  let given = 0
  let sumAmps = 0
  let sumTorque = 0
  let sumVolts = 0
  let peak = 0

  for (let s = 1; s <= steps; s++) {
    const omega = body.rotor
    // The middle of the step stands for all of it.
    let at = turn + 0.5 * perStep * omega
    at -= Math.floor(at)
    let f0: number
    let f1: number
    let f2: number
    if (sines) {
      const a = 2 * Math.PI * at
      f0 = Math.sin(a)
      f1 = -0.5 * f0 - 0.8660254037844386 * Math.cos(a)
      f2 = -f0 - f1
    } else {
      f0 = trapezoid(at)
      f1 = trapezoid(at < 1 / 3 ? at + 2 / 3 : at - 1 / 3)
      f2 = trapezoid(at < 2 / 3 ? at + 1 / 3 : at - 2 / 3)
    }
    legs.emf[0] = k0 * f0 * omega
    legs.emf[1] = k1 * f1 * omega
    legs.emf[2] = k2 * f2 * omega
    if (six) controller.sixStep(legs, at, duty, volts)
    else controller.sine(legs, turn, at, k, omega * motor.polePairs, omega, duty, volts)
    legs.advance(dt, volts)
    copper += legs.copper
    diodes += legs.diodes
    const [a0, a1, a2] = [Math.abs(legs.amps[0]!), Math.abs(legs.amps[1]!), Math.abs(legs.amps[2]!)]
    if (a0 > peak) peak = a0
    if (a1 > peak) peak = a1
    if (a2 > peak) peak = a2

    const was = volts
    volts = (supply.farad * volts + dt * supply.emf * conducts - legs.taken) / (supply.farad + dt * conducts + dt * bleeds)
    if (volts < 0) volts = 0
    const amps = (supply.emf - volts) * conducts
    drawn += supply.emf * amps * dt
    // Half of the step's change in voltage was given or taken at the old one.
    feed +=
      (supply.emf - volts) * amps * dt + volts * volts * bleeds * dt + (volts - was) * (0.5 * supply.farad * (volts - was) + legs.taken)
    sumAmps += amps
    sumVolts += volts

    const impulse = k0 * f0 * legs.charge[0]! + k1 * f1 * legs.charge[1]! + k2 * f2 * legs.charge[2]!
    sumTorque += impulse
    if (hold) {
      given += impulse * omega
      turn += perStep * omega
    } else {
      const cog = cogged > 0 ? motor.cogging * Math.sin(2 * Math.PI * motor.cogs * at) * dt : 0
      const mid = body.push(impulse - cog)
      // EMF was that of the step's beginning; the rotor took its push at the middle.
      given += impulse * (omega - mid)
      turn += perStep * 0.5 * (omega + body.rotor)
    }
    turn -= Math.floor(turn)
    if (every > 0 && s % every === 0)
      look?.(s * dt, { turn, rotor: body.rotor, wheel: body.wheel, amps: [legs.amps[0]!, legs.amps[1]!, legs.amps[2]!], volts })
  }

  const stored = held() - before
  const road = body.road + (hold ? given : 0)
  const n = Math.max(1, steps)
  return {
    state: { turn, rotor: body.rotor, wheel: body.wheel, amps: [legs.amps[0]!, legs.amps[1]!, legs.amps[2]!], volts },
    books: {
      drawn,
      feed,
      copper,
      diodes,
      iron: body.iron,
      gear: body.gear,
      road,
      stored,
      left: drawn - feed - copper - diodes - body.iron - body.gear - road - stored,
    },
    mean: { amps: sumAmps / n, torque: sumTorque / (n * dt), volts: sumVolts / n },
    peak,
  }
}
