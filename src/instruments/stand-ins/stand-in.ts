import type { InstrumentKind } from '../../core/instruments'
import { convert, type QuantityId, type UnitId, unitLabel, UNITS } from '../../core/units'
import { type Dial, standInOf, type StandInKind } from './dials'

/** What its leads, jaws or beam are on. */
export interface Place {
  /** What stands there, as an instrument without error would show it. */
  readonly value: number
  readonly unit: UnitId
  /** It is an alternating voltage or current. */
  readonly alternating?: boolean
  /** What lies across it though it is ohms that are asked, V: 0 on a dead machine. */
  readonly volts?: number
}

/** Anything from 0 up to, not with, 1. */
export type Chance = () => number

/** For so long a display creeps to its value, s. */
const CREEP = 0.35
/** An insulation reading climbs for about so long, s (absorption; IEEE 43). */
const CLIMB = 18

/**
 * A simulated instrument, with the error, the steps and the leads of an ordinary one. In a wrong mode it shows what such a one shows:
 * alternating volts on a battery next to nothing, ohms on a live circuit whatever comes to its mind.
 */
export class StandIn {
  readonly kind: InstrumentKind
  readonly #is: StandInKind
  readonly #chance: Chance
  /** This one’s own error, −1 … 1 of what its kind may be off. */
  readonly #bias: number
  #dial: Dial
  #place: Place | null = null
  #since = 0

  constructor(kind: InstrumentKind, chance: Chance) {
    const is = standInOf(kind)
    if (!is) throw new RangeError(`nothing stands in for a ${kind}`)
    this.kind = kind
    this.#is = is
    this.#dial = is.dials[0]!
    this.#chance = chance
    this.#bias = 1.2 * (chance() - 0.5)
  }

  get dial(): string {
    return this.#dial.name
  }

  /** Turns its dial. @returns whether it has such a position */
  turn(name: string, now: number): boolean {
    const dial = this.#is.dials.find((d) => d.name === name)
    if (dial && dial !== this.#dial) {
      this.#dial = dial
      this.#since = now
    }
    return dial !== undefined
  }

  /** Holds it on something, or on nothing. */
  hold(place: Place | null, now: number): void {
    this.#place = place
    this.#since = now
  }

  /** What it shows now, as a line. @param now epoch ms */
  line(now: number): string {
    const dial = this.#dial
    if (dial.ranges.length === 0) return `${halls(this.#place, now - this.#since)} halls`
    const true_ = this.#true(dial)
    const seconds = (now - this.#since) / 1000
    if (true_ === null) return this.#say(dial, this.#wild(), seconds)
    const climbs = dial.mode === 'insulation' && this.#place ? 0.55 + 0.45 * (1 - Math.exp(-seconds / CLIMB)) : 1
    return this.#say(dial, true_ === Infinity ? Infinity : true_ * climbs * (1 - Math.exp(-seconds / CREEP)), seconds)
  }

  /** What its dial makes of what it is held on, in the SI unit of the dial; null where it shows anything. */
  #true(dial: Dial): number | null {
    const place = this.#place
    const open = dial.quantity === 'resistance' || dial.mode === 'diode' ? Infinity : 0
    if (!place) return open
    const quantity = UNITS[place.unit].dimension
    const si = place.value * UNITS[place.unit].factor
    const { mode } = dial
    // Ohms, diodes and continuity feed a little of their own: what lies across it spoils that.
    const across = quantity === 'voltage' ? Math.abs(si) : (place.volts ?? 0)
    if (dial.quantity === 'resistance' || mode === 'diode') {
      if (across > 0.3) return mode === 'diode' ? Infinity : null
      if (quantity !== 'resistance') return open
      if (mode === 'diode') return si < 2000 ? si * 1e-3 : Infinity
      return si + this.#is.leads
    }
    if (quantity !== dial.quantity) return 0
    const alternating = mode === 'V AC' || mode === 'A AC'
    // Direct on an alternating range: a ripple. Alternating on a direct range: a mean of nothing.
    if (mode && (place.alternating ?? false) !== alternating) return 0.0008 * si
    return place.unit === 'degC' ? place.value : si
  }

  #wild(): number {
    return this.#chance() < 0.3 ? Infinity : (this.#chance() - 0.35) * 4e5
  }

  #say(dial: Dial, si: number, seconds: number): string {
    const words = [
      ...(dial.mode === 'V DC' || dial.mode === 'A DC' ? ['DC'] : dial.mode === 'V AC' || dial.mode === 'A AC' ? ['AC'] : []),
      ...(dial.mode === 'diode' || dial.mode === 'continuity' || dial.mode === 'insulation' ? [dial.mode] : []),
      ...(dial.testVolts === undefined ? [] : [`@${dial.testVolts}V`]),
    ]
    const last = dial.ranges.at(-1)!
    const per = (unit: UnitId): number => (unit === 'degC' ? 1 : UNITS[unit].factor)
    const off = si * (1 + (this.#bias * dial.percent) / 100)
    const fit = dial.ranges.find((r) => Math.abs(off) / per(r.unit) <= r.to)
    const end = (text: string, unit: UnitId): string => [text, unitLabel(unit), ...words].join(' ')
    if (!fit || !Number.isFinite(off)) return end(off < 0 ? '-OL' : 'OL', last.unit)
    // The last digit is never still for long.
    const noise = fit.step * (this.#bias * 0.5 * dial.digits + (seconds > 0 ? Math.round(1.6 * (this.#chance() - 0.5)) : 0))
    const shown = off / per(fit.unit) + noise
    return end((Math.round(shown / fit.step) * fit.step).toFixed(Math.max(0, -Math.floor(Math.log10(fit.step) + 1e-9))), fit.unit)
  }

  /** What it measures at the most, in a unit; null where its dial measures something else. */
  end(unit: UnitId): number | null {
    const quantity: QuantityId = UNITS[unit].dimension
    const last = this.#dial.ranges.at(-1)
    return last && this.#dial.quantity === quantity ? convert(last.to, last.unit, unit) : null
  }
}

/** Six codes of a turn by hand, a third of a second each; what is stuck stays (`value`: a code that is and-ed over them). */
function halls(place: Place | null, ms: number): string {
  if (!place) return '000'
  const turn = [5, 4, 6, 2, 3, 1]
  const code = turn[Math.floor(ms / 333) % 6]! & (place.unit === 'V' && Number.isInteger(place.value) ? place.value & 7 : 7)
  return code.toString(2).padStart(3, '0')
}
