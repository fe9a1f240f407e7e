import { candidates } from './belief'
import { afterValue } from './outcomes'
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
export function meanings(catalogue: Catalogue, ranked: RankedTest, now: readonly number[]): Meaning[] {
  const ids = candidates(catalogue)
  const top = (after: readonly number[]): { readonly fault: string; readonly after: number } => {
    const at = after.reduce((best, p, i) => (p > after[best]! ? i : best), 0)
    return { fault: ids[at]!, after: after[at]! }
  }
  const answer = ranked.test.answer
  if (answer.kind === 'words') return ranked.outcomes.filter((o) => o.p >= 0.02).map((o) => ({ word: o.word!, p: o.p, ...top(o.after) }))
  const values = ranked.outcomes.map((o) => o.value!)
  const [low, high] = [Math.min(...values), Math.max(...values)]
  const logs = answer.healthy.some((b) => b.log) && low > 0
  const steps = 80
  const at = (i: number): number => (logs ? low * (high / low) ** (i / steps) : low + ((high - low) * i) / steps)
  const bands: { from: number; to: number; fault: string }[] = []
  for (let i = 0; i <= steps; i++) {
    const { fault } = top(afterValue(answer, ids, now, at(i)))
    const last = bands.at(-1)
    if (last?.fault === fault) last.to = at(i)
    else bands.push({ from: last?.to ?? at(i), to: at(i), fault })
  }
  return bands.flatMap((band) => {
    const inside = ranked.outcomes.filter((o) => o.value! >= band.from && o.value! <= band.to)
    const p = inside.reduce((s, o) => s + o.p, 0)
    if (p < 0.02) return []
    const i = ids.indexOf(band.fault)
    return [{ from: band.from, to: band.to, p, fault: band.fault, after: inside.reduce((s, o) => s + o.p * o.after[i]!, 0) / p }]
  })
}
