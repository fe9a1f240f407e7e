import { Heap } from './heap'
import { type Done, isDone, keyOf, includes, type Need, type needTests, type Problem } from './problem'

export type Tests = ReturnType<typeof needTests>

/** Everything that can be done by tasks that `may`, without `except`, when nothing that must not be done yet counts. */
export function closure(tests: Tests, from: Done, may: readonly boolean[], except: number): Done {
  const done = from.slice()
  const open: number[] = []
  for (let i = 0; i < may.length; i++) if (may[i] && i !== except && !isDone(done, i)) open.push(i)
  for (let moved = true; moved; ) {
    moved = false
    let kept = 0
    for (const i of open) {
      if (tests.task(i, done, true)) {
        done[i >>> 5]! |= 1 << (i & 31)
        moved = true
      } else open[kept++] = i
    }
    open.length = kept
  }
  return done
}

/** Values kept of one relaxed search before it falls back to the floor. */
const MEMO = 20_000
/** States opened by the search from the start. */
const ROOT = 3_000

/** Poses, or tools: what a change between them costs, what can be done in each, and a bound that is quick to have. */
export interface Classes {
  readonly count: number
  readonly allows: (task: number, of: number) => boolean
  readonly change: (from: number, to: number) => number
  readonly floor: (done: Done, of: number) => number
}

export interface Relaxed {
  /** From any state: exact while the memory lasts, the floor after that. */
  readonly rest: (done: Done, of: number) => number
  /** From one state, as far as a limit allows: exact, or the least that is still open. */
  readonly once: (done: Done, of: number) => number
}

/** Least cost of changing class until the goal holds, when all that the class allows is done for nothing. */
export function relaxed(problem: Problem, tests: Tests, { count, allows, change, floor }: Classes): Relaxed {
  const allowed = Array.from({ length: count }, (_, c) => problem.tasks.map((_, i) => allows(i, c)))
  const known = new Map<string, number>()
  const closedOf = new Map<string, Done>()
  const close = (done: Done, of: number): Done => {
    const key = keyOf(done) + String.fromCharCode(of)
    const had = closedOf.get(key)
    if (had) return had
    const closed = closure(tests, done, allowed[of]!, -1)
    if (closedOf.size < 4 * MEMO) closedOf.set(key, closed)
    return closed
  }
  const search = (closed: Done, of: number): number => {
    if (tests.goal(closed, true)) return 0
    const key = keyOf(closed) + String.fromCharCode(of)
    const had = known.get(key)
    if (had !== undefined) return had
    const least = floor(closed, of)
    if (known.size >= MEMO) return least
    const ways: { readonly next: Done; readonly to: number; readonly cost: number; readonly least: number }[] = []
    for (let to = 0; to < count; to++) {
      const cost = to === of ? Infinity : change(of, to)
      if (cost === Infinity) continue
      const next = close(closed, to)
      if (!includes(closed, next)) ways.push({ next, to, cost, least: cost + floor(next, to) })
    }
    // The most promising first; once one is as good as any can be, the rest need no look.
    ways.sort((a, b) => a.least - b.least)
    let best = Infinity
    for (const way of ways) {
      if (way.least >= best || best <= least) break
      best = Math.min(best, way.cost + search(way.next, way.to))
    }
    known.set(key, best)
    return best
  }
  return {
    rest: (done, of) => search(close(done, of), of),
    once: (done, of) => {
      interface State { readonly closed: Done; readonly of: number; readonly cost: number; readonly total: number }
      const open = new Heap<State>((a, b) => a.total < b.total || (a.total === b.total && a.cost > b.cost))
      const opened: State[][] = Array.from({ length: count }, () => [])
      const put = (from: Done, to: number, cost: number): void => {
        const closed = close(from, to)
        open.push({ closed, of: to, cost, total: cost + floor(closed, to) })
      }
      put(done, of, 0)
      for (let n = 0; ; ) {
        const here = open.pop()
        if (!here) return Infinity
        if (tests.goal(here.closed, true) || n >= ROOT) return here.total
        // Here more done is never worse: what costs nothing can be left out of whatever follows.
        if (opened[here.of]!.some((o) => o.cost <= here.cost && includes(o.closed, here.closed))) continue
        opened[here.of]!.push(here)
        n++
        for (let to = 0; to < count; to++) {
          const cost = to === here.of ? Infinity : change(here.of, to)
          if (cost < Infinity) put(here.closed, to, here.cost + cost)
        }
      }
    },
  }
}

/**
 * How often each class (pose, or tool) has to be entered again, along the chain of necessary tasks that asks it most often: between two
 * tasks that can only be done in it stands one that cannot. Each entry counts for its own class only, so the classes add up.
 * @param only the task can be done in this class alone; @param never it cannot be done in this class
 * @param price the least that entering the class can cost
 */
export function entries(
  problem: Problem, necessary: readonly boolean[], classes: number, only: (task: number, of: number) => boolean, never: (task: number, of: number) => boolean, price: (of: number) => number,
): (done: Done, now: number) => number {
  const { tasks } = problem
  const after: number[][] = tasks.map(() => [])
  tasks.forEach((task, i) => necessary[i] && certain(task.needs).forEach((first) => after[first]!.push(i)))
  const order = leavesFirst(after)
  // For each class: tasks by the entries from there on, dearest first; when it is not the present one, and when it is.
  const lists = Array.from({ length: classes }, (_, of) => {
    const away = new Int32Array(tasks.length)
    const here = new Int32Array(tasks.length)
    for (const i of order) {
      let [a, h] = [0, 0]
      for (const next of after[i]!) [a, h] = [Math.max(a, away[next]!), Math.max(h, here[next]!)]
      away[i] = only(i, of) ? 1 + h : a
      here[i] = only(i, of) ? h : never(i, of) ? a : h
    }
    const sorted = (value: Int32Array): { readonly task: number; readonly cost: number }[] =>
      [...value].flatMap((count, task) => (necessary[task] && count > 0 ? [{ task, cost: count * price(of) }] : [])).sort((x, y) => y.cost - x.cost)
    return { away: sorted(away), here: sorted(here) }
  })
  return (done, now) => {
    let cost = 0
    for (let of = 0; of < classes; of++) {
      for (const t of of === now ? lists[of]!.here : lists[of]!.away) {
        if (isDone(done, t.task)) continue
        cost += t.cost
        break
      }
    }
    return cost
  }
}

/** Every task after all that come after it; of a loop, some. */
function leavesFirst(after: readonly (readonly number[])[]): number[] {
  const order: number[] = []
  const seen = new Uint8Array(after.length)
  const visit = (i: number): void => {
    if (seen[i]) return
    seen[i] = 1
    for (const next of after[i]!) visit(next)
    order.push(i)
  }
  after.forEach((_, i) => visit(i))
  return order
}

/** Tasks that have to be done for the need to hold, as far as that is plain. */
export function certain(need: Need): number[] {
  if (typeof need === 'boolean' || 'undone' in need || 'any' in need) return []
  if ('all' in need) return [...new Set(need.all.flatMap(certain))]
  return need.done.length === 1 ? [need.done[0]!] : []
}
