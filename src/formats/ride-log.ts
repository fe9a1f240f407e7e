import Papa from 'papaparse'
import { type Channel, CHANNELS, type LogNote, type RawLog, type RideLogFault } from '../core/ride'
import { fail, ok, type Result } from '../core/result'
import { cut } from '../core/text'

/** Largest log that is read, rows and bytes. */
/** Nanoseconds since 1970 are below this; a time beyond it is none. */
const LATEST = 1e19
const MAX_ROWS = 5_000_000
export const MAX_BYTES = 200_000_000

export interface ReadLog {
  readonly raw: RawLog
  readonly notes: readonly LogNote[]
  /** The columns that were used, as the file names them. */
  readonly columns: readonly string[]
}

interface Column {
  readonly at: number
  readonly name: string
  readonly scale: (value: number) => number
}

const NAMES: Readonly<Record<Channel | 'time', RegExp>> = {
  time: /^(time|t|zeit|seconds|sec|timestamp|elapsed)\b/i,
  speed: /speed|velocity|geschwindigkeit|^v\s*[[(]?\s*(km|m\/s|mph)/i,
  current: /current|strom|amps?\b|^i\b/i,
  voltage: /volt|spannung|^u\b/i,
  temperature: /temp/i,
}

const same = (x: number): number => x
const UNIT: readonly (readonly [RegExp, Partial<Record<Channel | 'time', (x: number) => number>>])[] = [
  [/\bms\b|millis/i, { time: (x) => x / 1000 }],
  [/\bmin\b/i, { time: (x) => x * 60 }],
  [/mph|mi\/h/i, { speed: (x) => x * 1.609344 }],
  [/m\/s/i, { speed: (x) => x * 3.6 }],
  [/\bmA\b/, { current: (x) => x / 1000 }],
  [/\bmV\b/, { voltage: (x) => x / 1000 }],
  [/°?F\b/, { temperature: (x) => ((x - 32) * 5) / 9 }],
]

/**
 * Reads a ride log: CSV with a header line; comma, semicolon or tab between the columns, decimal point or comma. Wants a time column
 * and one or more of speed, current, voltage, motor temperature; units in the header (km/h, m/s, mph, ms, mA, mV, °F) are converted.
 * A line that cannot be read is left out and noted with its number; nothing of the file is changed.
 * @param text at most 200 MB; more than five million rows are noted and left out
 */
export function readRideLog(text: string): Result<ReadLog, RideLogFault> {
  if (text.length > MAX_BYTES) return fail({ kind: 'too large', bytes: text.length })
  const first = text.slice(0, 4096).replace(/^\uFEFF/, '')
  const header = first.split(/\r\n|\r|\n/, 1)[0] ?? ''
  if (header.trim() === '') return fail({ kind: 'empty' })
  const delimiter = [';', '\t', ','].find((d) => header.split(d).length > 1) ?? ','
  const names = header.split(delimiter).map((n) => n.trim().replace(/^"|"$/g, ''))
  if (names.every((n) => n === '' || /^[-+\d.,:]+$/.test(n)) || /[\u0000-\u0008\uFFFD]/.test(header))
    return fail({ kind: 'no header', found: header.slice(0, 60) })
  const found = (key: Channel | 'time'): Column | null => {
    const at = names.findIndex((n) => NAMES[key].test(n))
    if (at < 0) return null
    return { at, name: names[at]!, scale: UNIT.find(([unit, to]) => to[key] && unit.test(names[at]!))?.[1][key] ?? same }
  }
  const time = found('time')
  if (!time) return fail({ kind: 'no time', columns: names.slice(0, 12) })
  const wanted = CHANNELS.flatMap((c) => {
    const column = found(c)
    return column ? [[c, column] as const] : []
  })
  if (wanted.length === 0) return fail({ kind: 'no channel', columns: names.slice(0, 12) })
  return rows(text, delimiter, time, wanted)
}

function rows(
  text: string,
  delimiter: string,
  time: Column,
  wanted: readonly (readonly [Channel, Column])[],
): Result<ReadLog, RideLogFault> {
  const most = Math.min(MAX_ROWS, Math.floor(text.length / 4) + 1)
  const times = new Float64Array(most)
  const row = new Uint32Array(most)
  const values = wanted.map(() => new Float64Array(most))
  // With a semicolon or tab between columns a comma can only be a decimal comma.
  const comma = delimiter !== ','
  const read = (cell: string | undefined): number => readFigure(cell, comma)
  let n = 0
  let line = 1
  let unreadable = 0
  let firstBad = { row: 0, found: '' }
  let left = 0
  const cells = wanted.map(() => ({ count: 0, row: 0 }))
  Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    delimiter,
    skipEmptyLines: false,
    step: ({ data }) => {
      if (line++ === 1) return
      if (data.length === 1 && data[0]!.trim() === '') return
      const t = readTime(data[time.at], read)
      if (!(Math.abs(t) <= LATEST)) {
        if (unreadable++ === 0) firstBad = { row: line - 1, found: cut(data.join(delimiter), 60) }
        return
      }
      if (n >= most) return void left++
      times[n] = time.scale(t)
      row[n] = line - 1
      for (let k = 0; k < wanted.length; k++) {
        const column = wanted[k]![1]
        const value = column.scale(read(data[column.at]))
        if (!Number.isFinite(value) && (data[column.at]?.trim() ?? '') !== '' && cells[k]!.count++ === 0) cells[k]!.row = line - 1
        values[k]![n] = Number.isFinite(value) ? value : Number.NaN
      }
      n++
    },
  })
  if (n === 0) return unreadable > 0 ? fail({ kind: 'nothing readable', ...firstBad }) : fail({ kind: 'empty' })
  const notes: LogNote[] = [
    ...(unreadable > 0 ? [{ kind: 'unreadable' as const, count: unreadable, row: firstBad.row, channel: 'time' as const }] : []),
    ...wanted.flatMap(([channel], k) => (cells[k]!.count > 0 ? [{ kind: 'unreadable' as const, ...cells[k]!, channel }] : [])),
    ...CHANNELS.filter((c) => !wanted.some(([w]) => w === c)).map((channel) => ({ kind: 'missing' as const, count: 1, row: 1, channel })),
    ...(left > 0 ? [{ kind: 'too long' as const, count: left, row: row[n - 1]! + 1 }] : []),
  ]
  const speedName = wanted.find(([c]) => c === 'speed')?.[1].name ?? ''
  return ok({
    raw: {
      time: times.subarray(0, n),
      row: row.subarray(0, n),
      channels: Object.fromEntries(wanted.map(([c], k) => [c, values[k]!.subarray(0, n)])),
      speedFrom: /gps|sat/i.test(speedName) ? 'satellite' : /wheel|hub|rad/i.test(speedName) ? 'wheel' : 'unknown',
    },
    notes,
    columns: [time.name, ...wanted.map(([, c]) => c.name)],
  })
}

