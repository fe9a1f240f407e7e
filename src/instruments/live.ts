import { convert, type UnitId, UNITS } from '../core/units'
import type { InstrumentKind } from '../core/instruments'
import type { HallLamp, LineFault, Reading } from './line'
import { readLine } from './line'

/** How one instrument stands on the bench. */
export interface Facts {
  readonly kind?: InstrumentKind
  readonly name: string
  /** A simulated instrument, held on a machine that is not there. */
  readonly standIn: boolean
}

/** What has been seen of one instrument since the field that asks was opened. */
export interface Seen {
  readonly facts: Facts
  /** Epoch ms at which the last line came; null before the first. */
  readonly at: number | null
  readonly reading: Reading | null
  /** `settled`: it stands still; `moving`: it does not; `new`: too short to tell. */
  readonly is: 'new' | 'settled' | 'moving'
  /**
   * The least and the most, in the reading’s unit, from when it first stood still: leads that are put on creep to their value. Until then
   * since the first figure. Null where none is a figure.
   */
  readonly low: number | null
  readonly high: number | null
  /** They lie further apart than a value that stands. */
  readonly ranged: boolean
  /** Seconds since the first figure. */
  readonly seconds: number
  /** What it showed a minute after the first figure; null before. */
  readonly at60: number | null
  /** Codes that the Halls have shown, in order. */
  readonly halls: readonly number[]
  /** What was wrong with the last line, where it was none. */
  readonly fault: LineFault | null
}

/** For so long it has to stand still, ms. */
const STILL_MS = 1500
/** So many figures in that time show that it does; after a gap one says nothing. */
const LATELY = 3
/** Share of a figure within which it stands still, beside three steps of its last digit. */
const STILL = 0.005
/** When the value that moves on purpose is read: insulation after a minute (IEEE 43). */
export const MINUTE = 60

/** Kinds that send one line when a button or the tool itself says so: that line stands. */
const ONE_SHOT: readonly InstrumentKind[] = ['caliper or gauge', 'torque wrench', 'scale']

interface Point {
  readonly at: number
  readonly value: number
}

/** What one instrument shows, in time. Times are an argument, so that a test needs no clock. */
export class Live {
  #facts: Facts
  #at: number | null = null
  #reading: Reading | null = null
  #points: Point[] = []
  #first: number | null = null
  #low: number | null = null
  #high: number | null = null
  #at60: number | null = null
  /** It stood still once. */
  #stood = false
  #halls: number[] = []
  #fault: LineFault | null = null

  constructor(facts: Facts) {
    this.#facts = facts
  }

  /** One line of it, as it came. */
  put(text: string, at: number): void {
    const read = readLine(text)
    this.#at = at
    if (!read.ok) return void (this.#fault = read.error)
    const line = read.value
    if (line.is === 'kind') this.#facts = { ...this.#facts, kind: line.kind }
    else if (line.is === 'name') this.#facts = { ...this.#facts, name: line.name }
    else if (line.is === 'stand-in') this.#facts = { ...this.#facts, standIn: true }
    else if (line.is === 'halls') this.#hall(line)
    else if (line.is === 'reading') this.#read(line, at)
    if (line.is !== 'remark') this.#fault = null
  }

  /** Another field asks: what was before does not count for it. */
  begin(): void {
    this.#points = []
    this.#stood = false
    this.#first = this.#low = this.#high = this.#at60 = null
    this.#halls = []
  }

  seen(now: number): Seen {
    return {
      facts: this.#facts,
      at: this.#at,
      reading: this.#reading,
      is: this.#stands(now),
      low: this.#low,
      high: this.#high,
      ranged: this.#high !== null && this.#high - this.#low! > this.#still(),
      seconds: this.#first === null ? 0 : Math.max(0, (now - this.#first) / 1000),
      at60: this.#at60,
      halls: this.#halls,
      fault: this.#fault,
    }
  }

  #hall({ code }: HallLamp): void {
    if (this.#halls.at(-1) !== code) this.#halls = [...this.#halls, code].slice(-24)
  }

  #read(reading: Reading, at: number): void {
    const { shown, unit, mode } = reading
    const before = this.#reading
    // Set to something else: lowest and highest begin anew.
    if (before && (UNITS[before.unit].dimension !== UNITS[unit].dimension || before.mode !== mode)) this.begin()
    else if (before && before.unit !== unit) this.#turnInto(before.unit, unit)
    this.#reading = reading
    if (shown.is !== 'value') {
      // Dashes, or beyond its range: nothing stands still that is no figure.
      this.#points = []
      return
    }
    const { value } = shown
    this.#first ??= at
    this.#points = [...this.#points.filter((p) => p.at >= at - 2 * STILL_MS), { at, value }].slice(-64)
    this.#low = Math.min(this.#low ?? value, value)
    this.#high = Math.max(this.#high ?? value, value)
    const lately = this.#points.filter((p) => p.at >= at - STILL_MS).length
    if (!this.#stood && lately >= LATELY && this.#stands(at) === 'settled') {
      this.#stood = true
      this.#low = this.#high = value
    }
    if (this.#at60 === null && at - this.#first >= MINUTE * 1000) this.#at60 = value
  }

  /** The instrument changed its range by itself: what was seen is told in the unit that stands there now. */
  #turnInto(from: UnitId, to: UnitId): void {
    const turn = (x: number | null): number | null => (x === null ? null : convert(x, from, to))
    this.#points = this.#points.map((p) => ({ at: p.at, value: convert(p.value, from, to) }))
    this.#low = turn(this.#low)
    this.#high = turn(this.#high)
    this.#at60 = turn(this.#at60)
  }

  /** Within so much it stands still, in the reading’s unit. */
  #still(): number {
    const { shown, step = 0 } = this.#reading!
    return Math.max(3 * step, STILL * (shown.is === 'value' ? Math.abs(shown.value) : 0)) + 1e-12
  }

  #stands(now: number): Seen['is'] {
    const reading = this.#reading
    if (!reading) return 'new'
    const { shown, marks } = reading
    if (shown.is === 'nothing') return 'moving'
    if (marks.some((m) => m !== 'low-battery') || shown.is !== 'value') return 'settled'
    if (this.#facts.kind && ONE_SHOT.includes(this.#facts.kind)) return 'settled'
    const recent = this.#points.filter((p) => p.at >= now - STILL_MS)
    const oldest = this.#points[0]
    const values = (recent.length > 0 ? recent : this.#points.slice(-1)).map((p) => p.value)
    const spread = Math.max(...values) - Math.min(...values)
    if (spread > this.#still()) return 'moving'
    return oldest && now - oldest.at >= STILL_MS ? 'settled' : 'new'
  }
}
