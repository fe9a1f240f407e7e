import { byCandidate, entropy, weighed } from './belief'
import { candidates, faultsOf, type Hypothesis, hypotheses, type Leanings } from './hypotheses'
import { type Foresight, foreseen, type Outcome } from './outcomes'
import { bestSearch, type Try } from './search'
import { type Action, type Catalogue, type Evidence, NONE, type Test } from './types'

/** What a test costs where the machine stands now, in minutes beside its own: to get at it, and to change the power. */
export interface TestCost {
  readonly access: number
  readonly power: number
  /** Of those, what each action needs anyway and finds done after the test, by action. */
  readonly shared?: Readonly<Record<string, number>>
}

/** A possible answer: how probable it is now, and what would be believed of each suspect after it. */
export interface Foreseen extends Outcome {
  readonly p: number
  readonly after: readonly number[]
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
  /** Minutes that it is expected to save, less what it adds; not above 0 when it would not change what is done. */
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
/** First tests that are looked at two deep. */
const DEEP = 4

/** What of a catalogue does not change with the evidence. */
export interface Prepared {
  readonly of: readonly Hypothesis[]
  readonly sight: ReadonlyMap<string, Foresight>
  /** Which action each hypothesis ends in, by its place; −1 for `none`. Of a pair the commoner first. */
  readonly action: Int16Array
}
const prepared = new WeakMap<Catalogue, Prepared>()

export function prepare(catalogue: Catalogue): Prepared {
  const had = prepared.get(catalogue)
  if (had) return had
  const of = hypotheses(catalogue)
  const place = new Map(catalogue.actions.map((a, i) => [a.id, i]))
  const actionOf = new Map(catalogue.faults.map((f) => [f.id, place.get(f.action) ?? -1]))
  const made: Prepared = {
    of,
    sight: new Map(catalogue.tests.map((t) => [t.id, foreseen(t, of)])),
    action: Int16Array.from(of, (h) => actionOf.get(h.faults[0] ?? '') ?? -1),
  }
  prepared.set(catalogue, made)
  return made
}

/** How far to look: the next test alone, or what would follow it too. */
export type Depth = 1 | 2

/**
 * Ranks the tests not yet taken, and says when to stop: when no test saves more minutes than it costs. What a test saves is the largest of
 * three: its value if one acted straight after it (one-step value of information; Raiffa & Schlaifer 1961); the same with one more
 * test where that is worth it, for the four best; and its share of the doubt about *what to do* times the minutes at stake,
 * since two tests seldom settle it (a heuristic). A test that only tells apart two faults with the same remedy has no share in that
 * doubt, and saves nothing.
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
  { depth = 1, leanings = {} }: { readonly depth?: Depth; readonly leanings?: Leanings } = {},
): Advice {
  const { of, sight, action } = prepare(catalogue)
  const now = Float64Array.from(weighed(catalogue, evidence, leanings).p)
  return adviseOn(catalogue, { of, sight, action }, now, taken(evidence), cost, minutes, skip, depth)
}

const taken = (evidence: readonly Evidence[]): ReadonlySet<string> =>
  new Set(evidence.flatMap((e) => (e.kind === 'symptom' ? [] : [e.test])))

/** The same on beliefs that come from elsewhere, one for each hypothesis of `prepared`. */
export function adviseOn(
  catalogue: Catalogue,
  { of, sight, action }: Prepared,
  now: Float64Array,
  done: ReadonlySet<string>,
  cost: (test: Test) => TestCost,
  minutes: Readonly<Record<string, number>>,
  skip: ReadonlySet<string>,
  depth: Depth,
): Advice {
  const { actions } = catalogue
  const prices = actions.map((a) => minutes[a.id] ?? a.minutes)
  /** Belief in each action, and last in none of them. */
  const byAction = (p: Float64Array): number[] => {
    const sums = actions.map(() => 0)
    let none = 0
    for (let i = 0; i < p.length; i++) {
      const a = action[i]!
      if (a < 0) none += p[i]!
      else sums[a]! += p[i]!
    }
    return [...sums, none]
  }
  const tries = (belief: readonly number[], shared: Readonly<Record<string, number>> = {}): Try[] =>
    belief.map((p, i) => {
      const a = actions[i]
      return a ? { id: a.id, p, minutes: Math.max(1, prices[i]! - (shared[a.id] ?? 0)) } : { id: NONE, p, minutes: UNKNOWN }
    })
  const searched = (p: Float64Array, shared?: Readonly<Record<string, number>>): number => bestSearch(tries(byAction(p), shared)).minutes

  const belief = byAction(now)
  const here = tries(belief)
  const search = bestSearch(here)
  const act = actions.find((a) => a.id === search.order[0]!.id) ?? null
  const bitsNow = entropy(byCandidate(catalogue, of, now))
  const atStake = search.minutes - here.reduce((s, t) => s + t.p * t.minutes, 0)
  const doubt = entropy(belief)
  const open = catalogue.tests
    .filter((t) => !done.has(t.id) && !skip.has(t.id))
    .map((test) => ({ test, own: cost(test), sight: sight.get(test.id)! }))

  /** Each outcome of a test from a belief: its chance, and what is believed after it. */
  const split = (p: Float64Array, { outcomes, chances }: Foresight): { readonly p: number; readonly after: Float64Array }[] =>
    outcomes.map((_, o) => {
      const after = new Float64Array(p.length)
      let sum = 0
      for (let i = 0; i < p.length; i++) sum += after[i] = p[i]! * chances[i]![o]!
      for (let i = 0; i < p.length; i++) after[i] = sum > 0 ? after[i]! / sum : p[i]!
      return { p: sum, after }
    })

  const ranked = open.map(({ test, own, sight: seen }) => {
    const cases = split(now, seen)
    const all = test.minutes + own.access + own.power
    const added = Math.max(test.minutes, all - here.reduce((s, t) => s + t.p * (own.shared?.[t.id] ?? 0), 0))
    const afterwards = cases.map((c) => byCandidate(catalogue, of, c.after))
    const bits = Math.max(0, bitsNow - cases.reduce((s, c, i) => s + c.p * entropy(afterwards[i]!), 0))
    const oneStep = search.minutes - cases.reduce((s, c) => s + c.p * searched(c.after, own.shared), 0) - all
    const share = doubt > 1e-9 ? 1 - cases.reduce((s, c) => s + c.p * entropy(byAction(c.after)), 0) / doubt : 0
    const row: RankedTest = {
      test,
      minutes: all,
      added,
      cost: own,
      bits,
      bitsPerMinute: bits / added,
      saves: Math.max(oneStep, atStake * share - added),
      outcomes: cases.map((c, i) => ({ ...seen.outcomes[i]!, p: c.p, after: afterwards[i]! })),
    }
    return { row, cases, own }
  })
  ranked.sort((a, b) => b.row.bitsPerMinute - a.row.bitsPerMinute || (a.row.test.id < b.row.test.id ? -1 : 1))
  let order = ranked.map((r) => r.row)
  if (depth === 2) {
    // The best few again, each with the test that would follow it where that is worth its minutes.
    const best = ranked.filter((r) => r.row.saves > 0).slice(0, DEEP)
    const deep = new Map(
      best.map(({ row, cases, own }) => {
        const expected = cases.reduce((sum, c) => {
          if (c.p < 1e-4) return sum + c.p * searched(c.after, own.shared)
          let least = searched(c.after, own.shared)
          for (const { test, own: then, sight: seen } of open) {
            if (test.id === row.test.id) continue
            // What the first made ready need not be made ready again.
            const access = Math.max(0, then.access - (test.reach === row.test.reach ? own.access : 0))
            const power = test.power === row.test.power ? 0 : then.power
            const more = test.minutes + access + power
            if (more >= least) continue
            const after = split(c.after, seen).reduce((s, x) => s + x.p * searched(x.after, then.shared ?? own.shared), 0)
            least = Math.min(least, more + after)
          }
          return sum + c.p * least
        }, 0)
        return [row.test.id, search.minutes - expected - row.minutes] as const
      }),
    )
    order = order.map((r) => (deep.has(r.test.id) ? { ...r, saves: Math.max(r.saves, deep.get(r.test.id)!) } : r))
    // Of those that were looked at twice, the one that saves most for its minutes comes first.
    const rank = (r: RankedTest): number => deep.get(r.test.id) ?? -Infinity
    const first = order.filter((r) => deep.has(r.test.id)).sort((a, b) => rank(b) - rank(a))[0]
    if (first && rank(first) > 0) order = [first, ...order.filter((r) => r !== first)]
  }
  const next = order.find((r) => r.saves > 0) ?? null
  const left = suspectsLeft(byCandidate(catalogue, of, now))
  const ids = candidates(catalogue)
  const actionOf = new Map(catalogue.faults.map((f) => [f.id, f.action]))
  const same = left.every((i) => ids[i] !== NONE && faultsOf(ids[i]!).every((f) => actionOf.get(f) === act?.id))
  return { next, ranked: order, act, expectedMinutes: search.minutes, atStake, stop: next ? null : same ? 'same job' : 'not worth it' }
}

/** Indices of the fewest suspects that hold 85 % of the belief, the likeliest first. */
export function suspectsLeft(p: readonly number[]): number[] {
  const order = [...p.keys()].sort((a, b) => p[b]! - p[a]!)
  let sum = 0
  return order.filter((i) => {
    if (sum >= LEFT) return false
    sum += p[i]!
    return true
  })
}
