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
export function tidied(
  problem: Problem,
  order: readonly Placing[],
  cost: number,
  isEarly: (task: number) => boolean,
  near: Near,
): Placing[] {
  if (order.length > LONGEST_TIDIED) return [...order]
  // Both are asked of the same tasks again and again.
  const soon = Uint8Array.from(problem.tasks, (_, task) => (isEarly(task) ? 1 : 0))
  const early = (task: number): boolean => soon[task] === 1
  const costsNoMore = (moved: readonly Placing[]): boolean => {
    const same = costOf(problem, moved)
    return same !== null && same <= cost
  }
  const count = problem.tasks.length
  const known = new Float64Array(count * count).fill(NaN)
  const nearOnce: Near = (a, b) => {
    const had = known[a * count + b]!
    return Number.isNaN(had) ? (known[a * count + b] = near(a, b)) : had
  }
  const forward = asItStands(problem, broughtForward(order, early, costsNoMore), early, costsNoMore)
  return drawnTogether(forward, early, nearOnce, costsNoMore)
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

/** What is early is done as the machine stands already, where a turn may as well come after it. */
function asItStands(problem: Problem, order: readonly Placing[], early: (task: number) => boolean, costsNoMore: Same): readonly Placing[] {
  let best = order
  order.forEach((placing, i) => {
    const pose = best[i - 1]?.pose
    if (pose === undefined || pose === placing.pose || !early(placing.task)) return
    const { choices } = problem.tasks[placing.task]!
    for (const choice of choices.keys()) {
      if (!choices[choice]!.poses.includes(pose)) continue
      const next = best.map((p, k) => (k === i ? { ...p, choice, pose } : p))
      if (costsNoMore(next)) return void (best = next)
    }
  })
  return best
}

/** Steps that are moved together at the most. */
const BLOCK = 3

/** What is near to what was just done comes next, one step or a few together moved at a time, while that costs nothing. */
function drawnTogether(order: readonly Placing[], early: (task: number) => boolean, near: Near, costsNoMore: Same): Placing[] {
  let best = [...order]
  const n = best.length
  const tasks = Int32Array.from(best, (p) => p.task)
  const last = (list: readonly Placing[]): number => list.findLastIndex((p) => early(p.task))
  let lastEarly = last(best)
  /** Between the steps at two places; 0 before the first and after the last. */
  const at = (a: number, b: number): number => (a < 0 || b >= n ? 0 : near(tasks[a]!, tasks[b]!))
  /** What moving `size` steps from `from` to before `to` gains in nearness. */
  const gain = (from: number, size: number, to: number): number =>
    at(from - 1, from + size) +
    at(to - 1, from) +
    at(from + size - 1, to) -
    at(from - 1, from) -
    at(from + size - 1, from + size) -
    at(to - 1, to)
  const movedOne = (): boolean => {
    for (let size = 1; size <= BLOCK; size++) {
      for (let from = 0; from + size <= n; from++) {
        for (let to = 0; to <= n; to++) {
          if ((to >= from && to <= from + size) || gain(from, size, to) <= 0) continue
          const block = best.slice(from, from + size)
          const rest = [...best.slice(0, from), ...best.slice(from + size)]
          const place = to > from ? to - size : to
          const next = [...rest.slice(0, place), ...block, ...rest.slice(place)]
          if ((lastEarly >= 0 && last(next) > lastEarly) || !costsNoMore(next)) continue
          best = next
          lastEarly = last(best)
          for (let i = 0; i < n; i++) tasks[i] = best[i]!.task
          return true
        }
      }
    }
    return false
  }
  while (movedOne());
  return best
}
