import { type Bell, type Evidence, NONE, type NumberAnswer, type Symptom, type Test, type WordAnswer } from './types'

/** Share of answers that are simply wrong: a slipped probe, a misheard word. Nothing is ever ruled out by one answer. */
const SLIP = 0.02
/** Something that is in no list leaves most tests as they are, and any of them odd at times. */
const ODD = 0.1
/** A symptom that the owner is not sure of, or that we read out of a sentence, counts half. */
const MAYBE = 0.5

/** Density of a mixture at x, blurred by the reading's own uncertainty `u` (same unit). Per unit; for `log` bells per unit too. */
export function density(bells: readonly Bell[], x: number, u: number): number {
  let sum = 0
  for (const bell of bells) {
    const share = bell.share ?? 1
    if (bell.log) {
      if (x <= 0) continue
      const sd = Math.hypot(Math.log(bell.sd), u / x)
      sum += (share * normal((Math.log(x) - Math.log(bell.mean)) / sd)) / (sd * x)
    } else {
      const sd = Math.hypot(bell.sd, u)
      sum += (share * normal((x - bell.mean) / sd)) / sd
    }
  }
  return sum
}

/** How much of a mixture lies over x, or under it: 0 … 1 for shares that sum to 1. */
export function shareBeyond(bells: readonly Bell[], x: number, side: 'over' | 'under'): number {
  const under = bells.reduce((sum, { mean, sd, log, share = 1 }) => {
    if (log && x <= 0) return sum
    return sum + share * below(log ? (Math.log(x) - Math.log(mean)) / Math.log(sd) : (x - mean) / sd)
  }, 0)
  const all = bells.reduce((sum, b) => sum + (b.share ?? 1), 0)
  return side === 'under' ? under : all - under
}

/** Share of a normal distribution below z standard deviations (Abramowitz and Stegun 26.2.17; error below 1e-7). */
function below(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail = normal(z) * t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return z >= 0 ? 1 - tail : tail
}

const normal = (z: number): number => Math.exp(-0.5 * z * z) / Math.sqrt(2 * Math.PI)

export function uncertaintyOf(answer: NumberAnswer, value: number, own?: number): number {
  return own ?? Math.hypot(answer.u.abs, answer.u.rel * value)
}

/**
 * How well a fault explains a value: its own bells, and a flat floor for slips. `none` spreads evenly over what healthy and faulty
 * show.
 */
export function valueLikelihood(answer: NumberAnswer, fault: string, value: number, u: number): number {
  const flat = 1 / (answer.range[1] - answer.range[0])
  const bells = answer.given[fault] ?? answer.healthy
  const own = density(bells, value, u)
  if (fault !== NONE) return (1 - SLIP) * own + SLIP * flat
  return (1 - ODD) * own + ODD * broad(answer, value)
}

/** A wide, even spread: on the logarithm where the test is read on one. */
function broad(answer: NumberAnswer, value: number): number {
  const [low, high] = answer.range
  if (!answer.healthy.some((b) => b.log)) return 1 / (high - low)
  const floor = Math.max(low, high * 1e-6)
  return 1 / (Math.log(high / floor) * Math.max(value, floor))
}

/** How well a fault explains that the value lies beyond what the instrument shows: the share of it there, and a floor for slips. */
function beyondLikelihood(answer: NumberAnswer, fault: string, limit: number, side: 'over' | 'under'): number {
  const [low, high] = answer.range
  const flat = Math.min(1, Math.max(0, (side === 'over' ? high - limit : limit - low) / (high - low)))
  const own = shareBeyond(answer.given[fault] ?? answer.healthy, limit, side)
  const slip = fault === NONE ? ODD : SLIP
  return (1 - slip) * own + slip * Math.max(flat, 0.05)
}

export function wordLikelihood(answer: WordAnswer, fault: string, outcome: string): number {
  const at = answer.outcomes.findIndex((o) => o.id === outcome)
  if (at < 0) return 1
  const n = answer.outcomes.length
  const row = answer.given[fault] ?? answer.healthy
  const own = row[at]! / row.reduce((a, b) => a + b, 0)
  return fault === NONE ? (1 - ODD) * own + ODD / n : (1 - SLIP) * own + SLIP / n
}

function symptomLikelihood(symptom: Symptom, fault: string): number {
  return symptom.given[fault] ?? symptom.otherwise
}

/** Logarithm of how well `fault` explains one piece of evidence; 0 for evidence of tests that the catalogue does not know. */
export function logLikelihood(
  evidence: Evidence,
  fault: string,
  tests: ReadonlyMap<string, Test>,
  symptoms: ReadonlyMap<string, Symptom>,
): number {
  if (evidence.kind === 'symptom') {
    const symptom = symptoms.get(evidence.symptom)
    return symptom ? Math.log(symptomLikelihood(symptom, fault)) * (evidence.certainty === 'maybe' ? MAYBE : 1) : 0
  }
  const answer = tests.get(evidence.test)?.answer
  if (evidence.kind === 'word') return answer?.kind === 'words' ? Math.log(wordLikelihood(answer, fault, evidence.outcome)) : 0
  if (answer?.kind === 'number' && evidence.beyond) return Math.log(beyondLikelihood(answer, fault, evidence.value, evidence.beyond))
  return answer?.kind === 'number'
    ? Math.log(valueLikelihood(answer, fault, evidence.value, uncertaintyOf(answer, evidence.value, evidence.u)))
    : 0
}
