import { convert, type Measurement, type Mode, type QuantityId, type Result, type UnitId, UNITS } from '../core/units'
import type { Seen } from './live'

/** What a field asks of an instrument. */
export interface Asked {
  readonly quantity: QuantityId
  /** Unit in which the field keeps it. */
  readonly unit: UnitId
  /** What is possible at all, in `unit`. */
  readonly range?: readonly [number, number]
  /** How the instrument has to be set; where nothing is said, direct voltage or current, and plain ohms. */
  readonly modes?: readonly Mode[]
  /** The coarsest step that still tells what is asked, in `unit`, at a value. */
  readonly finest?: (value: number) => number
  /** Only a figure means anything: more than the instrument can show is none. */
  readonly figure?: boolean
  /** Only a value that stands still means anything. */
  readonly settled?: boolean
  /** Is there power on what the leads are on? Ohms are not measured there. */
  readonly live: boolean
  /** No simulated instrument proves anything dead. */
  readonly dead?: boolean
}

/** Why what an instrument shows is not what a field asks for. */
export type Misfit =
  | { readonly kind: 'nothing yet' }
  | { readonly kind: 'unreadable' }
  | { readonly kind: 'stand-in' }
  | { readonly kind: 'other quantity'; readonly shows: QuantityId; readonly wants: QuantityId }
  | { readonly kind: 'other mode'; readonly shows: Mode; readonly wants: Mode }
  | { readonly kind: 'ohms on live' }
  | { readonly kind: 'no figure' }
  | { readonly kind: 'beyond' }
  | { readonly kind: 'out of range'; readonly value: number; readonly unit: UnitId; readonly from: number; readonly to: number }
  | { readonly kind: 'too coarse'; readonly step: number; readonly unit: UnitId; readonly wants: number }
  | { readonly kind: 'moving' }

const USUAL: Partial<Record<QuantityId, readonly Mode[]>> = { voltage: ['V DC'], current: ['A DC'], resistance: ['ohm'] }

/** Which of what was seen is taken: as it stands, the least, the most, or what stood there after a minute. */
export const TAKES = ['now', 'low', 'high', 'at 60 s'] as const
export type Take = (typeof TAKES)[number]

/** A reading as a field takes it: its result in the field’s unit. */
export interface Taken extends Pick<Measurement, 'result' | 'mode' | 'condition'> {
  readonly unit: UnitId
}

/**
 * Does what an instrument shows answer what is asked? Refused by name where it is set to something else, out of range, too coarse, on a
 * live circuit, or moving where it has to stand still.
 * @param beyond end of the instrument’s range in the asked unit, for what is more than it can show; null where it is not known
 */
export function fits(
  asked: Asked,
  seen: Seen,
  take: Take = 'now',
  beyond: number | null = null,
): { readonly ok: true; readonly value: Taken } | { readonly ok: false; readonly error: Misfit } {
  const no = (error: Misfit): { readonly ok: false; readonly error: Misfit } => ({ ok: false, error })
  const { reading } = seen
  if (seen.fault) return no({ kind: 'unreadable' })
  if (!reading) return no({ kind: 'nothing yet' })
  if (asked.dead && seen.facts.standIn) return no({ kind: 'stand-in' })
  const shows = UNITS[reading.unit].dimension
  if (shows === 'resistance' && asked.live) return no({ kind: 'ohms on live' })
  if (shows !== asked.quantity) return no({ kind: 'other quantity', shows, wants: asked.quantity })
  const modes = asked.modes ?? USUAL[asked.quantity] ?? []
  if (reading.mode && modes.length > 0 && !modes.includes(reading.mode))
    return no({ kind: 'other mode', shows: reading.mode, wants: modes[0]! })
  const more = {
    unit: asked.unit,
    ...(reading.mode ? { mode: reading.mode } : {}),
    ...(reading.testVolts === undefined
      ? {}
      : { condition: { testVolts: reading.testVolts, ...(take === 'at 60 s' ? { seconds: 60 } : {}) } }),
  }
  if (take === 'now' && (reading.shown.is === 'over' || reading.shown.is === 'under')) {
    if (asked.figure) return no({ kind: 'beyond' })
    if (beyond === null) return no({ kind: 'no figure' })
    const sign = reading.shown.is === 'under' ? -1 : 1
    return { ok: true, value: { ...more, result: { is: reading.shown.is, limit: sign * Math.abs(beyond) } } }
  }
  const figure = { now: reading.shown.is === 'value' ? reading.shown.value : null, low: seen.low, high: seen.high, 'at 60 s': seen.at60 }[
    take
  ]
  if (figure === null) return no({ kind: 'no figure' })
  const value = tidy(convert(figure, reading.unit, asked.unit))
  const [from, to] = asked.range ?? [-1e9, 1e9]
  if (value < from || value > to) return no({ kind: 'out of range', value, unit: asked.unit, from, to })
  const step =
    reading.step === undefined ? 0 : Math.abs(convert(reading.step, reading.unit, asked.unit) - convert(0, reading.unit, asked.unit))
  const finest = asked.finest?.(value)
  if (finest !== undefined && step > finest) return no({ kind: 'too coarse', step: tidy(step), unit: asked.unit, wants: tidy(finest) })
  if (take === 'now' && asked.settled && seen.is !== 'settled') return no({ kind: 'moving' })
  const result: Result = { is: 'value', value }
  return { ok: true, value: { ...more, result } }
}

/** Without the dust that converting leaves in the last places. */
const tidy = (x: number): number => Number(x.toPrecision(9))
