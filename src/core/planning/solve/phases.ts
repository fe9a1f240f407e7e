import { bitsWhere, type Closure, closures } from './closure'
import { Heap } from './heap'
import { bitsOf, certain, type Done, includes, isDone, keyOf, noneDone, pickedUp, type Placing, type Problem } from './problem'

/** States kept from phase to phase. */
const KEPT = 32
/** Tools picked up within one phase at most. */
const DEEPEST = 24

/** A stretch in one pose with one tool; `any`: dearer ways too. */
interface Run {
  readonly pose: number
  readonly tool: number
  readonly any: boolean
}
interface State {
  readonly done: Done
  readonly tool: number
  readonly cost: number
  readonly from: State | null
  readonly run: Run | null
}
interface Ordered {
  readonly order: readonly Placing[]
  readonly cost: number
}

/** What is worked out once for a problem. Places are a pose with a tool in hand: `at(pose, tool)`, −1 for none. */
interface Ground {
  readonly problem: Problem
  /** What each task comes after for certain, and what comes after it. */
  readonly needs: readonly (readonly number[])[]
  readonly after: readonly (readonly number[])[]
  /** The least work of each task in any way. */
  readonly least: readonly number[]
  readonly close: Closure
  readonly at: (pose: number, tool: number) => number
  /** The way of a task at a place that is the least work there; −1 for none. */
  readonly wayOf: readonly (readonly number[])[]
  /** What can be done at a place in its least work, and what in any way. */
  readonly cheaply: readonly Done[]
  readonly anyhow: readonly Done[]
}

function groundOf(problem: Problem): Ground {
  const { tasks, poses, tools } = problem
  const n = tasks.length
  const needs = tasks.map((t) => certain(t.needs))
  const after: number[][] = tasks.map(() => [])
  needs.forEach((list, i) => list.forEach((first) => after[first]!.push(i)))
  const least = tasks.map((t) => Math.min(...t.choices.map((c) => c.work)))
  const places = Array.from({ length: poses * (tools + 1) }, (_, at) => at)
  const wayOf = tasks.map((t) =>
    places.map((at) => {
      const [pose, tool] = [Math.floor(at / (tools + 1)), (at % (tools + 1)) - 1]
      let best = -1
      t.choices.forEach((c, k) => {
        if (c.poses.includes(pose) && (c.tool < 0 || c.tool === tool) && (best < 0 || c.work < t.choices[best]!.work)) best = k
      })
      return best
    }),
  )
  return {
    problem,
    needs,
    after,
    least,
    close: closures(problem),
    at: (pose, tool) => pose * (tools + 1) + tool + 1,
    wayOf,
    cheaply: places.map((at) => bitsWhere(n, (i) => wayOf[i]![at]! >= 0 && tasks[i]!.choices[wayOf[i]![at]!]!.work === least[i])),
    anyhow: places.map((at) => bitsWhere(n, (i) => wayOf[i]![at]! >= 0)),
  }
}

/**
 * A good order for a long problem, by phases: first a sequence of poses, the cheapest when tools cost nothing (exact), then, pose by
 * pose, the fewest tools picked up, with what may wait left for a later phase in the same pose. Work that a task needs more of in one
 * way than in another is taken only where nothing else gets the phase done.
 * @returns null where the problem is not of this kind: something has to be chosen, or may not be done after something else
 */
export function byPhases(problem: Problem): readonly Placing[] | null {
  if (!plain(problem)) return null
  const ground = groundOf(problem)
  const { tasks, poses } = problem
  const posesOf = (dearest: (task: number) => number): Done[] =>
    Array.from({ length: poses }, (_, p) =>
      bitsWhere(tasks.length, (i) => tasks[i]!.choices.some((c) => c.work <= dearest(i) && c.poses.includes(p))),
    )
  // Along the cheapest turns when every way will do, and along the cheapest when only those of least work do: a turn may be less
  // than the work it saves.
  const orders = [posesOf(() => Infinity), posesOf((i) => ground.least[i]!)].flatMap((inPose) => {
    const sequence = poseSequence(problem, ground.close, inPose)
    return sequence ? (along(ground, sequence, inPose) ?? []) : []
  })
  return orders.reduce<Ordered | null>((soFar, o) => (soFar && soFar.cost <= o.cost ? soFar : o), null)?.order ?? null
}

