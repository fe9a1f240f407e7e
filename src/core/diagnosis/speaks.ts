import { beliefs } from './belief'
import type { Leanings } from './hypotheses'
import type { Catalogue, Evidence } from './types'

/** How much one piece of evidence speaks for a suspect: above 1 so many times likelier by it, below 1 so many times less. */
export interface Speaks {
  /** Its place in the evidence; of several answers of one test the last. */
  readonly at: number
  readonly times: number
}

const keyOf = (e: Evidence): string => (e.kind === 'symptom' ? `symptom ${e.symptom}` : `test ${e.test}`)
/** Odds beyond this are as good as certain: no figure is told from them. */
const MOST = 1e9

/**
 * What each piece of evidence does to a suspect by itself: its odds with it alone over its odds before anything was known, against all
 * else or against one rival. Two that say the same each say it; strongest first, either way.
 * @param rival candidate that it is held against; all others together where none is named
 */
export function speaks(
  catalogue: Catalogue,
  evidence: readonly Evidence[],
  fault: string,
  rival: string | null = null,
  leanings: Leanings = {},
): readonly Speaks[] {
  const odds = (of: readonly Evidence[]): number => {
    const now = beliefs(catalogue, of, leanings)
    const p = (id: string): number => now.find((b) => b.fault === id)?.p ?? 0
    const against = rival === null ? 1 - p(fault) : p(rival)
    return Math.min(MOST, Math.max(1 / MOST, p(fault) / Math.max(against, 1e-300)))
  }
  const usual = odds([])
  const last = new Map(evidence.map((e, i) => [keyOf(e), i]))
  return [...last]
    .map(([key, at]) => ({ at, times: odds(evidence.filter((e) => keyOf(e) === key)) / usual }))
    .sort((a, b) => Math.abs(Math.log(b.times)) - Math.abs(Math.log(a.times)) || a.at - b.at)
}
