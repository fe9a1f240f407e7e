import { below } from './normal'

/** A value and its standard uncertainty, in one unit. `u` is 0 or more. */
export interface Doubted {
  readonly value: number
  readonly u: number
}

/** A value taken for sure. */
export const sure = (value: number): Doubted => ({ value, u: 0 })

/**
 * A sum of independent values, each with its factor: `y = Σ c·x`, `u = √Σ(c·u)²` (JCGM 100:2008, 5.1.2).
 * @example total([1, { value: 10, u: 0.1 }], [-1, { value: 4, u: 0.1 }]) // { value: 6, u: 0.141 }
 */
export function total(...terms: readonly (readonly [factor: number, of: Doubted])[]): Doubted {
  return {
    value: terms.reduce((sum, [c, x]) => sum + c * x.value, 0),
    u: Math.hypot(...terms.map(([c, x]) => c * x.u)),
  }
}

/**
 * Uncertainty of any smooth function of independent values, by its slopes at their middles (JCGM 100:2008, 5.1.3, note 2: half the
 * difference over ±u).
 */
export function through(f: (x: readonly number[]) => number, of: readonly Doubted[]): Doubted {
  const at = of.map((x) => x.value)
  const slopes = of.map((x, i) => {
    const moved = (by: number): number => f(at.map((v, k) => (k === i ? v + by : v)))
    return x.u === 0 ? 0 : (moved(x.u) - moved(-x.u)) / 2
  })
  return { value: f(at), u: Math.hypot(...slopes) }
}

/** Chance that the true value lies below a limit, 0 to 1; where there is no doubt it is one or the other. */
export function chanceBelow({ value, u }: Doubted, limit: number): number {
  return u > 0 ? below((limit - value) / u) : value < limit ? 1 : 0
}

/** How sure a verdict has to be, either way. */
const SURE = 0.95

export type Judgement = 'inside' | 'outside' | 'cannot tell'

/**
 * Is the true value between two limits? Accepted and rejected only where that is at least `SURE` likely, a guard band on both sides of a
 * limit; between them nobody can tell (JCGM 106:2012, 8.3). A limit may be infinite.
 */
export function judgeWithin(of: Doubted, low: number, high: number): { readonly is: Judgement; readonly chance: number } {
  const chance = Math.max(0, (high === Infinity ? 1 : atMost(of, high)) - (low === -Infinity ? 0 : chanceBelow(of, low)))
  return { is: chance >= SURE ? 'inside' : chance <= 1 - SURE ? 'outside' : 'cannot tell', chance }
}

const atMost = (of: Doubted, limit: number): number => (of.u > 0 ? chanceBelow(of, limit) : of.value <= limit ? 1 : 0)