function step({ problem, close, at, wayOf, cheaply, anyhow, least }: Ground, state: State, run: Run): State {
  let extra = 0
  const place = at(run.pose, run.tool)
  const done = run.any
    ? close(state.done, anyhow[place]!, (i) => (extra += problem.tasks[i]!.choices[wayOf[i]![place]!]!.work - least[i]!))
    : close(state.done, cheaply[place]!)
  return { done, tool: run.tool, cost: state.cost + pickedUp(problem, state.tool, run.tool) + extra, from: state, run }
}

/** What has to be done by the end of each phase: told backward, a task may be left with all that comes after it. */
function mustBy({ problem, after }: Ground, sequence: readonly number[], inPose: readonly Done[]): Done[] {
  const n = problem.tasks.length
  const mayWait: boolean[][] = sequence.map(() => [])
  mayWait[sequence.length - 1] = problem.tasks.map(() => false)
  for (let k = sequence.length - 1; k > 0; k--) {
    const wait = [...mayWait[k]!]
    for (let moved = true; moved;) {
      moved = false
      for (let i = 0; i < n; i++) {
        if (wait[i] || !isDone(inPose[sequence[k]!]!, i) || !after[i]!.every((j) => wait[j])) continue
        wait[i] = true
        moved = true
      }
    }
    mayWait[k - 1] = wait
  }
  return mayWait.map((wait) => bitsWhere(n, (i) => !wait[i]))
}

/** The fewest tools along a sequence of poses; null where a phase does not get done what cannot wait. */
function along(ground: Ground, sequence: readonly number[], inPose: readonly Done[]): Ordered | null {
  const { problem } = ground
  const n = problem.tasks.length
  const all = bitsWhere(n, () => true)
  const must = mustBy(ground, sequence, inPose)
  let layer: State[] = [{ done: noneDone(n), tool: problem.tool, cost: 0, from: null, run: null }]
  for (const [k, pose] of sequence.entries()) {
    const kept: State[] = []
    for (const state of throughPhase(ground, layer, pose, must[k]!))
      if (!kept.some((o) => o.cost + pickedUp(problem, o.tool, state.tool) <= state.cost && includes(o.done, state.done))) kept.push(state)
    layer = best(kept, KEPT, (s) => s.cost + 2 * lacking(all, s.done))
    if (layer.length === 0) return null
  }
  layer.sort((a, b) => a.cost - b.cost)
  return {
    order: replay(ground, layer[0]!),
    cost: layer[0]!.cost + sequence.reduce((sum, pose, k) => sum + (k === 0 ? 0 : problem.turn[sequence[k - 1]!]![pose]!), 0),
  }
}

/** The states in which a phase can end, cheapest first. */
function throughPhase(ground: Ground, layer: readonly State[], pose: number, must: Done): State[] {
  const through: State[] = []
  const seen = new Map<string, number>()
  let now = layer.map((s) => step(ground, s, { pose, tool: s.tool, any: false }))
  for (let depth = 0; depth < DEEPEST && now.length > 0; depth++) {
    const next: State[] = []
    for (const state of now) {
      const key = `${keyOf(state.done)} ${state.tool}`
      const known = seen.get(key)
      if (known !== undefined && known <= state.cost) continue
      seen.set(key, state.cost)
      if (includes(state.done, must)) through.push(state)
      for (const run of worthwhile(ground, state, pose)) next.push(step(ground, state, run))
    }
    now = best(next, 2 * KEPT, (s) => s.cost + 4 * lacking(must, s.done))
  }
  return through.sort((a, b) => a.cost - b.cost)
}

