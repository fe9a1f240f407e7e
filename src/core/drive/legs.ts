import type { PmDrive } from './types'
import { phaseOhms } from './waves'

/** What holds an end of a phase: nothing, its leg (chopped or down), a shorted switch, or a diode that carries its current. */
export const FLOATS = 0
export const CHOPPED = 1
export const DOWN = 2
export const HELD_UP = 3
export const HELD_DOWN = 4
const DIODE_UP = 5
const DIODE_DOWN = 6

/**
 * Three phases of a star between a capacitor’s rails. Set `mode`, `share` and `emf`, then `advance`: currents, charge and heat follow in
 * closed form, `i(t) = a + (i₀ − a)·e^(−t/τ)`, with two phases or three. A current that comes to nothing in a diode is followed to that
 * moment, and the others on from there. Made once and filled again: it runs a million times a second.
 */
export class Legs {
  /** Into each phase, A. */
  readonly amps = new Float64Array(3)
  /** What each has carried in the last `advance`, A·s. */
  readonly charge = new Float64Array(3)
  /** Back-EMF of each, V. */
  readonly emf = new Float64Array(3)
  /** For a chopped leg, the share of the rail’s voltage, 0 … 1. */
  readonly share = new Float64Array(3)
  readonly mode = new Int8Array(3)
  /** Of phase and lead, Ω; `Infinity` is open. */
  readonly ohms: Float64Array
  readonly henry: number
  /** Mean of the phases that are not open, Ω. */
  readonly mean: number
  /** In the copper and the diodes in the last `advance`, J; and what the rail gave, A·s. */
  copper = 0
  diodes = 0
  taken = 0

  readonly #volts = new Float64Array(3)
  readonly #settled = new Float64Array(3)
  readonly #tau: number
  readonly #diode: number
  readonly #brakes: boolean

  constructor({ motor, inverter }: Pick<PmDrive, 'motor' | 'inverter'>) {
    this.ohms = Float64Array.from(phaseOhms(motor))
    this.henry = motor.henry
    const closed = this.ohms.filter((x) => x !== Infinity)
    this.mean = closed.reduce((a, b) => a + b, 0) / Math.max(1, closed.length)
    this.#tau = this.henry / this.mean
    this.#diode = inverter.diodeVolts
    this.#brakes = inverter.regen || inverter.kind === 'sine'
  }

  /** Everything on by `seconds` with the rail at `rail` volts. Modes of ends that float are set to what their diodes do. */
  advance(seconds: number, rail: number): void {
    const { amps, charge, mode } = this
    charge.fill(0)
    this.copper = 0
    this.diodes = 0
    this.taken = 0
    let on = this.#joined(rail)
    let left = seconds
    // Each round ends with the time, or with one current that came to nothing: three at the most.
    for (let n = 0; n < 3 && left > 0 && on > 1; n++) {
      left -= on === 3 ? this.#three(left) : this.#two(left)
      on = (mode[0] ? 1 : 0) + (mode[1] ? 1 : 0) + (mode[2] ? 1 : 0)
      if (on === 2 && left > 0) this.#level()
    }
    if (on < 2) amps.fill(0)
    for (let k = 0; k < 3; k++) {
      const q = charge[k]!
      const m = this.#ended[k]!
      if (m === CHOPPED) this.taken += this.share[k]! * q
      else if (m === HELD_UP || m === DIODE_UP) this.taken += q
      if (m >= DIODE_UP) this.diodes += this.#diode * Math.abs(q)
    }
  }

  /** By which end each phase’s charge went, kept though its current has ended. */
  readonly #ended = new Int8Array(3)

