import type { Hypothesis } from './hypotheses'
import { below, normal, quantile } from '../doubt'
import { type Bell, type Evidence, NONE, type NumberAnswer, type Rows, type Symptom, type Test, type WordAnswer } from './types'

/** Share of answers that are simply wrong: a slipped probe, a misheard word. Nothing is ever ruled out by one answer. */
export const SLIP = 0.02
/** Something that is in no list leaves most tests as they are, and any of them odd at times. */
export const ODD = 0.15
/** A symptom that the owner is not sure of, or that we read out of a sentence, counts half. */
const MAYBE = 0.5
/** How often a fault that comes and goes is there when it is looked for. Estimated. */
export const THERE = 0.4

/** Density of a mixture at x, blurred by `u` (same unit). Per unit; for `log` bells per unit too. */
export function density(bells: readonly Bell[], x: number, u: number): number {
  let sum = 0
  for (const bell of bells) {
    const share = bell.share ?? 1
    if (bell.log) {
      if (x < 1e-300) continue
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

function uncertaintyOf(answer: NumberAnswer, value: number, own?: number): number {
  return own ?? Math.hypot(answer.u.abs, answer.u.rel * value)
}

/** The row of one hypothesis; null where it shows what a sound machine shows. */
function rowOf<T>(rows: Rows<T>, key: string, fault: string): T | null {
  return rows.given[key] ?? rows.given[fault] ?? null
}

const scaled = (bells: readonly Bell[], by: number): Bell[] => bells.map((b) => ({ ...b, share: (b.share ?? 1) * by }))

/** Where the values of a hypothesis lie; of two faults at once that no table has, one where they differ from sound. */
export function bellsOf({ rows }: NumberAnswer, h: Hypothesis): readonly Bell[] {
  if (h.faults.length === 0) return rows.healthy
  if (h.faults.length > 1) return rows.given[h.key] ?? h.faults.map((f) => rowOf(rows, `${f}/2`, f)).find((r) => r !== null) ?? rows.healthy
  const [fault] = h.faults
  if (h.grade > 0) return rowOf(rows, h.key, fault!) ?? rows.healthy
  const there = rowOf(rows, `${fault}/2`, fault!)
  return there ? [...scaled(there, THERE), ...scaled(rows.healthy, 1 - THERE)] : rows.healthy
}

const shares = (row: readonly number[]): readonly number[] => {
  const sum = row.reduce((a, b) => a + b, 0)
  return row.map((x) => x / sum)
}

/** Chances of the outcomes under a hypothesis, slips included; they sum to 1. Of two at once the louder one is heard. */
export function chancesOf({ rows, outcomes }: WordAnswer, h: Hypothesis): readonly number[] {
  const n = outcomes.length
  const healthy = shares(rows.healthy)
  const slipped = (row: readonly number[], slip: number): readonly number[] => row.map((x) => (1 - slip) * x + slip / n)
  if (h.faults.length === 0) return slipped(healthy, ODD)
  const of = (key: string, fault: string): readonly number[] | null => {
    const row = rowOf(rows, key, fault)
    return row && shares(row)
  }
  if (h.faults.length > 1) {
    const both = h.faults.flatMap((f) => [of(`${f}/2`, f)].filter((r) => r !== null))
    const named = rows.given[h.key]
    const quietest = healthy.indexOf(Math.max(...healthy))
    return slipped(named ? shares(named) : (both.sort((a, b) => a[quietest]! - b[quietest]!)[0] ?? healthy), SLIP)
  }
  const [fault] = h.faults
  if (h.grade > 0) return slipped(of(h.key, fault!) ?? healthy, SLIP)
  const there = of(`${fault}/2`, fault!)
  return slipped(there ? healthy.map((x, i) => (1 - THERE) * x + THERE * there[i]!) : healthy, SLIP)
}

/** A wide, even spread: on the logarithm where the test is read on one. */
function broad(answer: NumberAnswer, value: number): number {
  const [low, high] = answer.range
  if (!isLog(answer)) return 1 / (high - low)
  const floor = Math.max(low, high * 1e-6)
  return 1 / (Math.log(high / floor) * Math.max(value, floor))
}

export const isLog = ({ rows }: NumberAnswer): boolean => rows.healthy.some((b) => b.log)

/**
 * How well a hypothesis explains a value: its own bells, and a flat floor for slips. `none` spreads over what a sound machine and broken
 * ones show. An instrument’s own uncertainty counts where it is larger than what the rows have in them.
 */
function valueLikelihood(answer: NumberAnswer, h: Hypothesis, value: number, u: number): number {
  const usual = Math.hypot(answer.u.abs, answer.u.rel * value)
  const own = density(bellsOf(answer, h), value, Math.sqrt(Math.max(0, u * u - usual * usual)))
  return h.key === NONE ? (1 - ODD) * own + ODD * broad(answer, value) : (1 - SLIP) * own + SLIP * broad(answer, value)
}

/** How well a hypothesis explains that the value lies beyond what the instrument shows: the share of it there, and a floor for slips. */
function beyondLikelihood(answer: NumberAnswer, h: Hypothesis, limit: number, side: 'over' | 'under'): number {
  const [low, high] = answer.range
  const flat = Math.min(1, Math.max(0, (side === 'over' ? high - limit : limit - low) / (high - low)))
  const own = shareBeyond(bellsOf(answer, h), limit, side)
  const slip = h.key === NONE ? ODD : SLIP
  return (1 - slip) * own + slip * Math.max(flat, 0.05)
}

function wordLikelihood(answer: WordAnswer, h: Hypothesis, outcome: string): number {
  const at = answer.outcomes.findIndex((o) => o.id === outcome)
  return at < 0 ? 1 : chancesOf(answer, h)[at]!
}

function symptomLikelihood(symptom: Symptom, h: Hypothesis): number {
  const of = (fault: string): number => symptom.given[fault] ?? symptom.otherwise
  if (h.faults.length === 0) return symptom.given[NONE] ?? symptom.otherwise
  // Either of two faults may bring it about.
  return 1 - h.faults.reduce((not, f) => not * (1 - of(f)), 1)
}

/** Logarithm of how well `h` explains one piece of evidence; 0 for evidence of tests that the catalogue does not know. */
export function logLikelihood(
  evidence: Evidence,
  h: Hypothesis,
  tests: ReadonlyMap<string, Test>,
  symptoms: ReadonlyMap<string, Symptom>,
): number {
  if (evidence.kind === 'symptom') {
    const symptom = symptoms.get(evidence.symptom)
    return symptom ? Math.log(symptomLikelihood(symptom, h)) * (evidence.certainty === 'maybe' ? MAYBE : 1) : 0
  }
  const answer = tests.get(evidence.test)?.answer
  if (evidence.kind === 'word') return answer?.kind === 'words' ? Math.log(wordLikelihood(answer, h, evidence.outcome)) : 0
  if (answer?.kind === 'number' && evidence.beyond) return Math.log(beyondLikelihood(answer, h, evidence.value, evidence.beyond))
  return answer?.kind === 'number'
    ? Math.log(valueLikelihood(answer, h, evidence.value, uncertaintyOf(answer, evidence.value, evidence.u)))
    : 0
}

/** Where a value lies among a hypothesis’s own, as a standard normal, −2.5 … 2.5. */
export function standing(answer: NumberAnswer, h: Hypothesis, value: number): number {
  const share = Math.min(1 - 1e-9, Math.max(1e-9, shareBeyond(bellsOf(answer, h), value, 'under')))
  return Math.max(-2.5, Math.min(2.5, quantile(share)))
}

/**
 * How well a hypothesis explains an answer by itself, no slip allowed for: the chance of a word; of a value, its density against an even
 * spread.
 */
export function ownShare(answer: NumberAnswer | WordAnswer, h: Hypothesis, e: Exclude<Evidence, { kind: 'symptom' }>): number {
  if (answer.kind === 'words') {
    if (e.kind !== 'word') return 1
    const at = answer.outcomes.findIndex((o) => o.id === e.outcome)
    return at < 0 ? 1 : Math.max(0, chancesOf(answer, h)[at]! - SLIP / answer.outcomes.length)
  }
  if (e.kind !== 'value') return 1
  if (e.beyond) return shareBeyond(bellsOf(answer, h), e.value, e.beyond)
  return density(bellsOf(answer, h), e.value, 0) / broad(answer, e.value)
}