/** Tools that have something to do now; ways that are more work only where they are all there is. */
function worthwhile({ problem, needs, least }: Ground, state: State, pose: number): Run[] {
  const cheap = new Set<number>()
  const dear = new Set<number>()
  for (const [i, task] of problem.tasks.entries()) {
    if (isDone(state.done, i) || !needs[i]!.every((first) => isDone(state.done, first))) continue
    for (const c of task.choices)
      if (c.tool >= 0 && c.tool !== state.tool && c.poses.includes(pose)) (c.work === least[i] ? cheap : dear).add(c.tool)
  }
  return [...[...cheap].map((tool) => ({ pose, tool, any: false })), ...[...dear].map((tool) => ({ pose, tool, any: true }))]
}

function replay({ problem, close, at, wayOf, cheaply, anyhow }: Ground, last: State): Placing[] {
  const runs: Run[] = []
  for (let s: State | null = last; s; s = s.from) if (s.run) runs.unshift(s.run)
  const order: Placing[] = []
  let done = noneDone(problem.tasks.length)
  for (const run of runs) {
    const place = at(run.pose, run.tool)
    done = close(done, (run.any ? anyhow : cheaply)[place]!, (i) => order.push({ task: i, choice: wayOf[i]![place]!, pose: run.pose }))
  }
  return order
}

/** The cheapest turns in which everything gets done when tools cost nothing. */
function poseSequence({ tasks, pose, poses, turn }: Problem, close: Closure, inPose: readonly Done[]): number[] | null {
  interface Stand {
    readonly done: Done
    readonly pose: number
    readonly cost: number
    readonly from: Stand | null
  }
  const all = bitsWhere(tasks.length, () => true)
  const open = new Heap<Stand>((a, b) => a.cost < b.cost)
  const opened: Stand[][] = inPose.map(() => [])
  open.push({ done: close(noneDone(tasks.length), inPose[pose]!), pose, cost: 0, from: null })
  for (let stand = open.pop(); stand; stand = open.pop()) {
    if (includes(stand.done, all)) {
      const list: number[] = []
      for (let s: Stand | null = stand; s; s = s.from) list.unshift(s.pose)
      return list
    }
    const now = stand
    if (opened[now.pose]!.some((o) => o.cost <= now.cost && includes(o.done, now.done))) continue
    opened[now.pose]!.push(now)
    for (let to = 0; to < poses; to++)
      if (to !== now.pose && Number.isFinite(turn[now.pose]![to]!))
        open.push({ done: close(now.done, inPose[to]!), pose: to, cost: now.cost + turn[now.pose]![to]!, from: now })
  }
  return null
}

/** The so many that cost the least, in that order; of equals the one found first. */
function best<T>(list: readonly T[], most: number, cost: (item: T) => number): T[] {
  return list
    .map((item) => ({ item, at: cost(item) }))
    .sort((a, b) => a.at - b.at)
    .slice(0, most)
    .map((x) => x.item)
}

/** How many of the wanted tasks are not done. */
function lacking(wanted: Done, done: Done): number {
  let sum = 0
  for (let i = 0; i < wanted.length; i++) sum += ones(wanted[i]! & ~done[i]!)
  return sum
}

/** Bits that are set. */
function ones(word: number): number {
  let v = word - ((word >>> 1) & 0x55555555)
  v = (v & 0x33333333) + ((v >>> 2) & 0x33333333)
  return (((v + (v >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24
}

/** Everything has to be done, after this and that, and nothing else is asked. */
function plain({ tasks, goal }: Problem): boolean {
  const wanted = bitsOf(goal, tasks.length)
  return (
    wanted !== null &&
    tasks.every(
      (t, i) =>
        isDone(wanted, i) &&
        bitsOf(t.needs, tasks.length) !== null &&
        t.notAfter.length === 0 &&
        t.ratherNotAfter.length === 0 &&
        t.choices.every((c) => c.needs === undefined),
    )
  )
}