  /** Voltage at every end that conducts, and which diodes do. How many conduct. */
  #joined(rail: number): number {
    const { amps, emf, mode, share, ohms } = this
    const volts = this.#volts
    const up = rail + this.#diode
    const down = -this.#diode
    let on = 0
    let star = 0
    for (let k = 0; k < 3; k++) {
      if (ohms[k] === Infinity) {
        mode[k] = FLOATS
        amps[k] = 0
      } else if (mode[k] === FLOATS && amps[k] !== 0) {
        mode[k] = amps[k]! < 0 ? DIODE_UP : DIODE_DOWN
        volts[k] = amps[k]! < 0 ? up : down
      } else volts[k] = mode[k] === CHOPPED ? share[k]! * rail : mode[k] === HELD_UP ? rail : 0
      if (mode[k] !== FLOATS) {
        on++
        star += volts[k]! - emf[k]! - ohms[k]! * amps[k]!
      }
    }
    if (on < 3) {
      let some = on > 0
      if (some) star /= on
      else {
        // Nothing is held: only what exceeds the rail flows, from the highest EMF to the lowest.
        const [e0, e1, e2] = [emf[0]!, emf[1]!, emf[2]!]
        const top = e0 >= e1 ? (e0 >= e2 ? e0 : e2) : e1 >= e2 ? e1 : e2
        const bottom = e0 <= e1 ? (e0 <= e2 ? e0 : e2) : e1 <= e2 ? e1 : e2
        some = top - bottom > up - down
        star = up - top + 1e-9
      }
      if (some)
        for (let k = 0; k < 3; k++) {
          if (mode[k] !== FLOATS || ohms[k] === Infinity) continue
          if (star + emf[k]! > up) {
            mode[k] = DIODE_UP
            volts[k] = up
          } else if (star + emf[k]! < down) {
            mode[k] = DIODE_DOWN
            volts[k] = down
          } else continue
          on++
        }
    }
    this.#ended[0] = mode[0]!
    this.#ended[1] = mode[1]!
    this.#ended[2] = mode[2]!
    return on
  }

  /** Three conduct, by their mean time constant; what their resistances differ acts as a voltage. The seconds that passed. */
  #three(h: number): number {
    const { amps, emf, mode, ohms, charge } = this
    const volts = this.#volts
    const settled = this.#settled
    const tau = this.#tau
    let star = 0
    for (let k = 0; k < 3; k++) {
      settled[k] = volts[k]! - emf[k]! - (ohms[k]! - this.mean) * amps[k]!
      star += settled[k]! / 3
    }
    let decay = Math.exp(-h / tau)
    let passed = h
    let gone = -1
    for (let k = 0; k < 3; k++) {
      const a = (settled[k]! - star) / this.mean
      settled[k] = a
      const m = mode[k]!
      if (m < DIODE_UP) continue
      const i = amps[k]!
      const next = a + (i - a) * decay
      if (m === DIODE_UP ? next <= 0 : next >= 0) continue
      const t = i === 0 ? 0 : tau * Math.log((a - i) / a)
      if (t > passed) continue
      passed = t
      gone = k
    }
    if (gone >= 0) decay = Math.exp(-passed / tau)
    const c = tau * (1 - decay)
    const cc = 0.5 * tau * (1 - decay * decay)
    for (let k = 0; k < 3; k++) {
      const a = settled[k]!
      const d = amps[k]! - a
      charge[k]! += a * passed + d * c
      this.copper += ohms[k]! * (a * a * passed + 2 * a * d * c + d * d * cc)
      amps[k] = a + d * decay
    }
    if (gone >= 0) {
      amps[gone] = 0
      mode[gone] = FLOATS
    }
    return passed
  }

  /** Two carry one current, whatever the third’s rounding left. */
  #level(): void {
    const { amps, mode } = this
    const p = mode[0] ? 0 : 1
    const q = mode[2] ? 2 : 1
    const i = 0.5 * (amps[p]! - amps[q]!)
    amps[p] = i
    amps[q] = -i
  }

  /** Two conduct: one current through both. The seconds that passed. */
  #two(h: number): number {
    const { amps, emf, mode, ohms, charge } = this
    const volts = this.#volts
    const p = mode[0] ? 0 : 1
    const q = mode[2] ? 2 : 1
    const i = amps[p]!
    const both = ohms[p]! + ohms[q]!
    const tau = (2 * this.henry) / both
    const a = (volts[p]! - emf[p]! - volts[q]! + emf[q]!) / both
    const [mp, mq] = [mode[p]!, mode[q]!]
    let passed = h
    let decay = Math.exp(-h / tau)
    let next = a + (i - a) * decay
    // To nothing only: a diode at either end, or a controller that does not brake.
    const forward = mp === DIODE_DOWN || mq === DIODE_UP || (!this.#brakes && mp === CHOPPED)
    const backward = mp === DIODE_UP || mq === DIODE_DOWN || (!this.#brakes && mq === CHOPPED)
    const ends = (forward && next < 0) || (backward && next > 0)
    if (ends) {
      passed = (forward ? i <= 0 : i >= 0) ? 0 : tau * Math.log((a - i) / a)
      decay = Math.exp(-passed / tau)
      next = 0
      mode[p] = FLOATS
      mode[q] = FLOATS
    }
    const d = i - a
    const c = tau * (1 - decay)
    const carried = a * passed + d * c
    charge[p]! += carried
    charge[q]! -= carried
    this.copper += both * (a * a * passed + 2 * a * d * c + d * d * 0.5 * tau * (1 - decay * decay))
    amps[p] = next
    amps[q] = -next
    amps[3 - p - q] = 0
    return passed
  }
}
