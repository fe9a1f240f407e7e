import {
  advise,
  beliefs,
  candidates,
  type Catalogue,
  catalogueOf,
  type Evidence,
  faultsOf,
  NONE,
  type Test,
  type TestCost,
} from '../src/core/diagnosis'
import { SLIP, THERE } from '../src/core/diagnosis/likelihood'
import { bestSearch } from '../src/core/diagnosis/search'
import { SIMULATED, type Chance, type SimulatedKind } from '../src/core/simulated'
import { FULL_VOLTS, type Kind, machine, read, seeded, shownOf } from '../scripts/likelihoods/bench'

/** A machine that came in: what is wrong with it, and what every test would show. */
export interface Case {
  readonly truth: string
  readonly symptoms: readonly string[]
  /** What a test shows when it is taken; a machine whose fault comes and goes may show itself sound. */
  readonly answer: (test: Test) => Evidence
}

const pick = (weights: readonly number[], x: number): number => {
  let left = x * weights.reduce((a, b) => a + b, 0)
  return Math.max(
    0,
    weights.findIndex((w) => (left -= w) < 0),
  )
}

/** A machine drawn as they come in, by how usual each fault is. `n` gives the seed; tables are made of others. */
export function caseOf(kind: Kind, catalogue: Catalogue, n: number, fault?: string): Case {
  const c = seeded(`proof ${kind}`, n)
  const suspects = [
    ...catalogue.faults.map((f) => ({ id: f.id, usual: f.usual })),
    ...catalogue.pairs.map((p) => ({ id: p.faults.join('+'), usual: p.usual })),
  ]
  const truth =
    fault ??
    suspects[
      pick(
        suspects.map((s) => s.usual),
        c(),
      )
    ]!.id
  const faults = faultsOf(truth)
  const goes = c() < (catalogue.faults.find((f) => f.id === truth)?.comesAndGoes ?? 0)
  const planted = faults.map((id) => ({ id, severity: c() }))
  // The same machine twice: once sound, for the moments in which nothing is to be found.
  const [from, own] = [c(), c()]
  const again = (): Chance => seeded(`${kind} ${from} ${own}`, n)
  const [broken, sound] = [machine(kind, planted, again()), machine(kind, [], again())]
  const symptoms = catalogue.symptoms.filter((s) => {
    const of = (id: string): number => s.given[id] ?? s.otherwise
    return c() < 1 - faults.reduce((not, id) => not * (1 - of(id)), 1)
  })
  const loudest = [...catalogue.symptoms].sort((a, b) => (b.given[faults[0]!] ?? 0) - (a.given[faults[0]!] ?? 0))[0]!
  const taken = new Map<string, Evidence>()
  const sim = SIMULATED[kind] as unknown as SimulatedKind<unknown>
  const asked = (test: Test): Evidence => {
    const there = !goes || c() < THERE
    const { answer } = test
    if (answer.kind === 'number') {
      const [low, high] = answer.range
      const value = c() < SLIP ? low + c() * (high - low) : (read(kind, { ...answer }, test.id, there ? broken : sound, c) ?? 0)
      return { kind: 'value', test: test.id, value }
    }
    const outcome = (): string => {
      if (c() < SLIP) return answer.outcomes[Math.floor(c() * answer.outcomes.length)]!.id
      const made = sim.words[test.id]
      if (made) return made(there ? broken : sound, c)
      const { healthy, given } = answer.rows
      const rows = there ? faults.flatMap((f) => (given[f] ? [given[f]] : [])) : []
      const quiet = healthy.indexOf(Math.max(...healthy))
      const sum = (r: readonly number[]): number => r.reduce((a, b) => a + b, 0)
      const row = rows.sort((a, b) => a[quiet]! / sum(a) - b[quiet]! / sum(b))[0] ?? healthy
      return answer.outcomes[pick(row, c())]!.id
    }
    return { kind: 'word', test: test.id, outcome: outcome() }
  }
  return {
    truth,
    symptoms: symptoms.length > 0 ? symptoms.map((s) => s.id) : [loudest.id],
    answer: (test) => {
      const had = taken.get(test.id)
      if (had) return had
      const found = asked(test)
      taken.set(test.id, found)
      return found
    },
  }
}

