import { candidates, hypotheses, type Hypothesis, type Leanings } from './hypotheses'
import { logLikelihood } from './likelihood'
import { logTogether } from './together'
import type { Belief, Catalogue, Evidence } from './types'

/** What is believed of each hypothesis, in their order; the shares sum to 1. */
export interface Beliefs {
  readonly of: readonly Hypothesis[]
  readonly p: readonly number[]
}

/**
 * Posterior over every hypothesis by Bayes’ rule: symptoms and tests are independent given it, but for what `together` says. Answers of
 * one test count as one, by the mean of their logarithms: the same reading ten times is still one reading, and two that
 * contradict each other weigh little. The order of the evidence does not matter.
 * @param leanings what moves how usual a fault is
 */
export function weighed(catalogue: Catalogue, evidence: readonly Evidence[], leanings: Leanings = {}): Beliefs {
  const of = hypotheses(catalogue, leanings)
  const tests = new Map(catalogue.tests.map((t) => [t.id, t]))
  const symptoms = new Map(catalogue.symptoms.map((s) => [s.id, s]))
  const groups = new Map<string, Evidence[]>()
  for (const e of evidence) {
    const key = e.kind === 'symptom' ? `symptom ${e.symptom}` : `test ${e.test}`
    groups.set(key, [...(groups.get(key) ?? []), e])
  }
  // Sorted: sums of the same numbers in the same order, so that the order they came in leaves no trace.
  const keys = [...groups.keys()].sort()
  const values = new Map<string, number>()
  for (const key of keys) {
    const found = groups.get(key)!.flatMap((e) => (e.kind === 'value' && !e.beyond ? [e.value] : []))
    const [first] = groups.get(key)!
    if (first?.kind === 'value' && found.length > 0) values.set(first.test, [...found].sort((a, b) => a - b)[Math.floor(found.length / 2)]!)
  }
  const logs = of.map((h) => {
    let log = Math.log(h.prior) + logTogether(catalogue, h, tests, values)
    for (const key of keys) {
      const group = groups.get(key)!
      log +=
        group
          .map((e) => logLikelihood(e, h, tests, symptoms))
          .sort((a, b) => a - b)
          .reduce((a, b) => a + b, 0) / group.length
    }
    return log
  })
  return { of, p: normalise(logs) }
}

/** Added up by what is told as one suspect, in the order of `candidates`. */
export function byCandidate(catalogue: Pick<Catalogue, 'faults' | 'pairs'>, of: readonly Hypothesis[], p: ArrayLike<number>): number[] {
  const sums = candidates(catalogue).map(() => 0)
  of.forEach((h, i) => (sums[h.candidate]! += p[i]!))
  return sums
}

/** What is believed of each suspect, in the order of `candidates`; they sum to 1. */
export function beliefs(catalogue: Catalogue, evidence: readonly Evidence[], leanings: Leanings = {}): Belief[] {
  const { of, p } = weighed(catalogue, evidence, leanings)
  const sums = byCandidate(catalogue, of, p)
  return candidates(catalogue).map((fault, i) => ({ fault, p: sums[i]! }))
}

/** The beliefs before anything is known, and after each piece of evidence in turn: what the ribbon draws. */
export function beliefTrail(catalogue: Catalogue, evidence: readonly Evidence[], leanings: Leanings = {}): Belief[][] {
  return Array.from({ length: evidence.length + 1 }, (_, n) => beliefs(catalogue, evidence.slice(0, n), leanings))
}

/** From logarithms to shares that sum to 1. */
function normalise(logs: readonly number[]): number[] {
  const most = Math.max(...logs)
  const weights = logs.map((l) => Math.exp(l - most))
  const sum = weights.reduce((a, b) => a + b, 0)
  return weights.map((w) => w / sum)
}

/** Shannon entropy in bits. */
export function entropy(p: readonly number[]): number {
  return p.reduce((sum, x) => (x > 0 ? sum - x * Math.log2(x) : sum), 0)
}

/** How the screen words a belief: likely from 40 %, possible from 10 %. */
export type BeliefWord = 'likely' | 'possible' | 'unlikely'
export function beliefWord(p: number): BeliefWord {
  return p >= 0.4 ? 'likely' : p >= 0.1 ? 'possible' : 'unlikely'
}
