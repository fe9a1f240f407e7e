import { costOf, type Placing, type Problem } from './solve'

/** Longer orders are left as they were found: pairs of places are tried. */
const LONGEST_TIDIED = 80

/** How near two tasks are, for whoever does them one after the other: 0 where they have nothing to do with each other. */
export type Near = (a: number, b: number) => number

/**
 * An order that costs the same and is the one of its equals that a mechanic would rather have: what is early comes as soon as it costs
 * nothing, and then what is near to what was just done.
 * @param early tasks that come as early as costs nothing
 */
export function tidied(problem: Problem, order: readonly Placing[], cost: number, early: (task: number) => boolean, near: Near): Placing[] {
  if (order.length > LONGEST_TIDIED) return [...order]
  const costsNoMore = (moved: readonly Placing[]): boolean => {
    const same = costOf(problem, moved)
    return same !== null && same <= cost
  }
  return drawnTogether(broughtForward([...order], early, costsNoMore), early, near, costsNoMore)
}

type Same = (moved: readonly Placing[]) => boolean

/**
 * Whatever stands before the last of the early tasks and may as well come after it goes there, one by one or several together,
 * while that costs nothing.
 */
function broughtForward(order: readonly Placing[], early: (task: number) => boolean, costsNoMore: Same): readonly Placing[] {
  let best = order
  const movedOne = (): boolean => {
    const to = best.findLastIndex((p) => early(p.task))
    for (let end = to - 1; end >= 0; end--) {
      for (let start = end; start >= 0 && !early(best[start]!.task); start--) {
        const moved = [...best.slice(0, start), ...best.slice(end + 1, to + 1), ...best.slice(start, end + 1), ...best.slice(to + 1)]
        if (!costsNoMore(moved)) continue
        best = moved
        return true
      }
    }
    return false
  }
  while (movedOne());
  return best
}

/** One task from one place to another. */
function moved(order: readonly Placing[], from: number, to: number): Placing[] {
  const rest = [...order.slice(0, from), ...order.slice(from + 1)]
  return [...rest.slice(0, to), order[from]!, ...rest.slice(to)]
}

/** What is near to what was just done comes next, and what is near to what comes next just before it, while that costs nothing. */
function drawnTogether(order: readonly Placing[], early: (task: number) => boolean, near: Near, costsNoMore: Same): Placing[] {
  let best = [...order]
  const between = (list: readonly Placing[], i: number): number => (list[i] && list[i + 1] ? near(list[i].task, list[i + 1]!.task) : 0)
  const total = (list: readonly Placing[]): number => list.reduce((sum, _, i) => sum + between(list, i), 0)
  const last = (list: readonly Placing[]): number => list.findLastIndex((p) => early(p.task))
  let now = total(best)
  const take = (from: number, to: number): boolean => {
    const next = moved(best, from, to)
    if (total(next) <= now || last(next) > last(best) || !costsNoMore(next)) return false
    best = next
    now = total(next)
    return true
  }
  const movedOne = (): boolean => {
    for (let at = 0; at + 1 < best.length; at++) {
      const [here, there] = [best[at]!.task, best[at + 1]!.task]
      for (let from = at + 2; from < best.length; from++)
        if (near(here, best[from]!.task) > near(here, there) && take(from, at + 1)) return true
      for (let from = at - 1; from >= 0; from--) if (near(best[from]!.task, there) > near(here, there) && take(from, at)) return true
    }
    return false
  }
  while (movedOne());
  return best
}
