import { type Doubted, ofReadings } from '../doubt'
import { readValue, type ReadFault } from '../units'
import type { Field, Fields, Given, NumberField, Senseless, TextFault, Worked, Working } from './working'

/** What stands in the fields of a working, as it was keyed in; an empty field begins as its start says. */
export type Keyed = Readonly<Record<string, string>>

/** Where a figure comes from: measured, keyed in or only seen here, out of the machine's file, or a start that nobody changed. */
export const ASKED_FROM = ['measured', 'keyed', 'seen', 'machine file', 'usual'] as const
export type AskedFrom = (typeof ASKED_FROM)[number]

/** A field as it was read, for the entry: its figure in the field’s unit, or its word. */
export interface Asked {
  readonly id: string
  readonly value?: number
  readonly u?: number
  readonly word?: string
  /** Each reading, where it was taken more than once. */
  readonly raw?: readonly number[]
}

export type FieldFault = { readonly field: string } & (
  | { readonly read: ReadFault }
  | { readonly text: TextFault }
  | { readonly is: 'wanted' | 'not whole' }
)

export type Outcome =
  | { readonly is: 'worked'; readonly asked: readonly Asked[]; readonly worked: Worked }
  | { readonly is: 'faults'; readonly faults: readonly FieldFault[] }
  | ({ readonly is: 'senseless' } & Senseless)

/** The standard uncertainty of what was keyed in a field, in its unit, where it is known better than the field’s usual doubt. */
export type Better = (field: string, typed: string) => number | undefined

/**
 * Reads what was keyed in and works it out. Each number may have its own unit behind it (`0.5 in`); a repeated one several readings with
 * spaces between. Every fault is told, field by field; nothing is guessed.
 */
export function workOut(of: Working<Fields>, keyed: Keyed, better: Better = () => undefined): Outcome {
  const faults: FieldFault[] = []
  const asked: Asked[] = []
  const numbers = new Map<string, Doubted & { readonly raw: readonly number[] }>()
  const words = new Map<string, string>()
  for (const [id, field] of Object.entries(of.fields)) {
    const text = (keyed[id] ?? '').trim()
    if (field.is === 'choice') {
      const word = field.options.includes(text) ? text : field.start
      words.set(id, word)
      asked.push({ id, word })
    } else if (field.is === 'text' || field.is === 'stack') {
      const fault = field.reads(text)
      if (fault) faults.push(text === '' && field.is === 'text' ? { field: id, is: 'wanted' } : { field: id, text: fault })
      words.set(id, text)
      asked.push({ id, word: text })
    } else if (text === '') {
      if (!field.optional) faults.push({ field: id, is: 'wanted' })
    } else {
      const read = readings(field, text)
      if ('fault' in read) faults.push({ field: id, read: read.fault })
      else if (field.whole && !read.values.every(Number.isInteger)) faults.push({ field: id, is: 'not whole' })
      else {
        const one = together(field, read.values, better(id, text))
        numbers.set(id, { ...one, raw: read.values })
        asked.push({ id, value: one.value, u: one.u, ...(read.values.length > 1 ? { raw: read.values } : {}) })
      }
    }
  }
  if (faults.length > 0) return { is: 'faults', faults }
  const given: Given = {
    n: (id) => {
      const one = numbers.get(id)
      if (!one) throw new RangeError(`no such figure: ${id}`)
      return one
    },
    maybe: (id) => numbers.get(id),
    word: (id) => words.get(id) ?? '',
    raw: (id) => numbers.get(id)?.raw ?? [],
  }
  const worked = of.work(given)
  return 'senseless' in worked ? { is: 'senseless', senseless: worked.senseless } : { is: 'worked', asked, worked }
}

/** One reading, or several of a repeated figure. */
function readings(field: NumberField, text: string): { readonly values: readonly number[] } | { readonly fault: ReadFault } {
  const parts = field.repeated && !/[a-zµ°]/i.test(text) ? text.split(/[\s;]+/) : [text]
  const values: number[] = []
  for (const part of parts) {
    const read = readValue(part, field.unit ?? '', [field.low, field.high])
    if (!read.ok) return { fault: read.error }
    values.push(read.value)
  }
  return { values }
}

/** Several readings spread; one has the doubt of its instrument, or the usual one. */
function together(field: NumberField, values: readonly number[], better: number | undefined): Doubted {
  const usual = better ?? field.u ?? 0
  if (values.length === 1) return { value: values[0]!, u: usual }
  const { value, u } = ofReadings(values, { resolution: 0, limit: 0 })
  return { value, u: Math.hypot(u, usual) }
}

/** What stands in a field at first. */
export const startOf = (field: Field): string =>
  field.is === 'number' ? (field.start === undefined ? '' : String(field.start)) : field.start
