import type { InstrumentUsed, QuantityId, UnitId } from '../units'
import { convert, UNITS } from '../units'
import type { InstrumentKind } from './kinds'

/** One thing that an instrument measures: from where to where, and how well. */
export interface InstrumentRange {
  readonly unit: UnitId
  /** Ends of the range, in `unit`. */
  readonly from: number
  readonly to: number
  /** The smallest step that it shows, in `unit`. */
  readonly resolution?: number
  /** Its error: share of the reading in per cent, and an amount in `unit` on top. */
  readonly percent?: number
  readonly offset?: number
}

/** An instrument of the shop, a torque wrench too. */
export interface Instrument {
  readonly id: string
  /** What stands on it, and what the shop calls it: `meter 3`. */
  readonly name: string
  readonly kind: InstrumentKind
  readonly ranges: readonly InstrumentRange[]
  /** Resistance of its leads, ohm. */
  readonly leads?: number
  /** The lowest voltage that its first lamp shows, V. */
  readonly lampStep?: number
  /** From its square drive to the middle of the grip, mm. */
  readonly grip?: number
  /** From the square drive to the fixing with the adapter that it carries, mm, straight on. */
  readonly reach?: number
  /** Last day of its calibration, `2027-03-31`; null where it has none. */
  readonly calibratedTo: string | null
  /** Not used any more. */
  readonly struck: boolean
}

const DAY = 86_400_000

/** Those in use that measure a quantity, by name. */
export function thoseFor(instruments: readonly Instrument[], quantity: QuantityId): Instrument[] {
  return instruments
    .filter((i) => !i.struck && i.ranges.some((r) => UNITS[r.unit].dimension === quantity))
    .sort((a, b) => a.name.localeCompare(b.name, 'en', { numeric: true }))
}

/** The range that it has in a unit, the widest where there are several; null where there is none. */
export function rangeIn(instrument: Pick<Instrument, 'ranges'>, unit: UnitId): InstrumentRange | null {
  return instrument.ranges.filter((r) => r.unit === unit).reduce<InstrumentRange | null>((a, b) => (a && a.to >= b.to ? a : b), null)
}

/**
 * What a reading may be off by its maker's word, in the unit of the reading: a share of it and an amount on top. Undefined where the shop's
 * list does not say, or has no range of that kind.
 */
export function errorOf(instrument: Pick<Instrument, 'ranges'>, value: number, unit: UnitId): number | undefined {
  const range = instrument.ranges.find((r) => {
    if (UNITS[r.unit].dimension !== UNITS[unit].dimension) return false
    const here = convert(value, unit, r.unit)
    return here >= r.from && here <= r.to
  })
  if (!range || (range.percent === undefined && range.offset === undefined)) return undefined
  const here = convert(value, unit, range.unit)
  const off = (Math.abs(here) * (range.percent ?? 0)) / 100 + (range.offset ?? 0)
  return Math.abs(convert(here + off, range.unit, unit) - value)
}

/** What an entry keeps of an instrument. */
export function usedOf({ id, name, calibratedTo }: Instrument): InstrumentUsed {
  return { id, name, ...(calibratedTo === null ? {} : { calibratedTo }) }
}

/**
 * Whole days that a calibration still has, its last day counted as 0; negative when it has ended.
 * @param calibratedTo last day, `2027-03-31`
 * @param now epoch ms; the day is the one at the place where this runs
 * @example daysLeft('2026-11-30', Date.parse('2026-11-28T12:00')) // 2
 */
export function daysLeft(calibratedTo: string, now: number): number {
  const today = new Date(now)
  return Math.round((Date.parse(calibratedTo) - Date.UTC(today.getFullYear(), today.getMonth(), today.getDate())) / DAY)
}

const STAND_IN = 'stand-in'

/** What an entry keeps of a simulated instrument: its name says so wherever it stands. */
export function standInUsed(kind: InstrumentKind): InstrumentUsed {
  return { id: `${STAND_IN}:${kind}`, name: `${STAND_IN} ${kind}` }
}

/**
 * Was it taken with a simulated instrument? Nothing is proved dead by one, and no real shop keeps its readings.
 * @param used as an entry keeps it; by its name alone, as builds before 13 wrote it
 */
export function isStandIn(used: Partial<InstrumentUsed> | string | undefined): boolean {
  const is = (text: string | undefined): boolean => text?.startsWith(STAND_IN) ?? false
  return typeof used === 'string' ? is(used) : is(used?.id) || is(used?.name)
}

/** Does anything in the body of an entry come from a simulated instrument, at whatever depth? */
export function hasStandIn(body: unknown): boolean {
  if (Array.isArray(body)) return body.some(hasStandIn)
  if (body === null || typeof body !== 'object') return false
  return Object.entries(body).some(
    ([field, x]) => hasStandIn(x) || ((field === 'instrument' || field === 'wrench') && isStandIn(x as InstrumentUsed | string)),
  )
}
