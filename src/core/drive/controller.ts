import { fedAt, RISES } from './halls'
import { CHOPPED, DOWN, FLOATS, HELD_DOWN, HELD_UP, type Legs } from './legs'
import type { PmDrive } from './types'
import { phaseOhms } from './waves'

/** What the controller does with the legs: its table, its dead switches, its limits. */
export class Controller {
  /** A switch that is shorted holds its phase, and the controller drives no more. */
  readonly trips: boolean
  readonly #into: Int8Array
  readonly #out: Int8Array
  readonly #upOpen: readonly boolean[]
  readonly #downOpen: readonly boolean[]
  readonly #held: Int8Array
  readonly #rises: Float64Array
  readonly #stuck: Int8Array
  readonly #ahead: number
  readonly #phaseAmps: number
  readonly #supplyAmps: number
  readonly #settle: number
  #along = 0
  readonly #decay: Float64Array

  /** @param settle s, above 0, in which a current is brought to its limit */
  constructor({ inverter, halls, motor }: Pick<PmDrive, 'inverter' | 'halls' | 'motor'>, settle: number) {
    this.#settle = settle
    const ohms = phaseOhms(motor)
    this.#decay = Float64Array.from({ length: 9 }, (_, i) =>
      Math.exp((-(ohms[Math.floor(i / 3)]! + ohms[i % 3]!) * settle) / (2 * motor.henry)),
    )
    const fed = fedAt(inverter)
    this.#into = Int8Array.from(fed, (p) => p?.into ?? -1)
    this.#out = Int8Array.from(fed, (p) => p?.out ?? -1)
    // By motor phase: what hangs on which output.
    const output = ([0, 1, 2] as const).map((k) => inverter.phases.indexOf(k))
    this.#upOpen = output.map((o) => inverter.high[o] === 'open')
    this.#downOpen = output.map((o) => inverter.low[o] === 'open')
    this.#held = Int8Array.from(output, (o) =>
      inverter.high[o] === 'shorted' ? HELD_UP : inverter.low[o] === 'shorted' ? HELD_DOWN : FLOATS,
    )
    this.trips = this.#held.some((m) => m !== FLOATS)
    this.#rises = Float64Array.from(RISES[halls.spacing])
    this.#stuck = Int8Array.from(halls.stuck, (s) => s ?? -1)
    this.#ahead = halls.ahead / 360
    this.#phaseAmps = inverter.phaseAmps
    this.#supplyAmps = inverter.supplyAmps
  }

  /** Nothing is driven: ends float, or are held by what is shorted. */
  rest(legs: Legs): void {
    legs.mode.set(this.#held)
  }

  /** Six-step: one leg chopped, one down, by the code at an electrical turn. */
  sixStep(legs: Legs, turn: number, duty: number, rail: number): void {
    this.rest(legs)
    if (this.trips || duty <= 0 || rail <= 0) return
    let code = 0
    for (let k = 0; k < 3; k++) {
      const stuck = this.#stuck[k]!
      const since = turn + this.#ahead - this.#rises[k]!
      code = code * 2 + (stuck >= 0 ? stuck : since - Math.floor(since) < 0.5 ? 1 : 0)
    }
    const p = this.#into[code]!
    if (p < 0) return
    const q = this.#out[code]!
    const { amps, emf, ohms, mode } = legs
    const i = amps[p]!
    const both = ohms[p]! + ohms[q]!
    // The voltage that brings the current to its limit in time: i(t) = a + (i − a)·decay.
    const decay = this.#decay[3 * p + q]!
    const most = both === Infinity ? 1 : (emf[p]! - emf[q]! + (both * (this.#phaseAmps - i * decay)) / (1 - decay)) / rail
    let d = duty < most ? duty : most > 0 ? most : 0
    if (i > 0.1 && d * i > this.#supplyAmps) d = this.#supplyAmps / i
    if (!this.#upOpen[p]) {
      mode[p] = CHOPPED
      legs.share[p] = d
    }
    if (!this.#downOpen[q]) mode[q] = DOWN
  }

  /**
   * A sine across the flux, as much as the limits allow, and nothing along it.
   * @param turn where the rotor is; @param mid where it will be in the middle of the step
   * @param k mean peak of a phase, V for each rad/s; @param we electrical rad/s
   */
  sine(legs: Legs, turn: number, mid: number, k: number, we: number, omega: number, duty: number, rail: number): void {
    this.rest(legs)
    if (this.trips || duty <= 0 || rail <= 0) return
    const { amps, share, mode, mean, henry } = legs
    const [s, c] = [Math.sin(2 * Math.PI * (turn + this.#ahead)), Math.cos(2 * Math.PI * (turn + this.#ahead))]
    // Σ i = 0: two of the three currents say all.
    const alpha = amps[0]!
    const beta = (amps[1]! - amps[2]!) / Math.sqrt(3)
    const iq = alpha * s - beta * c
    const id = alpha * c + beta * s
    const most = (duty * rail) / 2
    const drop = henry / this.#settle
    // What the angle does not explain is learnt from the current that it leaves.
    this.#along += 0.02 * drop * id
    const vd = we * henry * iq - drop * id - this.#along
    let vq = k * omega + mean * iq + (this.#phaseAmps - iq) * drop
    // Faster than it can hold against: it lets go.
    if (vd > most || vd < -most) return
    const room = Math.sqrt(most * most - vd * vd)
    vq = vq > room ? room : vq < -room ? -room : vq
    const power = 1.5 * vq * iq
    if (power > this.#supplyAmps * rail) vq *= (this.#supplyAmps * rail) / power
    const [sm, cm] = [Math.sin(2 * Math.PI * (mid + this.#ahead)), Math.cos(2 * Math.PI * (mid + this.#ahead))]
    const a = vq * sm + vd * cm
    const b = -vq * cm + vd * sm
    share[0] = 0.5 + a / rail
    share[1] = 0.5 + (-0.5 * a + 0.5 * Math.sqrt(3) * b) / rail
    share[2] = 0.5 + (-0.5 * a - 0.5 * Math.sqrt(3) * b) / rail
    for (let n = 0; n < 3; n++) mode[n] = this.#upOpen[n] || this.#downOpen[n] ? FLOATS : CHOPPED
  }
}
