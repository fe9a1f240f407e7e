import type { Completion } from './completion'
import type { Alternative } from './types'

/** States opened for one alternative: it is shown, not followed, so its order need not be proved. */
export const LOOKED_AT = 2_000
/** Minutes more than this, and it is not worth a word. */
const WORTH_A_WORD = 3

/**
 * Other sets of steps that would reach the goal too, for less than three minutes more, turns and tools included.
 * @param cost minutes of the way that was chosen
 * @param wayOf the cheapest way that keeps to a set; null where there is none
 */
export function rejectedSets(
  chosen: readonly string[],
  cost: number,
  sets: readonly Completion[],
  wayOf: (set: ReadonlySet<string>) => { readonly used: readonly string[]; readonly cost: number } | null,
  title: (id: string) => string,
): Alternative[] {
  const mine = new Set(chosen)
  const seen = new Set([[...mine].sort().join()])
  return sets.flatMap((set) => {
    const found = wayOf(set.actions)
    const key = found ? [...found.used].sort().join() : ''
    if (!found || seen.has(key)) return []
    seen.add(key)
    const theirs = new Set(found.used)
    const [avoid, use] = [chosen.filter((id) => !theirs.has(id)), found.used.filter((id) => !mine.has(id))]
    const more = Math.max(0, found.cost - cost)
    return more < WORTH_A_WORD && avoid.length > 0 ? [{ instead: avoid.map(title), use: use.map(title), avoid, moreMinutes: more }] : []
  })
}
