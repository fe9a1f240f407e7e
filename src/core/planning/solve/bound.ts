import { type Done, isDone, keyOf, meets, type Need, needTests, noneDone, type Problem } from './problem'

/** Values kept of one relaxed search before it falls back to something simpler. */
const MEMO = 20_000

/** Least seconds from a state to the goal, in three parts whose sum is never more than the truth. */
export interface Bound {
  readonly work: (done: Done) => number
  readonly turns: (done: Done, pose: number) => number
  readonly swaps: (done: Done, tool: number) => number
  /** Their sum. */
  readonly rest: (done: Done, pose: number, tool: number) => number
  /** Tasks that every way to the goal has. */
  readonly necessary: readonly boolean[]
  /** The goal can be reached at all when nothing but guards counts. */
  readonly reachable: boolean
}

/**
 * The cost splits into work, turns and tools picked up, so the sum of three bounds bounds it: the least work of what is necessary
 * still (and of the cheapest option where there is a choice), and two exact searches in which only turns, or only tools, cost anything
 * and everything that can be done in the present pose, or with the present tool, is done for nothing. Both relax what must not be done
 * yet, so a set that is closed under doing for nothing is the same whatever the order.
 */
export function bounds(problem: Problem): Bound {
  const { tasks } = problem
  const n = tasks.length
  const least = tasks.map((t) => Math.min(...t.choices.map((c) => c.work)))
  const tests = needTests(problem)
  const everything = tasks.map(() => true)
  const reachable = tests.goal(closure(tests, noneDone(n), everything, -1), true)
  const necessary = tasks.map((_, i) => reachable && !tests.goal(closure(tests, noneDone(n), everything, i), true))
  const options = optionBounds(problem, necessary, least)

  const work = (done: Done): number => {
    let sum = 0
    for (let i = 0; i < n; i++) if (necessary[i] && !isDone(done, i)) sum += least[i]!
    for (const o of options) sum += o(done)
    return sum
  }
  const turns = classSearch(problem, tests, problem.poses, (i, pose) => tasks[i]!.choices.some((c) => c.poses.includes(pose)), (from, to) => problem.turn[from]![to]!, farthest(problem, necessary))
  const inHand = (i: number, tool: number): boolean => tasks[i]!.choices.some((c) => c.tool < 0 || c.tool === tool)
  // Bare hands are a class of their own, left for good with the first tool.
  const swaps = classSearch(problem, tests, problem.tools + 1, (i, tool) => inHand(i, tool === problem.tools ? -1 : tool), (_, to) => (to === problem.tools ? Infinity : problem.swap), unseen(problem, necessary))
  const hands = (done: Done, tool: number): number => swaps(done, tool < 0 ? problem.tools : tool)
  return { necessary, reachable, work, turns, swaps: hands, rest: (done, pose, tool) => work(done) + turns(done, pose) + hands(done, tool) }
}

type Tests = ReturnType<typeof needTests>

/** Everything that can be done by tasks that `may`, without `except`, when nothing that must not be done yet counts. */
function closure(tests: Tests, from: Done, may: readonly boolean[], except: number): Done {
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

/** Least cost of changing class (pose, or tool) until the goal holds, when all that the class allows is done for nothing. */
function classSearch(
  problem: Problem, tests: Tests, classes: number, allows: (task: number, of: number) => boolean, change: (from: number, to: number) => number, fallback: (done: Done, of: number) => number,
): (done: Done, of: number) => number {
  const allowed = Array.from({ length: classes }, (_, c) => problem.tasks.map((_, i) => allows(i, c)))
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
    const floor = fallback(closed, of)
    if (known.size >= MEMO) return floor
    const ways: { readonly next: Done; readonly to: number; readonly cost: number; readonly least: number }[] = []
    for (let to = 0; to < classes; to++) {
      const cost = to === of ? Infinity : change(of, to)
      if (cost === Infinity) continue
      const next = close(closed, to)
      if (!same(next, closed)) ways.push({ next, to, cost, least: cost + fallback(next, to) })
    }
    // The most promising first; once one is as good as any can be, the rest need no look.
    ways.sort((a, b) => a.least - b.least)
    let best = Infinity
    for (const way of ways) {
      if (way.least >= best || best <= floor) break
      best = Math.min(best, way.cost + search(way.next, way.to))
    }
    known.set(key, best)
    return best
  }
  return (done, of) => search(close(done, of), of)
}

const same = (a: Done, b: Done): boolean => {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return false
  return true
}

/** The dearest single turn that some necessary task still asks for. */
function farthest(problem: Problem, necessary: readonly boolean[]): (done: Done, pose: number) => number {
  const from = problem.turn.map((turn, pose) =>
    problem.tasks
      .flatMap((task, i) => (necessary[i] ? [{ task: i, turn: Math.min(...task.choices.flatMap((c) => c.poses.map((p) => (p === pose ? 0 : turn[p]!)))) }] : []))
      .filter((t) => t.turn > 0)
      .sort((x, y) => y.turn - x.turn),
  )
  return (done, pose) => {
    for (const t of from[pose]!) if (!isDone(done, t.task)) return t.turn
    return 0
  }
}

/** Tools that necessary tasks can do nothing without, other than the one in hand. */
function unseen(problem: Problem, necessary: readonly boolean[]): (done: Done, tool: number) => number {
  const bound: { readonly task: number; readonly tool: number }[] = problem.tasks.flatMap((task, i) => {
    const tool = task.choices[0]?.tool ?? -1
    return necessary[i] && tool >= 0 && task.choices.every((c) => c.tool === tool) ? [{ task: i, tool }] : []
  })
  const seen = new Uint32Array(problem.tools + 2)
  let round = 0
  return (done, tool) => {
    round++
    seen[tool] = round
    let count = 0
    for (const t of bound) {
      if (seen[t.tool] === round || isDone(done, t.task)) continue
      seen[t.tool] = round
      count++
    }
    return count * problem.swap
  }
}

/** Where a necessary task, or the goal, offers a choice: the least work of the cheapest option, no task counted twice. */
function optionBounds(problem: Problem, necessary: readonly boolean[], least: readonly number[]): ((done: Done) => number)[] {
  const used = new Set<number>()
  const choices: Need[] = []
  const collect = (need: Need): void => {
    if (typeof need === 'boolean' || 'undone' in need) return
    if ('all' in need) return need.all.forEach(collect)
    if ('any' in need || need.done.length > 1) choices.push(need)
  }
  collect(problem.goal)
  problem.tasks.forEach((t, i) => necessary[i] && collect(t.needs))
  return choices.flatMap((need) => {
    const options = ('any' in (need as object) ? (need as { any: readonly Need[] }).any : (need as { done: readonly number[] }).done.map((t): Need => ({ done: [t] }))).map((o) => certain(o).filter((t) => !necessary[t]))
    if (options.some((o) => o.length === 0) || options.flat().some((t) => used.has(t))) return []
    options.flat().forEach((t) => used.add(t))
    return [(done: Done): number => (meets(need, done, true) ? 0 : Math.min(...options.map((o) => o.reduce((s, t) => (isDone(done, t) ? s : s + least[t]!), 0))))]
  })
}

/** Tasks that have to be done for the need to hold, as far as that is plain. */
function certain(need: Need): number[] {
  if (typeof need === 'boolean' || 'undone' in need || 'any' in need) return []
  if ('all' in need) return [...new Set(need.all.flatMap(certain))]
  return need.done.length === 1 ? [need.done[0]!] : []
}
