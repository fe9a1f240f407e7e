import Papa from 'papaparse'
import { type Channel, CHANNELS, type LogNote, type RideLogFault } from '../core/ride'
import { fail, ok, type Result } from '../core/result'
import { cut } from '../core/text'
import { isGpx, readGpx } from './gpx'
import { fromUnit, readHeader, type Role, ROLES } from './ride-header'
import type { ReadLog, Taken } from './ride-read'

/** Nanoseconds since 1970 are below this; a time beyond it is none. */
const LATEST = 1e19
/** Largest log that is read, rows and bytes. */
const MAX_ROWS = 5_000_000
export const MAX_BYTES = 200_000_000
/** Columns that are told of. */
const MOST_COLUMNS = 60

/** What somebody says a column is, in place of what its header says; null: no column has it. */
export type Assigned = { readonly [R in Role]?: { readonly column: string; readonly unit: string } | null }

interface Column extends Taken {
  readonly at: number
  readonly scale: (value: number) => number
}

/** The surest column for a role; of equally sure ones the first. What was assigned by hand goes before. */
function columnFor(role: Role, names: readonly string[], assigned: Assigned): Column | null {
  const by = assigned[role]
  if (by === null) return null
  const own = by ? names.indexOf(by.column) : -1
  if (by && own >= 0) return { role, at: own, column: by.column, unit: by.unit, named: true, scale: fromUnit(role, by.unit) }
  const mine = new Set(ROLES.flatMap((r) => (r !== role && assigned[r] ? [assigned[r].column] : [])))
  return names.reduce<(Column & { readonly sure: number }) | null>((best, column, at) => {
    const read = readHeader(column)
    if (read.role !== role || mine.has(column) || (best && best.sure >= read.sure)) return best
    return { role, at, column, unit: read.unit, named: read.named, scale: read.to, sure: read.sure }
  }, null)
}

/**
 * Reads a ride log: GPX 1.1, or CSV with a header line; comma, semicolon or tab between the columns, decimal point or comma. Wants a
 * time column and one or more of speed, current, voltage, motor temperature; what each header says is read by `readHeader`, and units
 * are converted.
 * Time is seconds, a clock (which may pass midnight), a date and time, or a count since 1970, whose unit its size tells.
 * A line that cannot be read is left out and noted with its number; nothing of the file is changed.
 * @param assigned what somebody says the columns are; it goes before the headers
 * @param text at most 200 MB; more than five million rows are noted and left out
 */
export function readRideLog(text: string, assigned: Assigned = {}): Result<ReadLog, RideLogFault> {
  if (text.length > MAX_BYTES) return fail({ kind: 'too large', bytes: text.length })
  if (isGpx(text)) return readGpx(text)
  const first = text.slice(0, 4096).replace(/^\uFEFF/, '')
  const header = first.split(/\r\n|\r|\n/, 1)[0] ?? ''
  if (header.trim() === '') return fail({ kind: 'empty' })
  const delimiter = [';', '\t', ','].find((d) => header.split(d).length > 1) ?? ','
  const names = header.split(delimiter).map((n) => n.trim().replace(/^"|"$/g, ''))
  if (names.every((n) => n === '' || /^[-+\d.,:]+$/.test(n)) || /[\u0000-\u0008\uFFFD]/.test(header))
    return fail({ kind: 'no header', found: header.slice(0, 60) })
  const time = columnFor('time', names, assigned)
  if (!time) return fail({ kind: 'no time', columns: names.slice(0, MOST_COLUMNS) })
  const wanted = CHANNELS.flatMap((c) => {
    const column = columnFor(c, names, assigned)
    return column ? [[c, column] as const] : []
  })
  if (wanted.length === 0) return fail({ kind: 'no channel', columns: names.slice(0, MOST_COLUMNS) })
  return rows(text, delimiter, names, time, wanted)
}

function rows(
  text: string,
  delimiter: string,
  names: readonly string[],
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
  let scale = 1
  let days = 0
  let last = 0
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
      let t = readTime(data[time.at], read)
      // A clock that passes midnight goes on the next day.
      if (/^\s*\d+:/.test(data[time.at] ?? '')) {
        t += days * DAY
        if (n > 0 && t < last - DAY / 2) {
          days++
          t += DAY
        }
        last = t
      } else if (!time.named && n === 0) scale = sinceEpoch(t)
      if (!(Math.abs(t) <= LATEST)) {
        if (unreadable++ === 0) firstBad = { row: line - 1, found: cut(data.join(delimiter), 60) }
        return
      }
      if (n >= most) return void left++
      times[n] = time.scale(t) * scale
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
  const speedName = wanted.find(([c]) => c === 'speed')?.[1].column ?? ''
  return ok({
    raw: {
      time: times.subarray(0, n),
      row: row.subarray(0, n),
      channels: Object.fromEntries(wanted.map(([c], k) => [c, values[k]!.subarray(0, n)])),
      speedFrom: /gps|sat/i.test(speedName) ? 'satellite' : /wheel|hub|rad/i.test(speedName) ? 'wheel' : 'unknown',
    },
    notes,
    taken: [time, ...wanted.map(([, c]) => c)].map(({ role, column, unit, named }) => ({ role, column, unit, named })),
    names: names.slice(0, MOST_COLUMNS),
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

const DAY = 86_400
/** What makes seconds of a bare count since 1970, by its size: ms, µs and ns lie a thousand apart from 1973 on. */
const sinceEpoch = (t: number): number => (t > 1e17 ? 1e-9 : t > 1e14 ? 1e-6 : t > 1e11 ? 1e-3 : 1)

/** Seconds, `h:mm:ss.s`, or a date and time: `2026-11-28 10:22:33`, `28.11.2026 10:22:33`. */
function readTime(cell: string | undefined, read: (cell: string | undefined) => number): number {
  const plain = read(cell)
  if (!Number.isNaN(plain) || cell === undefined) return plain
  const text = cell.trim()
  const clock = /^(\d+):(\d{2}):(\d{2}(?:[.,]\d+)?)$/.exec(text)
  if (clock) return Number(clock[1]) * 3600 + Number(clock[2]) * 60 + Number(clock[3]!.replace(',', '.'))
  const [, day, month, year, rest] = /^(\d{1,2})\.(\d{1,2})\.(\d{4})(?:[T ]+(.*))?$/.exec(text) ?? []
  if (year) return Date.parse(`${year}-${month!.padStart(2, '0')}-${day!.padStart(2, '0')}T${(rest ?? '00:00').replace(',', '.')}Z`) / 1000
  return /^\d{4}[-/]\d{2}[-/]\d{2}([T ]|$)/.test(text) ? Date.parse(text.replaceAll('/', '-').replace(',', '.')) / 1000 : Number.NaN
}
