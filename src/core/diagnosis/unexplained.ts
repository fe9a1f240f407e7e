import { weighed } from './belief'
import { ownShare } from './likelihood'
import type { Leanings } from './hypotheses'
import type { Catalogue, Evidence } from './types'

/** An answer that what is believed gives less often than this is not explained by it: it is put down to a slip. */
const SELDOM = 0.05

/**
 * Places of the evidence that nothing in the list explains, once all of it is weighed: taken for slips, and worth measuring again. For
 * a word, how often what is believed would show it; for a value, how much denser it lies there than anywhere.
 */
export function unexplained(catalogue: Catalogue, evidence: readonly Evidence[], leanings: Leanings = {}): readonly number[] {
  if (evidence.length < 2) return []
  const { of, p } = weighed(catalogue, evidence, leanings)
  const tests = new Map(catalogue.tests.map((t) => [t.id, t]))
  return evidence.flatMap((e, i) => {
    const test = e.kind === 'symptom' ? undefined : tests.get(e.test)
    if (!test || e.kind === 'symptom') return []
    const share = of.reduce((sum, h, k) => sum + p[k]! * ownShare(test.answer, h, e), 0)
    return share < SELDOM ? [i] : []
  })
}
