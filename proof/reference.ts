import { computeValue, faultsOf, NONE, type Catalogue, type Evidence, type Test } from '../src/core/diagnosis'
import { adviseOn, prepare, type Prepared } from '../src/core/diagnosis/next-test'
import { candidates } from '../src/core/diagnosis'
import { hypotheses, type Hypothesis } from '../src/core/diagnosis/hypotheses'
import { logLikelihood, SLIP, THERE } from '../src/core/diagnosis/likelihood'
import { below, normal as gauss } from '../src/core/doubt'
import type { Foresight } from '../src/core/diagnosis/outcomes'
import { SIMULATED, type SimulatedKind } from '../src/core/simulated'
import { type Kind, machine, seeded } from '../scripts/likelihoods/bench'
import type { Adviser } from './diagnosed'

/** What a simulated machine truly is at every test: values without an instrument, and a word drawn once. */
interface Particles {
  readonly candidate: number
  readonly fault: string
  /** By test, one figure a particle; the same machine sound where its fault comes and goes. */
  readonly values: ReadonlyMap<string, Float64Array>
  readonly sound: ReadonlyMap<string, Float64Array>
  readonly words: ReadonlyMap<string, Uint8Array>
  readonly soundWords: ReadonlyMap<string, Uint8Array>
  /** Those that come and go are the last of them. */
  readonly steady: number
  readonly count: number
  readonly prior: number
}

/** Every fault and pair of a kind as `count` machines: what the belief of the reference rests on. */
export function particlesOf(kind: Kind, catalogue: Catalogue, count: number): readonly Particles[] {
  const sim = SIMULATED[kind] as unknown as SimulatedKind<unknown>
  const ids = candidates(catalogue)
  const usual = [...catalogue.faults.map((f) => f.usual), ...catalogue.pairs.map((p) => p.usual)]
  const all = usual.reduce((a, b) => a + b, 0) + catalogue.noneUsual
  return ids.slice(0, -1).map((id, candidate) => {
    const goes = catalogue.faults.find((f) => f.id === id)?.comesAndGoes ?? 0
    const steady = Math.round(count * (1 - goes))
    const numbers = catalogue.tests.filter((t) => t.answer.kind === 'number')
    const told = catalogue.tests.filter((t) => t.answer.kind === 'words' && sim.words[t.id])
    const values = new Map(numbers.map((t) => [t.id, new Float64Array(count)]))
    const sound = new Map(numbers.map((t) => [t.id, new Float64Array(count)]))
    const words = new Map(told.map((t) => [t.id, new Uint8Array(count)]))
    const soundWords = new Map(told.map((t) => [t.id, new Uint8Array(count)]))
    for (let n = 0; n < count; n++) {
      const fill = (faults: readonly string[], v: typeof values, w: typeof words): void => {
        const c = seeded(`reference ${kind} ${id}`, n)
        const unit = machine(
          kind,
          faults.map((f) => ({ id: f, severity: faults.length > 1 ? c() : (n + 0.5) / count })),
          c,
        )
        for (const { id: test, answer } of numbers)
          if (answer.kind === 'number') v.get(test)![n] = computeValue(answer.compute, sim.figures[test]!(unit, c)) ?? 0
        for (const { id: test, answer } of told)
          if (answer.kind === 'words') w.get(test)![n] = answer.outcomes.findIndex((o) => o.id === sim.words[test]!(unit, c))
      }
      fill(faultsOf(id), values, words)
      if (n >= steady) fill([], sound, soundWords)
    }
    return { candidate, fault: id, values, sound, words, soundWords, steady, count, prior: usual[candidate]! / all }
  })
}

