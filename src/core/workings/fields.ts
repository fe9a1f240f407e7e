import { type FacingPiece, readStack } from '../axle'
import { readBearing } from '../bearings'
import { CALIPER } from '../doubt'
import { BEHIND, CLASS_IDS, metricSize, readThread, SURFACE_IDS, TAPPED_IDS, type Thread } from '../fasteners'
import type { ChoiceField, NumberField, StackField, TextField } from './working'

/** A length by caliper or gauge, mm. */
export const mm = (low: number, high: number, more: Partial<NumberField> = {}): NumberField => ({
  is: 'number',
  unit: 'mm',
  low,
  high,
  u: CALIPER.width,
  ...more,
})

/** A thread as it was typed; a bare number is a metric diameter. @throws RangeError for what the field does not let through */
export function threadOf(text: string): Thread {
  const read = readThread(/^\d+(?:[.,]\d+)?(?:\s*[x×*]|\s*$)/.test(text.trim()) ? `M${text.trim()}` : text)
  if (!read) throw new RangeError(`no thread that is made: ${text}`)
  return read
}

export const thread = (start: string): TextField => ({
  is: 'text',
  start,
  reads: (text) => {
    if (readThread(text)) return null
    const size = metricSize(text)
    return 'why' in size ? size : null
  },
})

export const bearing = (start: string): TextField => ({
  is: 'text',
  start,
  reads: (text) => {
    const read = readBearing(text)
    return 'nearest' in read ? { why: 'no such bearing', nearest: read.nearest } : null
  },
})

/** Widths in mm, with spaces or semicolons between: `0.5 1 1 2`. */
export const widths = (start: string): TextField => ({
  is: 'text',
  start,
  reads: (text) => (readWidths(text) ? null : { why: 'not widths', nearest: [] }),
})
export function readWidths(text: string): readonly number[] | null {
  const all = text
    .trim()
    .split(/[\s;]+/)
    .filter((x) => x !== '')
    .map((x) => Number(x.replace(',', '.')))
  return all.length <= 24 && all.every((x) => Number.isFinite(x) && x > 0 && x <= 100) ? all : null
}

/** A stack on a shaft, as `readStack` reads it. */
export const stack = (start: string): StackField => ({
  is: 'stack',
  start,
  reads: (text) => {
    const read = readStack(text)
    return 'fault' in read ? read.fault : null
  },
})
/** A stack as it was keyed in, each width with its doubt. @throws RangeError for what the field does not let through */
export function stackOf(text: string, u: number): readonly FacingPiece[] {
  const read = readStack(text, u)
  if ('fault' in read) throw new RangeError(`no stack: ${text}`)
  return read.pieces
}

const choice = <const T extends string>(options: readonly T[], start: NoInfer<T>): ChoiceField => ({ is: 'choice', options, start })
export const YES_NO = ['yes', 'no'] as const
export const yesNo = (start: (typeof YES_NO)[number]): ChoiceField => choice(YES_NO, start)
export const behind = choice(BEHIND, 'winding')
export const into = choice(TAPPED_IDS, 'aluminium')
export const strength = choice(CLASS_IDS, '8.8')
export const surface = choice(SURFACE_IDS, 'as found')
export { choice }
