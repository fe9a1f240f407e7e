import { INSTRUMENT_KIND_IDS, type Instrument, MOST_RANGES, unitsOf } from '../core/instruments'
import type { Result } from '../core/result'
import { fail, ok } from '../core/result'
import { isWellFormed } from '../core/text'
import { readValue, type UnitId, unitLabel } from '../core/units'

/** What is wrong with what was keyed in of an instrument: the field, what was in it, and what it wants. */
export type InstrumentFault =
  | { readonly kind: 'name missing' | 'name bad' | 'kind missing' | 'no range' }
  | { readonly kind: 'not a figure'; readonly field: string; readonly text: string }
  | { readonly kind: 'range backward'; readonly from: number; readonly to: number; readonly unit: UnitId }
  | { readonly kind: 'not a day'; readonly text: string }

/**
 * Reads an instrument from a form: `name`, `kind`, `calibratedTo`, `leads`, `lampStep`, `grip`, `reach`, and for each range 0 to 5
 * `unit0`, `from0`, `to0`, `resolution0`, `percent0`, `offset0`. A range without an upper end is left out.
 * @param field text of a field by its name, trimmed; empty where it is left empty
 */
export function readInstrument(field: (name: string) => string, id: string): Result<Instrument, InstrumentFault> {
  const name = field('name')
  if (!name) return fail({ kind: 'name missing' })
  if (name.length > 80 || !isWellFormed(name)) return fail({ kind: 'name bad' })
  const kind = INSTRUMENT_KIND_IDS.find((k) => k === field('kind'))
  if (!kind) return fail({ kind: 'kind missing' })
  const figures: Record<string, number | undefined> = {}
  let bad: InstrumentFault | null = null
  const figure = (at: string, unit: string, low: number): number | undefined => {
    const text = field(at)
    if (text === '') return undefined
    const read = readValue(text, unit, [low, 1e9])
    if (read.ok) return read.value
    bad ??= { kind: 'not a figure', field: at.replace(/\d$/, ''), text }
    return undefined
  }
  for (const [at, unit] of [
    ['leads', 'ohm'],
    ['lampStep', 'V'],
    ['grip', 'mm'],
    ['reach', 'mm'],
  ] as const)
    figures[at] = figure(at, unit, 0)
  const ranges = Array.from({ length: MOST_RANGES }, (_, i) => {
    const unit = unitsOf(kind).find((u) => u === field(`unit${i}`))
    if (unit === undefined || field(`to${i}`) === '') return null
    const to = figure(`to${i}`, unit, -1e9)
    const from = figure(`from${i}`, unit, -1e9) ?? 0
    const more = {
      resolution: figure(`resolution${i}`, unit, 0),
      percent: figure(`percent${i}`, '%', 0),
      offset: figure(`offset${i}`, unit, 0),
    }
    if (to !== undefined && to <= from) bad ??= { kind: 'range backward', from, to, unit }
    return { unit, from, to: to ?? from, ...Object.fromEntries(Object.entries(more).filter(([, x]) => x !== undefined)) }
  }).filter((r) => r !== null)
  const day = field('calibratedTo')
  if (day !== '' && !(/^\d{4}-\d{2}-\d{2}$/.test(day) && Number.isFinite(Date.parse(day)))) bad ??= { kind: 'not a day', text: day }
  if (bad) return fail(bad)
  if (ranges.length === 0) return fail({ kind: 'no range' })
  const { leads, lampStep, grip, reach } = figures
  return ok({
    id,
    name,
    kind,
    ranges,
    ...(leads === undefined ? {} : { leads }),
    ...(lampStep === undefined ? {} : { lampStep }),
    ...(grip === undefined ? {} : { grip }),
    ...(reach === undefined ? {} : { reach }),
    calibratedTo: day === '' ? null : day,
    struck: false,
  })
}

const FIELDS: Readonly<Record<string, string>> = {
  leads: 'The resistance of its leads',
  lampStep: 'The lowest lamp',
  grip: 'Drive to grip',
  reach: 'The adapter’s reach',
  to: 'The upper end of a range',
  from: 'The lower end of a range',
  resolution: 'The smallest step',
  percent: 'The error in per cent',
  offset: 'The error on top',
}

/** The same in the app's voice. */
export function instrumentFaultWords(fault: InstrumentFault): string {
  switch (fault.kind) {
    case 'name missing':
      return 'What stands on it? A name is wanted.'
    case 'name bad':
      return 'That name is too long, or holds a character that cannot be kept.'
    case 'kind missing':
      return 'What kind of instrument is it?'
    case 'no range':
      return 'What does it measure? One range at least, with its upper end.'
    case 'not a figure':
      return `${FIELDS[fault.field] ?? fault.field}: “${fault.text}” is not a figure that can stand there.`
    case 'range backward':
      return `A range goes from ${fault.from} to ${fault.to} ${unitLabel(fault.unit)}: the upper end has to be above the lower.`
    case 'not a day':
      return `“${fault.text}” is not a day.`
  }
}