/**
 * A decimal figure; NaN for an empty cell or words. Plain ones of up to 15 digits are read digit by digit, several times faster than
 * `Number` and exactly the same (an exact integer over an exact power of ten; Clinger 1990).
 */
export function readFigure(cell: string | undefined, comma: boolean): number {
  if (cell === undefined || cell === '') return Number.NaN
  const negative = cell.charCodeAt(0) === 45
  let mantissa = 0
  let digits = 0
  let scale = 0
  for (let i = negative ? 1 : 0; i < cell.length; i++) {
    const c = cell.charCodeAt(i)
    if (c >= 48 && c <= 57) {
      mantissa = mantissa * 10 + (c - 48)
      digits++
      scale *= 10
    } else if (scale === 0 && (c === 46 || (comma && c === 44))) scale = 1
    else return slowFigure(cell, comma)
  }
  if (digits === 0 || digits > 15) return slowFigure(cell, comma)
  const value = scale > 1 ? mantissa / scale : mantissa
  return negative ? -value : value
}

/** With an exponent, a sign, blanks about it, or more digits than a number holds. */
function slowFigure(cell: string, comma: boolean): number {
  return cell.trim() === '' ? Number.NaN : Number(comma ? cell.replace(',', '.') : cell)
}

/** Seconds, `h:mm:ss.s`, or a date and time. */
function readTime(cell: string | undefined, read: (cell: string | undefined) => number): number {
  const plain = read(cell)
  if (!Number.isNaN(plain) || cell === undefined) return plain
  const clock = /^(\d+):(\d{2}):(\d{2}(?:[.,]\d+)?)$/.exec(cell.trim())
  if (clock) return Number(clock[1]) * 3600 + Number(clock[2]) * 60 + Number(clock[3]!.replace(',', '.'))
  return /^\d{4}-\d{2}-\d{2}[T ]/.test(cell.trim()) ? Date.parse(cell.trim()) / 1000 : Number.NaN
}
