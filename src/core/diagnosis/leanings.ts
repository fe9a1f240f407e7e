import { beliefs } from './belief'
import { candidates, faultsOf, type Leanings } from './hypotheses'
import { type Catalogue, type Evidence, type Fault, NONE } from './types'
import { kilometresOf, LIFE, type Used, YOUNG } from './weigh'

/** What a shop knows of a machine from jobs before this one. */
export interface Past {
  /** How often each fault was called in other jobs of the same model, by its id. */
  readonly called: Readonly<Record<string, number>>
  /** The same, of machines whose numbers are near this one’s: they came from one batch. */
  readonly near?: Readonly<Record<string, number>>
  /** What its counter showed at the door; null where nobody read it. */
  readonly used?: Used | null
  /** Whole days since the same machine left this shop; null where it was never here, or nobody said which one it is. */
  readonly daysSince: number | null
}

/** Machines that the estimates of how usual a fault is are worth against the shop’s own. Estimated. */
const WORTH = 20
/** For so many days what was touched here stays a suspect, as a decay. Estimated. */
const TOUCHED_DAYS = 30

/** Of a batch a call says so many times as much of this machine as one of its model. Estimated. */
const BATCH = 3

/**
 * How many times as usual a fault is at an age: what was made wrong shows early, what wears grows with the way (Weibull, shape 2).
 * Estimated.
 */
function ageFactor(ages: Fault['ages'], used: Used): number {
  const km = kilometresOf(used)
  if (ages === 'early') return 0.8 + 2 * Math.exp(-km / YOUNG)
  return ages === 'wears' ? Math.min(3, Math.max(0.25, km / (LIFE / 2))) : 1
}

/**
 * How many times as usual each fault is, from the shop’s own past: what it called on this model before (as so many more machines beside
 * `WORTH` of the estimate; Dirichlet prior), and what its own hands touched last (`afterWork`, fading). 1 for all where nothing is known.
 */
export function leaningsOf(
  catalogue: Pick<Catalogue, 'faults' | 'pairs' | 'noneUsual'>,
  { called, near = {}, used = null, daysSince }: Past,
): Leanings {
  const total = [...catalogue.faults, ...catalogue.pairs].reduce((sum, f) => sum + f.usual, catalogue.noneUsual)
  // What was called of the batch is among what was called of the model.
  const calls = (id: string): number => (called[id] ?? 0) + (BATCH - 1) * (near[id] ?? 0)
  const counted = catalogue.faults.reduce((sum, f) => sum + calls(f.id), 0)
  const fresh = daysSince === null ? 0 : Math.exp(-Math.max(0, daysSince) / TOUCHED_DAYS)
  return Object.fromEntries(
    catalogue.faults.map((f) => {
      const share = f.usual / total
      const known = (WORTH * share + calls(f.id)) / (WORTH + counted) / share
      return [f.id, known * (used ? ageFactor(f.ages, used) : 1) * (1 + ((f.afterWork ?? 1) - 1) * fresh)]
    }),
  )
}

/** After a repair that did not put it right: how likely the same fault is still there, and how likely another came by chance. Estimated. */
const STILL = 0.15
const UNRELATED = 0.25

/**
 * How many times as usual each fault is once others were mended and the machine is still not right: those that what was read before gave
 * as hidden behind them, the mended ones again, and anything by chance. What was read before counts no further.
 * @param before what was known when the first was called
 * @param mended faults that were called and mended, the last one last
 */
export function leaningsAfter(
  catalogue: Catalogue,
  before: readonly Evidence[],
  mended: readonly string[],
  leanings: Leanings = {},
): Leanings {
  const then = beliefs(catalogue, before, leanings)
  const fixed = new Set(mended)
  const hidden = new Map<string, number>()
  for (const { fault, p } of then) {
    const faults = faultsOf(fault)
    const left = faults.filter((f) => !fixed.has(f))
    if (faults.length === 2 && left.length === 1) hidden.set(left[0]!, (hidden.get(left[0]!) ?? 0) + p)
  }
  const behind = [...hidden.values()].reduce((a, b) => a + b, 0)
  // A pair that nobody thought of before is not ruled out: half of what is left is given by what goes with what.
  const listed = new Map<string, number>()
  for (const { faults, usual } of catalogue.pairs) {
    const left = faults.filter((f) => !fixed.has(f))
    if (left.length === 1) listed.set(left[0]!, (listed.get(left[0]!) ?? 0) + usual)
  }
  const goes = [...listed.values()].reduce((a, b) => a + b, 0)
  const total = [...catalogue.faults, ...catalogue.pairs].reduce((sum, f) => sum + f.usual, catalogue.noneUsual)
  const share = (id: string, usual: number): number => {
    const chance = (UNRELATED * usual * (leanings[id] ?? 1)) / total
    if (fixed.has(id)) return STILL / fixed.size
    const both = behind > 0 ? (hidden.get(id) ?? 0) / behind : 0
    const with_ = goes > 0 ? (listed.get(id) ?? 0) / goes : 0
    return chance + (1 - STILL - UNRELATED) * (0.5 * both + 0.5 * with_)
  }
  return Object.fromEntries(
    candidates(catalogue).flatMap((id) => {
      if (id === NONE) return []
      const single = catalogue.faults.find((f) => f.id === id)
      // Two more at once, beside those that were mended, is nobody’s first thought.
      if (!single) return [[id, 0.2]]
      return [[id, share(id, single.usual) / (single.usual / total)]]
    }),
  )
}
