import type { Doubted } from './doubted'

/** t for 95 % of both tails by degrees of freedom, from 1: JCGM 100:2008, table G.2. */
const T95 = [12.71, 4.3, 3.18, 2.78, 2.57, 2.45, 2.36, 2.31, 2.26, 2.23, 2.2, 2.18, 2.16, 2.14, 2.13, 2.12, 2.11, 2.1, 2.09, 2.09] as const
const T95_MANY = 1.96

/** What stands between a reading and the truth beside its spread. */
export interface ReadWith {
  /** The smallest step that the instrument shows, in the unit of the readings; 0 where it is not known. */
  readonly resolution: number
  /** What its maker says that it may be off, either way; 0 where it is not known. */
  readonly limit: number
}

/** Some readings of one thing, taken together. */
export interface Repeated extends Doubted {
  readonly n: number
  /** Standard deviation of one reading; 0 of a single one, whose spread nobody knows. */
  readonly spread: number
  /** By which `u` is multiplied for 95 %: more than 1.96 where few readings say how they spread. */
  readonly k: number
}

/**
 * Mean of repeated readings and its standard uncertainty: spread/√n, half a step of the scale and the instrument's limit, both as
 * rectangles (JCGM 100:2008, 4.2 and 4.3.7), together by root sum of squares. The factor for 95 % goes by the effective degrees of
 * freedom (G.4.1), of which the spread alone has few.
 * @param readings one or more, in one unit
 * @throws RangeError without a reading, or with one that is no number, or with a negative step or limit
 * @example ofReadings([10.02, 10.04, 10.03], { resolution: 0.01, limit: 0.02 }) // value 10.03, u 0.0132
 */
export function ofReadings(readings: readonly number[], { resolution, limit }: ReadWith): Repeated {
  const n = readings.length
  if (n === 0 || readings.some((r) => !Number.isFinite(r))) throw new RangeError(`readings wanted, got ${readings.join(', ') || 'none'}`)
  if (!(resolution >= 0) || !(limit >= 0)) throw new RangeError(`step and limit must be 0 or more, got ${resolution} and ${limit}`)
  const value = readings.reduce((sum, r) => sum + r, 0) / n
  const spread = n === 1 ? 0 : Math.sqrt(readings.reduce((sum, r) => sum + (r - value) ** 2, 0) / (n - 1))
  const ofMean = spread / Math.sqrt(n)
  const u = Math.hypot(ofMean, resolution / Math.sqrt(12), limit / Math.sqrt(3))
  const freedom = ofMean > 0 ? (n - 1) * (u / ofMean) ** 4 : Infinity
  return { value, u, n, spread, k: freedom > T95.length ? T95_MANY : T95[Math.max(1, Math.floor(freedom)) - 1]! }
}

/** A reading that stands apart: its index, or null. More than three spreads of the others away, and two steps of the scale. */
export function strayReading(readings: readonly number[], resolution: number): number | null {
  if (readings.length < 3) return null
  const far = readings.map((r, i) => {
    const others = readings.filter((_, k) => k !== i)
    const middle = others.reduce((a, b) => a + b, 0) / others.length
    const spread = Math.max(Math.sqrt(others.reduce((s, x) => s + (x - middle) ** 2, 0) / Math.max(1, others.length - 1)), resolution)
    return Math.abs(r - middle) > Math.max(2 * resolution, 1e-9) ? Math.abs(r - middle) / (spread || 1e-9) : 0
  })
  const most = Math.max(...far)
  return most > 3 ? far.indexOf(most) : null
}