/** Minutes to a place the first time, and for a change of power. */
const OPENING = 14
const TO_DEAD = 5
const TO_LIVE = 4

/** What a run of one machine came to. */
export interface Outcome {
  readonly truth: string
  readonly said: string
  readonly p: number
  readonly tests: number
  readonly testMinutes: number
  readonly minutes: number
  readonly right: boolean
  readonly stated: readonly { readonly p: number; readonly true: boolean }[]
}

export interface Advised {
  /** Null where it is time to act. */
  readonly test: Test | null
  readonly byAction: readonly { readonly id: string; readonly p: number; readonly minutes: number }[]
  readonly top: { readonly fault: string; readonly p: number }
}
export interface Adviser {
  readonly next: (evidence: readonly Evidence[], cost: (test: Test) => TestCost) => Advised
}

/** The app’s own way: its beliefs, its next test. */
export function theApp(catalogue: Catalogue): Adviser {
  const ids = candidates(catalogue)
  const actionOf = (id: string): string => catalogue.faults.find((f) => f.id === faultsOf(id)[0])?.action ?? NONE
  return {
    next: (evidence, cost) => {
      const now = beliefs(catalogue, evidence)
      const { next } = advise(catalogue, evidence, cost, {}, new Set(), { depth: 2 })
      const top = now.reduce((a, b) => (b.p > a.p ? b : a))
      return {
        test: next?.test ?? null,
        top,
        byAction: [...catalogue.actions.map((a) => ({ id: a.id, minutes: a.minutes })), { id: NONE, minutes: 60 }].map((a) => ({
          ...a,
          p: now.reduce((s, b, i) => s + (actionOf(ids[i]!) === a.id ? b.p : 0), 0),
        })),
      }
    },
  }
}

/** Tests taken as advised until it says to act; then actions in its order until the first fault is mended. */
export function worked(catalogue: Catalogue, { truth, symptoms, answer }: Case, adviser: Adviser, most = 40): Outcome {
  const evidence: Evidence[] = symptoms.map((symptom) => ({ kind: 'symptom', symptom }))
  const opened = new Set<string>()
  let dead = false
  let testMinutes = 0
  let tests = 0
  const cost = (test: Test): TestCost => ({
    access: test.reach === 'outside' || opened.size > 0 ? 0 : OPENING,
    power: test.power === 'dead' && !dead ? TO_DEAD : test.power === 'live' && dead ? TO_LIVE : 0,
  })
  let last = adviser.next(evidence, cost)
  while (last.test && tests < most) {
    const { test } = last
    const { access, power } = cost(test)
    testMinutes += test.minutes + access + power
    if (test.reach !== 'outside') opened.add(test.reach)
    if (test.power !== 'either') dead = test.power === 'dead'
    evidence.push(answer(test))
    tests++
    last = adviser.next(evidence, cost)
  }
  const rights = new Set(faultsOf(truth).map((f) => catalogue.faults.find((x) => x.id === f)!.action))
  const order = bestSearch(last.byAction.map((a) => ({ ...a, minutes: Math.max(1, a.minutes) }))).order
  let minutes = testMinutes
  for (const a of order) {
    minutes += a.minutes
    if (rights.has(a.id)) break
    minutes += 20
  }
  return {
    truth,
    said: last.top.fault,
    p: last.top.p,
    tests,
    testMinutes,
    minutes,
    right: rights.has(order[0]!.id),
    stated: order.map((a) => ({ p: a.p, true: rights.has(a.id) })),
  }
}

export const catalogueFor = (kind: Kind): Catalogue => catalogueOf(kind, FULL_VOLTS[kind])
export { shownOf }