/** How well each particle explains a piece of evidence: the simulator’s own likelihood. */
function explained(p: Particles, evidence: Evidence, catalogue: Catalogue, h: Hypothesis): Float64Array {
  const row = new Float64Array(p.count)
  if (evidence.kind === 'symptom') {
    const s = catalogue.symptoms.find((x) => x.id === evidence.symptom)!
    return row.fill(1 - faultsOf(p.fault).reduce((not, f) => not * (1 - (s.given[f] ?? s.otherwise)), 1))
  }
  const test = catalogue.tests.find((t) => t.id === evidence.test)!
  const { answer } = test
  if (answer.kind === 'number' && evidence.kind === 'value') {
    const [low, high] = answer.range
    const at = (v: number): number => {
      const u = Math.max(1e-9, Math.hypot(answer.u.abs, answer.u.rel * v))
      return (1 - SLIP) * (gauss((evidence.value - v) / u) / u) + SLIP / (high - low)
    }
    const [own, sound] = [p.values.get(test.id)!, p.sound.get(test.id)!]
    for (let n = 0; n < p.count; n++) row[n] = n < p.steady ? at(own[n]!) : THERE * at(own[n]!) + (1 - THERE) * at(sound[n]!)
    return row
  }
  if (answer.kind === 'words' && evidence.kind === 'word') {
    const i = answer.outcomes.findIndex((o) => o.id === evidence.outcome)
    const own = p.words.get(test.id)
    if (!own) {
      // An estimate: the same for all of a fault, and known to the reference as it is to the app.
      const steady = Math.exp(
        logLikelihood(
          evidence,
          { ...h, grade: faultsOf(p.fault).length > 1 ? 0 : 2, key: faultsOf(p.fault).length > 1 ? p.fault : `${p.fault}/2` },
          new Map([[test.id, test]]),
          new Map(),
        ),
      )
      const goes = Math.exp(logLikelihood(evidence, { ...h, grade: 0, key: `${p.fault}/~` }, new Map([[test.id, test]]), new Map()))
      for (let n = 0; n < p.count; n++) row[n] = n < p.steady ? steady : goes
      return row
    }
    const sound = p.soundWords.get(test.id)!
    const chance = (w: number): number => (1 - SLIP) * (w === i ? 1 : 0) + SLIP / answer.outcomes.length
    for (let n = 0; n < p.count; n++) row[n] = n < p.steady ? chance(own[n]!) : THERE * chance(own[n]!) + (1 - THERE) * chance(sound[n]!)
  }
  return row
}

/**
 * A reference that knows the simulator’s own likelihoods and follows the same policy.
 * @param choosing particles of each fault for the next test
 */
export function theReference(catalogue: Catalogue, particles: readonly Particles[], choosing: number): Adviser {
  const ids = candidates(catalogue)
  const of = hypotheses(catalogue)
  const none = of.at(-1)!
  const { sight } = prepare(catalogue)
  const actionOf = (id: string): string => catalogue.faults.find((f) => f.id === faultsOf(id)[0])?.action ?? NONE
  const place = new Map(catalogue.actions.map((a, i) => [a.id, i]))
  const hypothesisOf = (p: Particles): Hypothesis => of.find((h) => h.candidate === p.candidate)!
  // A few of each, spread over all severities, with the chance of every outcome of every test.
  const few = particles.flatMap((p) => Array.from({ length: choosing }, (_, i) => ({ p, n: Math.floor(((i + 0.5) / choosing) * p.count) })))
  const prepared: Prepared = {
    of: [...few.map(({ p }) => ({ ...hypothesisOf(p), candidate: p.candidate })), none],
    action: Int16Array.from([...few.map(({ p }) => place.get(actionOf(p.fault)) ?? -1), -1]),
    sight: new Map(
      catalogue.tests.map((test): [string, Foresight] => {
        const { outcomes, chances } = sight.get(test.id)!
        return [
          test.id,
          { outcomes, chances: [...few.map(({ p, n }) => outcomesOf(p, n, test, outcomes, hypothesisOf(p))), chances.at(-1)!] },
        ]
      }),
    ),
  }
  // Asked again and again as evidence comes: each piece is weighed once. The last few are kept.
  const weighed = new Map<Evidence, readonly Float64Array[]>()
  const rowsOf = (e: Evidence): readonly Float64Array[] => {
    const had = weighed.get(e)
    if (had) return had
    if (weighed.size > 40) weighed.clear()
    const made = particles.map((p) => explained(p, e, catalogue, hypothesisOf(p)))
    weighed.set(e, made)
    return made
  }
  /** Without those that explain next to nothing of what was read: a thousandth of the belief in all. */
  const those = (now: Float64Array): { readonly left: Prepared; readonly weights: Float64Array } => {
    const order = Array.from(now, (_, i) => i).sort((a, b) => now[b]! - now[a]!)
    const kept: number[] = []
    for (let sum = 0; sum < 0.999 && kept.length < order.length;) {
      const i = order[kept.length]!
      kept.push(i)
      sum += now[i]!
    }
    if (!kept.includes(now.length - 1)) kept.push(now.length - 1)
    const sum = kept.reduce((s, i) => s + now[i]!, 0)
    return {
      left: {
        of: kept.map((i) => prepared.of[i]!),
        action: Int16Array.from(kept, (i) => prepared.action[i]!),
        sight: new Map([...prepared.sight].map(([id, s]) => [id, { ...s, chances: kept.map((i) => s.chances[i]!) }])),
      },
      weights: Float64Array.from(kept, (i) => now[i]! / sum),
    }
  }
  const tests = new Map(catalogue.tests.map((t) => [t.id, t]))
  const symptoms = new Map(catalogue.symptoms.map((s) => [s.id, s]))
  return {
    next: (evidence, cost) => {
      const known = evidence.map(rowsOf)
      const rows = particles.map((p, k) => {
        const w = new Float64Array(p.count).fill(p.prior / p.count)
        for (const all of known) {
          const x = all[k]!
          for (let n = 0; n < p.count; n++) w[n]! *= x[n]!
        }
        return w
      })
      const odd = none.prior * Math.exp(evidence.reduce((s, e) => s + logLikelihood(e, none, tests, symptoms), 0))
      const sums = rows.map((w) => w.reduce((a, b) => a + b, 0))
      const all = sums.reduce((a, b) => a + b, 0) + odd
      const belief = [...sums.map((s) => s / all), odd / all]
      const now = new Float64Array(few.length + 1)
      few.forEach(({ p, n }, i) => (now[i] = rows[p.candidate]![n]!))
      particles.forEach((p, k) => {
        const from = k * choosing
        const sum = now.subarray(from, from + choosing).reduce((a, b) => a + b, 0)
        for (let i = 0; i < choosing; i++)
          now[from + i] = sum > 0 ? (now[from + i]! / sum) * belief[p.candidate]! : belief[p.candidate]! / choosing
      })
      now[few.length] = belief.at(-1)!
      const done = new Set(evidence.flatMap((e) => (e.kind === 'symptom' ? [] : [e.test])))
      const { left, weights } = those(now)
      const { next } = adviseOn(catalogue, left, weights, done, cost, {}, new Set(), 2)
      const top = belief.reduce((best, p, i) => (p > belief[best]! ? i : best), 0)
      return {
        test: next?.test ?? null,
        top: { fault: ids[top]!, p: belief[top]! },
        byAction: [...catalogue.actions.map((a) => ({ id: a.id, minutes: a.minutes })), { id: NONE, minutes: 60 }].map((a) => ({
          ...a,
          p: belief.reduce((s, p, i) => s + (actionOf(ids[i]!) === a.id ? p : 0), 0),
        })),
      }
    },
  }
}

