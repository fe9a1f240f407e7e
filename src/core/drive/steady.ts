import { Controller } from './controller'
import { Legs } from './legs'
import type { PmDrive, Three } from './types'
import { forms, ironDrag, phaseFlux, phaseOhms, shortedDrag } from './waves'

/** What a drive does at one speed, the mean over an electrical turn. */
export interface Point {
  /** At the rotor’s magnets, N·m, its own drag not taken off. */
  readonly torque: number
  /** At the controller’s capacitor, V. */
  readonly volts: number
  /** Out of the supply, A. */
  readonly amps: number
  /** Of a phase: the largest in a turn, and its root mean square. */
  readonly peak: number
  readonly rms: Three
  /** Turned into heat in the copper and leads, W. */
  readonly copper: number
}

interface Mean {
  readonly torque: number
  /** Mean current out of the capacitor, A. */
  readonly drawn: number
  readonly copper: number
  readonly peak: number
  readonly squares: Three
}
const NOTHING: Mean = { torque: 0, drawn: 0, copper: 0, peak: 0, squares: [0, 0, 0] }

/** Pieces of an electrical turn, each with one EMF: all corners of a trapezoid and all Hall edges lie between two. */
const PIECES = 48
/** Turns after which the current repeats itself, or as good as. */
const TURNS = 60
/** Electrical rad/s below which a turn counts as standing at each of its places in turn. */
const CREEP = 1e-3

/**
 * A six-step drive at a speed that does not change: its currents repeat themselves from turn to turn. Each piece of a turn is solved
 * in closed form, and turns follow one another until torque and current are the same again. Kept from call to call: the next
 * begins where this one ended.
 */
class Turning {
  readonly #drive: PmDrive
  readonly #legs: Legs
  readonly #forms: readonly Three[]

  constructor(drive: PmDrive) {
    this.#drive = drive
    this.#legs = new Legs(drive)
    this.#forms = Array.from({ length: PIECES }, (_, n) => forms(drive.motor.shape, (n + 0.5) / PIECES))
  }

