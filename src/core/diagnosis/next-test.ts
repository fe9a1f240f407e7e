import { beliefs, candidates, entropy } from './belief'
import { foresee, type Foreseen } from './outcomes'
import { bestSearch, type Try } from './search'
import { type Action, type Catalogue, type Evidence, NONE, type Test } from './types'

/** What a test costs where the machine stands now, in minutes beside its own: to get at it, and to change the power. */
export interface TestCost {
  readonly access: number
  readonly power: number
  /** Of those, what each action needs anyway and finds done after the test, by action. */
  readonly shared?: Readonly<Record<string, number>>
}

export interface RankedTest {
  readonly test: Test
  readonly minutes: number
  /** The same less what the work that is to be expected needs anyway: what the test itself adds. */
  readonly added: number
  readonly cost: TestCost
  /** Expected information in bits, and for each minute that it adds. */
  readonly bits: number
  readonly bitsPerMinute: number
  /** Minutes of wrong work that it is expected to save, less what it adds; not above 0 when it would not change what is done. */
  readonly saves: number
  readonly outcomes: readonly Foreseen[]
}

export interface Advice {
  /** The test to take next; null when it is time to act. */
  readonly next: RankedTest | null
  readonly ranked: readonly RankedTest[]
  /** What to do if one stopped now, and the minutes to expect in all, wrong turns counted. */
  readonly act: Action | null
  readonly expectedMinutes: number
  /** Of those, what would be saved by knowing the fault: what is still at stake. */
  readonly atStake: number
  /** Why to stop measuring: all that is left ends in the same job; or no test is worth its minutes. */
  readonly stop: 'same job' | 'not worth it' | null
}

/** What finding something that is in no list takes. Estimated. */
const UNKNOWN = 60
/** Suspects that count as what is left: the fewest that hold this share. */
const LEFT = 0.85

/**
 * Ranks the tests not yet taken by expected information per minute, access and change of power included, and says when to stop:
 * when no test saves more minutes of wrong work than it costs. What a test saves is the larger of two: its value if one acted
 * straight after it (one-step value of information; Raiffa & Schlaifer 1961), and its share of the doubt about *what to do* times
 * the minutes at stake, since one test alone seldom settles it (a heuristic). A test that only tells apart two faults with the same
 * remedy has no share in that doubt, and saves nothing.
 * @param cost minutes beside the test's own, for where the machine stands
 * @param minutes hands-on minutes of each action; the catalogue's estimate where a plan gives none
 * @param skip ids of tests that cannot be taken
 */
export function advise(
  catalogue: Catalogue,
  evidence: readonly Evidence[],
  cost: (test: Test) => TestCost,
  minutes: Readonly<Record<string, number>> = {},
  skip: ReadonlySet<string> = new Set(),
): Advice {
  const ids = candidates(catalogue)
  const now = beliefs(catalogue, evidence).map((b) => b.p)
  const taken = new Set(evidence.flatMap((e) => (e.kind === 'symptom' ? [] : [e.test])))
  const actionOf = new Map(catalogue.faults.map((f) => [f.id, f.action]))
  const price = (a: Action): number => minutes[a.id] ?? a.minutes
  /** Belief in each action, and last in none of them. */
  const byAction = (p: readonly number[]): number[] => [
    ...catalogue.actions.map((a) => ids.reduce((s, id, i) => (actionOf.get(id) === a.id ? s + p[i]! : s), 0)),
    p.at(-1)!,
  ]
  const tries = (p: readonly number[], shared: Readonly<Record<string, number>> = {}): Try[] =>
    byAction(p).map((belief, i) => {
      const action = catalogue.actions[i]
      return action
        ? { id: action.id, p: belief, minutes: Math.max(1, price(action) - (shared[action.id] ?? 0)) }
        : { id: NONE, p: belief, minutes: UNKNOWN }
    })
  const here = tries(now)
  const search = bestSearch(here)
  const act = catalogue.actions.find((a) => a.id === search.order[0]!.id) ?? null
  const bitsNow = entropy(now)
  const atStake = search.minutes - here.reduce((s, t) => s + t.p * t.minutes, 0)
  const doubt = entropy(byAction(now))
  const ranked = catalogue.tests
    .filter((t) => !taken.has(t.id) && !skip.has(t.id))
    .map((test): RankedTest => {
      const outcomes = foresee(test, ids, now)
      const own = cost(test)
      const all = test.minutes + own.access + own.power
      const added = Math.max(test.minutes, all - here.reduce((s, t) => s + t.p * (own.shared?.[t.id] ?? 0), 0))
      const bits = Math.max(0, bitsNow - outcomes.reduce((s, o) => s + o.p * entropy(o.after), 0))
      const oneStep = search.minutes - outcomes.reduce((s, o) => s + o.p * bestSearch(tries(o.after, own.shared)).minutes, 0) - all
      const share = doubt > 1e-9 ? 1 - outcomes.reduce((s, o) => s + o.p * entropy(byAction(o.after)), 0) / doubt : 0
      const saves = Math.max(oneStep, atStake * share - added)
      return { test, minutes: all, added, cost: own, bits, bitsPerMinute: bits / added, saves, outcomes }
    })
    .sort((a, b) => b.bitsPerMinute - a.bitsPerMinute || (a.test.id < b.test.id ? -1 : 1))
  const next = ranked.find((r) => r.saves > 0) ?? null
  const left = suspectsLeft(now)
  const same = left.every((i) => ids[i] !== NONE && actionOf.get(ids[i]!) === act?.id)
  return { next, ranked, act, expectedMinutes: search.minutes, atStake, stop: next ? null : same ? 'same job' : 'not worth it' }
}

/** Indices of the fewest candidates that hold 85 % of the belief, the likeliest first. */
export function suspectsLeft(p: readonly number[]): number[] {
  const order = [...p.keys()].sort((a, b) => p[b]! - p[a]!)
  let sum = 0
  return order.filter((i) => {
    if (sum >= LEFT) return false
    sum += p[i]!
    return true
  })
}
