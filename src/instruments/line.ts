import { type Mode, type UnitId, unitId, UNITS } from '../core/units'
import type { InstrumentKind } from '../core/instruments'
import { INSTRUMENT_KIND_IDS } from '../core/instruments'
import { fail, ok, type Result } from '../core/result'

/** What stands on the display: a figure, more than it can show either way, or dashes. */
export type Shown = { readonly is: 'value'; readonly value: number } | { readonly is: 'over' | 'under' | 'nothing' }

/** What an instrument says of its figure: held by its own key, the least or most since it was reset, and so on. */
export const MARKS = ['hold', 'min', 'max', 'average', 'low-battery'] as const
export type Mark = (typeof MARKS)[number]

/** One figure off an instrument. */
export interface Reading {
  readonly is: 'reading'
  readonly shown: Shown
  readonly unit: UnitId
  /** How it is set, where its unit leaves that open; what it says of itself counts. */
  readonly mode?: Mode
  /** Smallest step that its last digit tells apart, in `unit`; undefined where there is no figure. */
  readonly step?: number
  readonly marks: readonly Mark[]
  /** Of an insulation test, V. */
  readonly testVolts?: number
}

/** What the three Halls show on a lamp, first worth 4, last 1. */
export interface HallLamp {
  readonly is: 'halls'
  readonly code: number
}

/** What an instrument says of itself. */
export type Fact =
  | { readonly is: 'kind'; readonly kind: InstrumentKind }
  | { readonly is: 'name'; readonly name: string }
  | { readonly is: 'stand-in' }
  /** A remark for people. */
  | { readonly is: 'remark' }

export type Line = Reading | HallLamp | Fact

export type LineFault =
  | { readonly kind: 'unreadable' }
  | { readonly kind: 'no figure'; readonly text: string }
  | { readonly kind: 'no unit' }
  | { readonly kind: 'unknown unit'; readonly unit: string }
  | { readonly kind: 'unknown word'; readonly word: string }
  | { readonly kind: 'unknown kind'; readonly text: string }

/** Letters of a line at most; what is longer is no line of ours. */
export const LONGEST_LINE = 120

const FIGURE = /^[-+−]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:[eE][-+]?\d{1,3})?/
const OVER = /^(?<minus>[-−])?(?:O\.?L\.?|0\.?L\.?)(?![\d.,])/i
const DASHES = /^[-–−]{2,}/

/** Words after a unit that say how an instrument is set. */
const WORD_MODES: Readonly<Record<string, (unit: UnitId) => Mode | null>> = {
  dc: (u) => (UNITS[u].dimension === 'voltage' ? 'V DC' : UNITS[u].dimension === 'current' ? 'A DC' : null),
  ac: (u) => (UNITS[u].dimension === 'voltage' ? 'V AC' : UNITS[u].dimension === 'current' ? 'A AC' : null),
  diode: (u) => (UNITS[u].dimension === 'voltage' ? 'diode' : null),
  continuity: (u) => (UNITS[u].dimension === 'resistance' ? 'continuity' : null),
  insulation: (u) => (UNITS[u].dimension === 'resistance' ? 'insulation' : null),
  peak: () => 'peak',
  relative: () => 'relative',
}

/**
 * Reads one line: a figure, its unit, how the instrument is set, and marks, with spaces between; `#` before what it says of itself.
 * A figure has a point or a comma; `OL` is more than it can show, `-OL` less than it can, dashes are no figure yet.
 * @param text without its line end; at most `LONGEST_LINE` letters
 * @example readLine('51.83 V DC hold') // a reading of 51.83 V, smallest step 0.01 V
 * @example readLine('101 halls') // the Halls show 1, 0, 1
 * @example readLine('#kind multimeter') // what it is
 */
export function readLine(text: string): Result<Line, LineFault> {
  const plain = text.trim()
  // Anything but letters, figures and the few marks of the trade is noise on the wire.
  if (plain === '' || plain.length > LONGEST_LINE || !/^[\p{L}\p{N}\p{M} .,:;#@%°Ω\u2126µ·/+−–()'’"_&-]+$/u.test(plain))
    return fail({ kind: 'unreadable' })
  if (plain.startsWith('#')) return readFact(plain)
  const halls = /^([01]{3})\s+halls$/.exec(plain)
  if (halls) return ok({ is: 'halls', code: parseInt(halls[1]!, 2) })
  const over = OVER.exec(plain)
  const dashes = DASHES.exec(plain)
  const figure = over || dashes ? null : FIGURE.exec(plain)
  const head = (over ?? dashes ?? figure)?.[0]
  if (head === undefined) return fail({ kind: 'no figure', text: plain })
  const [named, ...words] = plain.slice(head.length).trim().split(/\s+/)
  if (!named) return fail({ kind: 'no unit' })
  const unit = unitId(named)
  if (unit === null) return fail({ kind: 'unknown unit', unit: named })
  let mode: Mode | undefined = UNITS[unit].dimension === 'resistance' ? 'ohm' : undefined
  const marks: Mark[] = []
  let testVolts: number | undefined
  for (const word of words) {
    const set = WORD_MODES[word.toLowerCase()]?.(unit)
    const mark = MARKS.find((m) => m === word.toLowerCase())
    const volts = /^@(\d{1,5})V$/i.exec(word)
    if (set) mode = set
    else if (mark) marks.push(mark)
    else if (volts && UNITS[unit].dimension === 'resistance') testVolts = Number(volts[1])
    else return fail({ kind: 'unknown word', word })
  }
  const value = figure ? Number(figure[0].replace(',', '.').replace('−', '-')) : NaN
  if (figure && !(Math.abs(value) <= 1e9)) return fail({ kind: 'no figure', text: plain })
  return ok({
    is: 'reading',
    shown: over ? { is: over.groups?.['minus'] ? 'under' : 'over' } : figure ? { is: 'value', value } : { is: 'nothing' },
    unit,
    marks,
    ...(mode ? { mode } : {}),
    ...(figure ? { step: stepOf(figure[0]) } : {}),
    ...(testVolts === undefined ? {} : { testVolts }),
  })
}

function readFact(plain: string): Result<Line, LineFault> {
  const [, name, rest = ''] = /^#\s*([a-z-]+)\s*(.*)$/i.exec(plain) ?? []
  if (name === 'kind') {
    const kind = INSTRUMENT_KIND_IDS.find((k) => k === rest)
    return kind ? ok({ is: 'kind', kind }) : fail({ kind: 'unknown kind', text: rest })
  }
  if (name === 'name' && rest) return ok({ is: 'name', name: rest.slice(0, 80) })
  if (name === 'stand-in') return ok({ is: 'stand-in' })
  return ok({ is: 'remark' })
}

/** What the last digit of a figure is worth. */
function stepOf(figure: string): number {
  const [mantissa, exponent = '0'] = figure.toLowerCase().split('e')
  const decimals = /[.,](\d*)$/.exec(mantissa!)?.[1]!.length ?? 0
  return 10 ** (Number(exponent) - decimals)
}