  at(omega: number, rail: number, duty: number): Mean {
    const { motor } = this.#drive
    const legs = this.#legs
    const flux = phaseFlux(motor)
    const electrical = Math.max(CREEP, Math.abs(omega) * motor.polePairs)
    const piece = (2 * Math.PI) / electrical / PIECES
    const controller = new Controller(this.#drive, piece)
    let before = NaN
    for (let n = 0; ; n++) {
      let torque = 0
      let drawn = 0
      let copper = 0
      let peak = 0
      const squares: [number, number, number] = [0, 0, 0]
      for (let i = 0; i < PIECES; i++) {
        const form = this.#forms[i]!
        for (let k = 0; k < 3; k++) legs.emf[k] = flux[k as 0 | 1 | 2] * form[k as 0 | 1 | 2] * omega
        controller.sixStep(legs, (i + 0.5) / PIECES, duty, rail)
        legs.advance(piece, rail)
        drawn += legs.taken
        copper += legs.copper
        for (let k = 0; k < 3; k++) {
          torque += flux[k as 0 | 1 | 2] * form[k as 0 | 1 | 2] * legs.charge[k]!
          const mean = legs.charge[k]! / piece
          squares[k as 0 | 1 | 2] += mean * mean
          peak = Math.max(peak, Math.abs(legs.amps[k]!), Math.abs(mean))
        }
      }
      const time = piece * PIECES
      torque /= time
      if (n >= TURNS || Math.abs(torque - before) <= 5e-4 * Math.abs(torque) + 1e-6)
        return {
          torque,
          drawn: drawn / time,
          copper: copper / time,
          peak,
          squares: [squares[0] / PIECES, squares[1] / PIECES, squares[2] / PIECES],
        }
      before = torque
    }
  }
}

/**
 * A sine by the rotor’s angle, current across the flux only (Park 1929). Voltage of a phase `√((ωk + iR)² + (ω·p·L·i)²)`, at most half
 * of what there is. With a phase open there is none; an angle that was taught wrong leaves its cosine of the torque.
 */
function sine(drive: PmDrive, omega: number, volts: number, duty: number): Mean {
  const { inverter, motor, halls } = drive
  const ohms = phaseOhms(motor)
  const flux = phaseFlux(motor)
  if (ohms.includes(Infinity) || [...inverter.high, ...inverter.low].some((s) => s !== 'sound')) return NOTHING
  const r = (ohms[0] + ohms[1] + ohms[2]) / 3
  const k = (flux[0] + flux[1] + flux[2]) / 3
  const x = omega * motor.polePairs * motor.henry
  const angle = (halls.ahead / 180) * Math.PI
  const [off, along] = [Math.cos(angle), Math.sin(angle)]
  const most = (duty * volts) / 2
  // In the controller's own frame: (ωk·cos + iR)² + (x·i − ωk·sin)² = most²
  const [a, b, c] = [r * r + x * x, 2 * omega * k * (off * r - along * x), (omega * k) ** 2 - most * most]
  const root = b * b - 4 * a * c
  const settled = root < 0 ? 0 : (-b + Math.sqrt(root)) / (2 * a)
  let amps = Math.min(inverter.phaseAmps, Math.max(inverter.regen ? -inverter.phaseAmps : 0, settled))
  // Out of the supply no more than its limit: 1.5·(i²R + i·k·ω) = V·I.
  const supplied = (inverter.supplyAmps * volts) / 1.5
  const [e, limit] = [k * off * omega, (-k * off * omega + Math.sqrt((k * off * omega) ** 2 + 4 * r * supplied)) / (2 * r)]
  amps = Math.min(amps, limit)
  const copper = 1.5 * amps * amps * r
  const square = (amps * amps) / 2
  return {
    torque: 1.5 * k * amps * off,
    drawn: volts > 0 ? (1.5 * amps * e + copper) / volts : 0,
    copper,
    peak: Math.abs(amps),
    squares: [square, square, square],
  }
}

/** What lies between the source and the controller’s capacitor: its own resistance and every joint, Ω. */
function feedOhms({ supply }: Pick<PmDrive, 'supply'>): number {
  return supply.joints.reduce((sum, x) => sum + x, supply.ohms)
}

/**
 * The operating point of a drive at a speed: bus voltage and current closed with each other, limits of phase and supply kept.
 * @param duty 0 … 1, the share of the voltage that the throttle asks for
 * @param omega of the rotor, rad/s; at 0 the mean over all places in which it may stand
 */
export function pointAt(drive: PmDrive, duty: number, omega: number): Point {
  return pointOf(drive, new Turning(drive), duty, omega)
}

function pointOf(drive: PmDrive, turning: Turning, duty: number, omega: number): Point {
  const { supply, inverter } = drive
  const ohms = feedOhms(drive)
  const shorted = [...inverter.high, ...inverter.low].includes('shorted')
  const asked = !shorted && duty > 0 && ohms !== Infinity && supply.emf > 0
  const mean = (volts: number): Mean =>
    !asked ? NOTHING : inverter.kind === 'sine' ? sine(drive, omega, volts, duty) : turning.at(omega, volts, duty)
  const given = (found: Mean, volts: number): number => supply.emf - ohms * (found.drawn + volts / supply.bleedOhms)
  let volts = ohms === Infinity ? 0 : supply.emf / (1 + ohms / supply.bleedOhms)
  let found = mean(volts)
  if (asked && ohms > 0) {
    // The source falls with what is drawn, and that with the source: one crossing, by the secant.
    let [v0, f0] = [volts, given(found, volts) - volts]
    volts = Math.max(0, volts + f0)
    for (let n = 0; n < 30 && Math.abs(f0) > 1e-5 * supply.emf; n++) {
      found = mean(volts)
      const f = given(found, volts) - volts
      const slope = volts === v0 ? -1 : Math.min(-0.2, (f - f0) / (volts - v0))
      ;[v0, f0] = [volts, f]
      volts = Math.max(0, volts - f / slope)
    }
    volts = v0
  }
  const { squares } = found
  return {
    torque: found.torque,
    volts,
    amps: found.drawn + volts / supply.bleedOhms,
    peak: found.peak,
    rms: [Math.sqrt(squares[0]), Math.sqrt(squares[1]), Math.sqrt(squares[2])],
    copper: found.copper,
  }
}

/**
 * What a rotor that is turned from outside has to push against in a controller that is off: N·m at rad/s above 0. Nothing, unless a
 * switch of it is shorted. The capacitor counts as charged.
 */
export function dragOf(drive: PmDrive, omega: number): number {
  const { inverter, supply } = drive
  if (![...inverter.high, ...inverter.low].includes('shorted')) return 0
  return -new Turning(drive).at(omega, supply.emf, 0).torque
}

/** At the wheel, N·m at its own rad/s: friction, the road or a brake, and air. */
export function wheelDrag({ friction, load }: Pick<PmDrive, 'friction' | 'load'>, omega: number): number {
  return friction.dry + friction.viscous * omega + load.against + load.air * omega * omega
}

/** What the rotor has to carry at a speed of its own, N·m: iron, turns closed upon themselves, and the wheel as far as its gear holds. */
function carried(drive: PmDrive, omega: number): number {
  const { motor, gear } = drive
  const wheel = Math.min(wheelDrag(drive, omega / gear.ratio), gear.slipsAt)
  return ironDrag(motor, omega) + shortedDrag(motor, omega) + wheel / (gear.ratio * gear.efficiency)
}

/** What a drive comes to: the speed at which it carries what it has to, or that it does not move at all. */
export interface Run extends Point {
  /** Of the rotor and of the wheel, rad/s. A gear that lets go leaves the wheel standing. */
  readonly rotor: number
  readonly wheel: number
}

/**
 * Where torque and what is carried meet, once it turns. A drive whose mean torque cannot break away stands: its point is that of
 * speed 0. One that has dead places (a phase open) may stand in one of them all the same: `startsFrom`.
 * @param duty 0 … 1
 */
export function runs(drive: PmDrive, duty: number): Run {
  const { gear, motor } = drive
  const turning = new Turning(drive)
  const still = pointOf(drive, turning, duty, 0)
  const stuck = Math.min(drive.friction.stick + drive.load.against, gear.slipsAt)
  if (still.torque <= motor.hysteresis + stuck / (gear.ratio * gear.efficiency)) return { ...still, rotor: 0, wheel: 0 }
  let low = 0
  let high = (1.2 * drive.supply.emf) / Math.max(1e-6, Math.min(...phaseFlux(motor).filter((k) => k > 0)))
  let at = still
  let [over, under] = [still.torque - carried(drive, 0), -1]
  // Regula falsi, the older end halved (Illinois; Dowell & Jarratt 1971).
  for (let n = 0; n < 60 && high - low > 1e-4 * high; n++) {
    const omega = n === 0 ? high : Math.abs(over - under) < 1e-12 ? (low + high) / 2 : low + ((high - low) * over) / (over - under)
    at = pointOf(drive, turning, duty, omega)
    const f = at.torque - carried(drive, omega)
    if (n === 0) under = f
    else if (f > 0) {
      ;[low, over] = [omega, f]
      under /= 2
    } else {
      ;[high, under] = [omega, f]
      over /= 2
    }
    if (n > 0 && Math.abs(f) < 5e-4 * (Math.abs(at.torque) + 1e-3)) {
      low = high = omega
    }
  }
  const rotor = (low + high) / 2
  return { ...at, rotor, wheel: wheelDrag(drive, 0) > gear.slipsAt || gear.slipsAt === 0 ? 0 : rotor / gear.ratio }
}

/** Share of the places of an electrical turn, 0 … 1, from which the torque is enough to set it going. */
export function startsFrom(drive: PmDrive, duty: number): number {
  const { gear, motor } = drive
  const legs = new Legs(drive)
  const flux = phaseFlux(motor)
  const controller = new Controller(drive, 1)
  const needed =
    motor.hysteresis + motor.cogging + Math.min(drive.friction.stick + drive.load.against, gear.slipsAt) / (gear.ratio * gear.efficiency)
  const rail = feedOhms(drive) === Infinity ? 0 : drive.supply.emf
  let places = 0
  for (let i = 0; i < PIECES; i++) {
    const turn = (i + 0.5) / PIECES
    const form = forms(motor.shape, turn)
    legs.amps.fill(0)
    legs.emf.fill(0)
    controller.sixStep(legs, turn, duty, rail)
    legs.advance(1, rail)
    const torque = flux[0] * form[0] * legs.amps[0]! + flux[1] * form[1] * legs.amps[1]! + flux[2] * form[2] * legs.amps[2]!
    if (torque > needed) places++
  }
  return places / PIECES
}