/** Chances of a test’s outcomes for one particle, slips included. */
function outcomesOf(p: Particles, n: number, test: Test, outcomes: Foresight['outcomes'], h: Hypothesis): Float64Array {
  const { answer } = test
  const k = outcomes.length
  const slipped = (x: Float64Array): Float64Array => x.map((v) => (1 - SLIP) * v + SLIP / k)
  const mixed = (own: Float64Array, sound: () => Float64Array): Float64Array => {
    if (n < p.steady) return slipped(own)
    const other = sound()
    return slipped(own.map((v, i) => THERE * v + (1 - THERE) * other[i]!))
  }
  if (answer.kind === 'number') {
    const bands = (v: number): Float64Array => {
      const u = Math.max(1e-9, Math.hypot(answer.u.abs, answer.u.rel * v))
      return Float64Array.from(outcomes, (o, i) => (i === k - 1 ? 1 : below((o.to! - v) / u)) - (i === 0 ? 0 : below((o.from! - v) / u)))
    }
    return mixed(bands(p.values.get(test.id)![n]!), () => bands(p.sound.get(test.id)![n]!))
  }
  const own = p.words.get(test.id)
  if (own) {
    const one = (w: number): Float64Array => Float64Array.from(outcomes, (_, i) => (i === w ? 1 : 0))
    return mixed(one(own[n]!), () => one(p.soundWords.get(test.id)![n]!))
  }
  const pair = faultsOf(p.fault).length > 1
  const key = pair ? p.fault : n < p.steady ? `${p.fault}/2` : `${p.fault}/~`
  return Float64Array.from(outcomes, (o) =>
    Math.exp(
      logLikelihood(
        { kind: 'word', test: test.id, outcome: o.word! },
        { ...h, key, grade: pair || n >= p.steady ? 0 : 2 },
        new Map([[test.id, test]]),
        new Map(),
      ),
    ),
  )
}
