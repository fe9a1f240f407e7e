import { PITCHES, UNIFIED } from '../fasteners'

/** What a screw or nut is threaded with. Diameters and pitches in mm; of unified ones its size by name and the threads in an inch. */
export type LineThread =
  | { readonly system: 'metric'; readonly d: number; /** Where it is not the coarse one. */ readonly pitch?: number }
  | { readonly system: 'unified'; readonly size: string; readonly perInch: number }
  | { readonly system: 'wood' | 'tapping'; readonly d: number }

/** How long a screw is below its head, as it was said. */
export interface LineLength {
  readonly value: number
  readonly unit: 'mm' | 'in'
}

/** Tapping screws, mm (ISO 1478), and wood screws, mm. */
const TAPPING: readonly number[] = [1.5, 1.9, 2.2, 2.6, 2.9, 3.3, 3.5, 3.9, 4.2, 4.8, 5.5, 6.3, 8, 9.5]
const WOOD: readonly number[] = [2.5, 3, 3.5, 4, 4.5, 5, 6, 7, 8]

/** Lengths that screws have, mm: below the least a figure is a pitch, above the most it is no length. */
const LENGTH = { least: 2, most: 400 }
const isLength = (mm: number): boolean => mm >= LENGTH.least && mm <= LENGTH.most && Number.isInteger(mm * 2)
const isInchLength = (inches: number): boolean => inches >= 1 / 16 && inches <= 16 && Number.isInteger(inches * 64)

/** Is a length one that a screw of this thread has? Unified ones are told in inches. */
export const suits = ({ system }: LineThread, { value, unit }: LineLength): boolean =>
  system === 'unified' ? unit === 'in' && isInchLength(value) : unit === 'mm' && isLength(value)

/** Thread and length that were read, or that they are none. */
export type Sized = { readonly thread: LineThread; readonly length?: LineLength } | null
const mm = (value: number): { readonly length: LineLength } => ({ length: { value, unit: 'mm' } })

/**
 * A metric size: `M5×12` by its figures 5 and 12, `M10×1.25×60` by three, `M12×1.25` by 12 and 1.25. A size is right, or it is not taken.
 * @returns null where the diameter is none, a pitch is not made with it, or a figure could be either pitch or length
 */
export function metric(d: number, second?: number, third?: number): Sized {
  const pitches = PITCHES[String(d)]
  if (!pitches) return null
  const pitched = (pitch: number): LineThread => ({ system: 'metric', d, ...(pitch === pitches[0] ? {} : { pitch }) })
  if (second === undefined) return { thread: pitched(pitches[0]!) }
  if (third !== undefined) return pitches.includes(second) && isLength(third) ? { thread: pitched(second), ...mm(third) } : null
  // Pitches end below the shortest screw, but for the largest threads, where 3 is both.
  const [pitch, length] = [pitches.includes(second), isLength(second) && (second >= 3 || d <= 3)]
  if (pitch === length) return null
  return pitch ? { thread: pitched(second) } : { thread: pitched(pitches[0]!), ...mm(second) }
}

/** A unified size: `1/4`, 20 threads an inch, and its length in inches. Without threads it is named by its series. */
export function unified(size: string, perInch: number | 'coarse' | 'fine', inches?: number): Sized {
  const made = UNIFIED[size]
  if (!made) return null
  const threads = perInch === 'coarse' ? made[0]! : perInch === 'fine' ? made[1]! : perInch
  if (!made.includes(threads) || (inches !== undefined && !isInchLength(inches))) return null
  return {
    thread: { system: 'unified', size, perInch: threads },
    ...(inches === undefined ? {} : { length: { value: inches, unit: 'in' } as const }),
  }
}

/** A screw that cuts its own thread in wood, sheet or plastic, mm. */
export function ownThread(system: 'wood' | 'tapping', d: number, length?: number): Sized {
  if (!(system === 'wood' ? WOOD : TAPPING).includes(d) || (length !== undefined && !isLength(length))) return null
  return { thread: { system, d }, ...(length === undefined ? {} : mm(length)) }
}

/** Inches as a fraction of sixty-fourths, the shortest. */
export function inchesText(value: number): string {
  const whole = Math.floor(value)
  let [top, bottom] = [Math.round((value - whole) * 64), 64]
  if (top === 0) return `${whole}"`
  while (top % 2 === 0) [top, bottom] = [top / 2, bottom / 2]
  return `${whole > 0 ? `${whole}-` : ''}${top}/${bottom}"`
}

/** Thread and length as they stand on a bag: `M10×1.25×60`, `1/4-20 × 1/2"`, `ST4.2×13`, `wood 4×40`. */
export function sizeText(thread: LineThread, length?: LineLength): string {
  const long = length === undefined ? '' : length.unit === 'mm' ? `×${length.value}` : ` × ${inchesText(length.value)}`
  switch (thread.system) {
    case 'metric':
      return `M${thread.d}${thread.pitch === undefined ? '' : `×${thread.pitch}`}${long}`
    case 'unified':
      return `${thread.size}-${thread.perInch}${long}`
    case 'tapping':
      return `ST${thread.d}${long}`
    case 'wood':
      return `wood ${thread.d}${long}`
  }
}
