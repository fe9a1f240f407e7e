import {
  advise,
  beliefs,
  candidates,
  type Catalogue,
  type Evidence,
  faultsOf,
  type Leanings,
  leaningsAfter,
  NONE,
  type Test,
  type TestCost,
  usualFittings,
} from '../src/core/diagnosis'
import { catalogueFitted } from '../src/core/diagnosis/kinds'
import { SLIP, THERE } from '../src/core/diagnosis/likelihood'
import { bestSearch } from '../src/core/diagnosis/search'
import { SIMULATED, type Chance, type SimulatedKind } from '../src/core/simulated'
import { FULL_VOLTS, type Kind, machine, read, seeded } from '../scripts/likelihoods/bench'
import type { Unlisted } from './unlisted'

/** A machine that came in: what is wrong with it, and what every test would show. */
export interface Case {
  readonly truth: string
  readonly symptoms: readonly string[]
  /** What a test shows when it is taken; a machine whose fault comes and goes may show itself sound. */
  readonly answer: (test: Test) => Evidence
  /** What the tests show once some of its faults were mended. */
  readonly without: (mended: readonly string[]) => Case['answer']
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
  const told = symptoms.length > 0 ? symptoms.map((x) => x.id) : [loudest.id]
  return { truth, symptoms: told, answer: answers(kind, c, { broken, sound, goes, faults }), without: (mended) => left(mended) }

  /** The same machine with what was mended put right, its other fault as it was. */
  function left(mended: readonly string[]): Case['answer'] {
    const still = planted.filter((f) => !mended.includes(f.id))
    return answers(kind, seeded(`proof again ${kind} ${mended.join()}`, n), {
      broken: machine(kind, still, again()),
      sound,
      goes: false,
      faults: still.map((f) => f.id),
    })
  }
}

/** A machine that has what no catalogue lists. */
export function unlistedCase(kind: Kind, catalogue: Catalogue, { id, told, plant }: Unlisted, n: number): Case {
  const unheard = told.filter((t) => !catalogue.symptoms.some((s) => s.id === t))
  if (unheard.length > 0) throw new RangeError(`nobody says ${unheard.join()} of a ${kind}`)
  const c = seeded(`proof ${kind} ${id}`, n)
  const sound = machine(kind, [], c)
  const broken = plant(sound as never, c)
  const answer = answers(kind, c, { broken, sound, goes: false, faults: [] })
  return { truth: NONE, symptoms: told, answer, without: () => answer }
}

/** What each test shows when it is taken, and the same again when it is asked again. */
function answers(
  kind: Kind,
  c: Chance,
  {
    broken,
    sound,
    goes,
    faults,
  }: { readonly broken: unknown; readonly sound: unknown; readonly goes: boolean; readonly faults: readonly string[] },
): Case['answer'] {
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
      const sum = (r: readonly number[]): number => r.reduce((x, y) => x + y, 0)
      const row = rows.sort((x, y) => x[quiet]! / sum(x) - y[quiet]! / sum(y))[0] ?? healthy
      return answer.outcomes[pick(row, c())]!.id
    }
    return { kind: 'word', test: test.id, outcome: outcome() }
  }
  return (test) => {
    const had = taken.get(test.id)
    if (had) return had
    const found = asked(test)
    taken.set(test.id, found)
    return found
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
  /** What was known at the stop. */
  readonly evidence: readonly Evidence[]
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
export function theApp(catalogue: Catalogue, leanings: Leanings = {}): Adviser {
  const ids = candidates(catalogue)
  const actionOf = (id: string): string => catalogue.faults.find((f) => f.id === faultsOf(id)[0])?.action ?? NONE
  return {
    next: (evidence, cost) => {
      const now = beliefs(catalogue, evidence, leanings)
      const { next } = advise(catalogue, evidence, cost, {}, new Set(), { depth: 2, leanings })
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

/** Tests taken as advised until it says to act, and the actions in its order. */
function tried(catalogue: Catalogue, symptoms: readonly string[], answer: Case['answer'], adviser: Adviser, most = 40) {
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
  const { order } = bestSearch(last.byAction.map((a) => ({ ...a, minutes: Math.max(1, a.minutes) })))
  return { order, evidence, tests, testMinutes, top: last.top }
}

/** Tests taken as advised until it says to act; then actions in its order until the first fault is mended. */
export function worked(catalogue: Catalogue, { truth, symptoms, answer }: Case, adviser: Adviser, most?: number): Outcome {
  const { order, evidence, tests, testMinutes, top } = tried(catalogue, symptoms, answer, adviser, most)
  const rights = new Set(faultsOf(truth).map((f) => catalogue.faults.find((x) => x.id === f)?.action ?? NONE))
  let minutes = testMinutes
  for (const a of order) {
    minutes += a.minutes
    if (rights.has(a.id)) break
    minutes += 20
  }
  return {
    truth,
    said: top.fault,
    p: top.p,
    tests,
    testMinutes,
    minutes,
    right: rights.has(order[0]!.id),
    stated: order.map((a) => ({ p: a.p, true: rights.has(a.id) })),
    evidence,
  }
}

/** How many actions are tried for one fault before somebody else is asked. */
const TRIES = 2

/**
 * Are both faults of a pair mended within the job? Found and mended once, it is looked at again with what hid behind: each time the
 * right action has to be among the first two.
 */
export function bothMended(catalogue: Catalogue, own: Case): boolean {
  const actionOf = (f: string): string => catalogue.faults.find((x) => x.id === f)!.action
  const left = new Set(faultsOf(own.truth))
  const mended: string[] = []
  let leanings: Leanings = {}
  let answer = own.answer
  let before: readonly Evidence[] = []
  for (let round = 0; left.size > 0 && round < faultsOf(own.truth).length; round++) {
    const symptoms = round === 0 ? own.symptoms : []
    const { order, evidence } = tried(catalogue, symptoms, answer, theApp(catalogue, leanings))
    const found = order.slice(0, TRIES).flatMap((a) => [...left].filter((f) => actionOf(f) === a.id))
    if (found.length === 0) return false
    for (const f of found) left.delete(f)
    mended.push(...found)
    before = [...before, ...evidence]
    leanings = leaningsAfter(catalogue, before, mended)
    answer = own.without(mended)
  }
  return left.size === 0
}

export const catalogueFor = (kind: Kind): Catalogue =>
  catalogueFitted(kind, FULL_VOLTS[kind], { twins: true, lineResistance: true, has: usualFittings(kind, kind !== 'actuator') }, new Set())
