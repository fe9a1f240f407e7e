import { Heap } from './heap'
import { bitsWhere, type Closure } from './closure'
import { type Done, includes, keyOf, type Problem, type Tests } from './problem'

/** Values kept of one relaxed search before it falls back to the floor. */
const MEMO = 80_000
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
  readonly once: (done: Done, of: number, states?: number) => number
}

/** Least cost of changing class until the goal holds, when all that the class allows is done for nothing. */
export function relaxed(problem: Problem, tests: Tests, closure: Closure, { count, allows, change, floor }: Classes): Relaxed {
  const allowed = Array.from({ length: count }, (_, c) => bitsWhere(problem.tasks.length, (i) => allows(i, c)))
  const known = new Map<string, number>()
  const close = (done: Done, of: number): Done => closure(done, allowed[of]!)
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
    once: (done, of, states = ROOT) => {
      interface State {
        readonly closed: Done
        readonly of: number
        readonly cost: number
        readonly total: number
      }
      const open = new Heap<State>((a, b) => a.total < b.total || (a.total === b.total && a.cost > b.cost))
      const opened: State[][] = Array.from({ length: count }, () => [])
      const put = (from: Done, to: number, cost: number): void => {
        const closed = close(from, to)
        open.push({ closed, of: to, cost, total: cost + floor(closed, to) })
      }
      put(done, of, 0)
      for (let n = 0; ;) {
        const here = open.pop()
        if (!here) return Infinity
        if (tests.goal(here.closed, true) || n >= states) return here.total
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
