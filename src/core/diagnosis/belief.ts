import { logLikelihood } from './likelihood'
import { type Belief, type Catalogue, type Evidence, NONE } from './types'

/** All candidates of a catalogue in its order, `none` last. */
export function candidates(catalogue: Catalogue): readonly string[] {
  return [...catalogue.faults.map((f) => f.id), NONE]
}

/** What is believed before anything is known: how usual each fault is. */
export function priors(catalogue: Catalogue): number[] {
  const usual = [...catalogue.faults.map((f) => f.usual), catalogue.noneUsual]
  const sum = usual.reduce((a, b) => a + b, 0)
  return usual.map((x) => x / sum)
}

/**
 * Posterior over single faults and `none`, by Bayes' rule with symptoms and tests taken as independent given the fault.
 * Answers of one test count as one, by the mean of their logarithms: the same reading ten times is still one reading, and two
 * that contradict each other weigh little. The order of the evidence does not matter.
 * @returns one belief for each candidate, in the order of `candidates`; they sum to 1
 */
export function beliefs(catalogue: Catalogue, evidence: readonly Evidence[]): Belief[] {
  const ids = candidates(catalogue)
  const p = weigh(catalogue, ids, priors(catalogue), evidence)
  return ids.map((fault, i) => ({ fault, p: p[i]! }))
}

/** The beliefs before anything is known, and after each piece of evidence in turn: what the ribbon draws. */
export function beliefTrail(catalogue: Catalogue, evidence: readonly Evidence[]): Belief[][] {
  return Array.from({ length: evidence.length + 1 }, (_, n) => beliefs(catalogue, evidence.slice(0, n)))
}

function weigh(catalogue: Catalogue, ids: readonly string[], prior: readonly number[], evidence: readonly Evidence[]): number[] {
  const tests = new Map(catalogue.tests.map((t) => [t.id, t]))
  const symptoms = new Map(catalogue.symptoms.map((s) => [s.id, s]))
  const groups = new Map<string, Evidence[]>()
  for (const e of evidence) {
    const key = e.kind === 'symptom' ? `symptom ${e.symptom}` : `test ${e.test}`
    groups.set(key, [...(groups.get(key) ?? []), e])
  }
  const logs = ids.map((fault, i) => {
    let log = Math.log(prior[i]!)
    // Sorted by key: sums of the same numbers in the same order, so that the order they came in leaves no trace.
    for (const key of [...groups.keys()].sort()) {
      const group = groups.get(key)!
      log +=
        group
          .map((e) => logLikelihood(e, fault, tests, symptoms))
          .sort((a, b) => a - b)
          .reduce((a, b) => a + b, 0) / group.length
    }
    return log
  })
  return normalise(logs)
}

/** From logarithms to shares that sum to 1. */
export function normalise(logs: readonly number[]): number[] {
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
