/** ISO 261 diameters, mm, and the pitches that each is made with, coarse first (ISO 262, and what axles and stems have). */
export const PITCHES: Readonly<Record<string, readonly number[]>> = {
  '1.6': [0.35],
  '2': [0.4],
  '2.5': [0.45],
  '3': [0.5, 0.35],
  '3.5': [0.6],
  '4': [0.7, 0.5],
  '5': [0.8, 0.5],
  '6': [1, 0.75],
  '7': [1],
  '8': [1.25, 1, 0.75],
  '9': [1.25, 1],
  '10': [1.5, 1.25, 1, 0.75],
  '11': [1.5],
  '12': [1.75, 1.5, 1.25, 1],
  '14': [2, 1.5, 1.25, 1],
  '16': [2, 1.5, 1],
  '18': [2.5, 2, 1.5, 1],
  '20': [2.5, 2, 1.5, 1],
  '22': [2.5, 2, 1.5, 1],
  '24': [3, 2, 1.5, 1],
  '25': [1.5, 1],
}

/** Unified sizes and the threads in an inch that each is made with, coarse first (ASME B1.1). */
export const UNIFIED: Readonly<Record<string, readonly number[]>> = {
  '#2': [56, 64],
  '#3': [48, 56],
  '#4': [40, 48],
  '#5': [40, 44],
  '#6': [32, 40],
  '#8': [32, 36],
  '#10': [24, 32],
  '#12': [24, 28],
  '1/4': [20, 28],
  '5/16': [18, 24],
  '3/8': [16, 24],
  '7/16': [14, 20],
  '1/2': [13, 20],
  '9/16': [12, 18],
  '5/8': [11, 18],
  '3/4': [10, 16],
}

/** Coarse pitch by diameter, mm. */
export const COARSE_PITCH: Readonly<Record<string, number>> = Object.fromEntries(Object.entries(PITCHES).map(([d, [first]]) => [d, first!]))
/** Major diameters of unified sizes, inches: 0.060 and 0.013 more for every number (ASME B1.1). */
export const UNIFIED_INCHES: Readonly<Record<string, number>> = Object.fromEntries(
  Object.keys(UNIFIED).map((size) => [size, size.startsWith('#') ? 0.06 + 0.013 * Number(size.slice(1)) : readInches(size)!]),
)

/** `1-1/2`, `3/8`, `.5` in inches; null where it is none. */
export function readInches(text: string): number | null {
  const [, whole, top, bottom, plain] = /^(?:(?:(\d+)[- ])?(\d+)\/(\d+)|(\d*\.?\d+))$/.exec(text.trim()) ?? []
  if (plain !== undefined) return Number(plain)
  if (top === undefined || Number(bottom) === 0) return null
  return Number(whole ?? 0) + Number(top) / Number(bottom)
}

/** What is wrong with a thread as it was typed, and what is made that comes nearest. */
export interface NoThread {
  readonly why: 'not a thread' | 'no such size' | 'no such pitch'
  /** As they are written: `M5`, `M12×1.25`. */
  readonly nearest: readonly string[]
}

const DIAMETERS = Object.keys(PITCHES).map(Number)

/** A metric thread as it is written; the coarse pitch goes without saying. */
const metricText = (d: number, pitch: number): string => (PITCHES[String(d)]?.[0] === pitch ? `M${d}` : `M${d}×${pitch}`)

/**
 * Size and pitch of a metric thread that is made (ISO 261, ISO 262 and what axles and stems have), in mm; or why it is none, and the
 * nearest that are.
 * @param text `M12×1.25`, `m12 x 1,25`, `M6`: without a pitch the coarse one is meant
 * @example metricSize('M12×1.2') // { why: 'no such pitch', nearest: ['M12×1.25', 'M12×1'] }
 */
export function metricSize(text: string): { readonly d: number; readonly pitch: number } | NoThread {
  const match = /^M?\s*(\d+(?:[.,]\d+)?)(?:\s*[×x*]\s*(\d*[.,]?\d+))?(?:\s*mm)?$/i.exec(text.trim())
  if (!match) return { why: 'not a thread', nearest: [] }
  const [d, pitch] = [match[1], match[2]].map((x) => (x === undefined ? undefined : Number(x.replace(',', '.'))))
  const made = PITCHES[String(d)]
  if (!made) return { why: 'no such size', nearest: nearestOf(DIAMETERS, d!).map((n) => metricText(n, PITCHES[String(n)]![0]!)) }
  if (pitch !== undefined && !made.includes(pitch))
    return { why: 'no such pitch', nearest: nearestOf(made, pitch).map((p) => metricText(d!, p)) }
  return { d: d!, pitch: pitch ?? made[0]! }
}

/** The two nearest of a list, the nearer first. */
const nearestOf = (all: readonly number[], to: number): readonly number[] =>
  [...all].sort((a, b) => Math.abs(a - to) - Math.abs(b - to) || a - b).slice(0, 2)

/** Lengths of screws below the head, mm, of the shop’s usual ones: ISO 888, and 14 and 18 as many makers have them. */
export const LENGTHS: readonly number[] = [3, 4, 5, 6, 8, 10, 12, 14, 16, 18, 20, 22, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 80, 90, 100]
