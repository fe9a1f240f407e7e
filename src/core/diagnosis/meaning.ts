import { candidates } from './hypotheses'
import type { RankedTest } from './next-test'
import type { Catalogue } from './types'

/** What an answer would mean: the likeliest suspect after it. `from`, `to`: for a value, the band in the test's unit. */
export interface Meaning {
  readonly word?: string
  readonly from?: number
  readonly to?: number
  /** How probable the answer is now. */
  readonly p: number
  readonly fault: string
  readonly after: number
}

/** What the answers of a test would mean, in words or bands of values; the rarest (under 2 %) are left out. */
export function meanings(catalogue: Catalogue, ranked: RankedTest): Meaning[] {
  const ids = candidates(catalogue)
  const bands: { -readonly [K in keyof Meaning]: Meaning[K] }[] = []
  for (const { word, from, to, p, after } of ranked.outcomes) {
    const at = after.reduce((best, x, i) => (x > after[best]! ? i : best), 0)
    const last = bands.at(-1)
    // Neighbouring bands that speak for the same are one.
    if (last && from !== undefined && last.fault === ids[at] && p > 0) {
      last.after = (last.p * last.after + p * after[at]!) / (last.p + p)
      last.p += p
      last.to = to!
    } else bands.push({ ...(word === undefined ? { from: from!, to: to! } : { word }), p, fault: ids[at]!, after: after[at]! })
  }
  return bands.filter((b) => b.p >= 0.02)
}
