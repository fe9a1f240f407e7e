import { bitsWhere, type Closure, closures } from './closure'
import { Heap } from './heap'
import { bitsOf, certain, type Done, includes, isDone, keyOf, noneDone, type Placing, type Problem } from './problem'

/** States kept from phase to phase. */
const KEPT = 32
/** Tools picked up within one phase at most. */
const DEEPEST = 24

/**
 * A good order for a long problem, by phases: first a sequence of poses, the cheapest when tools cost nothing (exact), then, pose by
 * pose, the fewest tools picked up, with what may wait left for a later phase in the same pose. Work that a task needs more of in one
 * way than in another is taken only where nothing else gets the phase done.
 * @returns null where the problem is not of this kind: something has to be chosen, or may not be done after something else
 */
export function byPhases(problem: Problem): readonly Placing[] | null {
  if (!plain(problem)) return null
  const { tasks, poses, tools, turn, swap } = problem
  const n = tasks.length
  const needs = tasks.map((t) => certain(t.needs))
  const after: number[][] = tasks.map(() => [])
  needs.forEach((list, i) => list.forEach((first) => after[first]!.push(i)))
  const least = tasks.map((t) => Math.min(...t.choices.map((c) => c.work)))
  const close = closures(problem)
  const posesOf = (dearest: (task: number) => number): Done[] =>
    Array.from({ length: poses }, (_, p) => bitsWhere(n, (i) => tasks[i]!.choices.some((c) => c.work <= dearest(i) && c.poses.includes(p))))
  /** The way of a task in a pose with a tool in hand that is the least work there; −1 for none. */
  const wayOf = tasks.map((t) =>
    Array.from({ length: poses * (tools + 1) }, (_, at) => {
      const [pose, tool] = [Math.floor(at / (tools + 1)), (at % (tools + 1)) - 1]
      let best = -1
      t.choices.forEach((c, k) => {
        if (c.poses.includes(pose) && (c.tool < 0 || c.tool === tool) && (best < 0 || c.work < t.choices[best]!.work)) best = k
      })
      return best
    }),
  )
  const here = (pose: number, tool: number): number => pose * (tools + 1) + tool + 1
  // What can be done in a pose with a tool in hand in its least work, and what in any way.
  const cheaply = Array.from({ length: poses * (tools + 1) }, (_, at) =>
    bitsWhere(n, (i) => wayOf[i]![at]! >= 0 && tasks[i]!.choices[wayOf[i]![at]!]!.work === least[i]),
  )
  const anyhow = cheaply.map((_, at) => bitsWhere(n, (i) => wayOf[i]![at]! >= 0))

  interface State {
    readonly done: Done
    readonly tool: number
    readonly cost: number
    readonly from: State | null
    readonly run: Run | null
  }
  /** A stretch in one pose with one tool; `any`: dearer ways too. */
  interface Run {
    readonly pose: number
    readonly tool: number
    readonly any: boolean
  }
  const step = (state: State, run: Run): State => {
    let extra = 0
    const at = here(run.pose, run.tool)
    const done = run.any
      ? close(state.done, anyhow[at]!, (i) => (extra += tasks[i]!.choices[wayOf[i]![at]!]!.work - least[i]!))
      : close(state.done, cheaply[at]!)
    return { done, tool: run.tool, cost: state.cost + (run.tool === state.tool ? 0 : swap) + extra, from: state, run }
  }
  const all = bitsWhere(n, () => true)

  // Along the cheapest turns when every way will do, and along the cheapest when only those of least work do: a turn may be less
  // than the work it saves.
  const orders = [posesOf(() => Infinity), posesOf((i) => least[i]!)].flatMap((inPose) => {
    const sequence = poseSequence(problem, close, inPose)
    return sequence ? (along(sequence, inPose) ?? []) : []
  })
  return (
    orders.reduce<{ readonly order: readonly Placing[]; readonly cost: number } | null>(
      (soFar, o) => (soFar && soFar.cost <= o.cost ? soFar : o),
      null,
    )?.order ?? null
  )

  /** The fewest tools along a sequence of poses; null where a phase does not get done what cannot wait. */
  function along(
    sequence: readonly number[],
    inPose: readonly Done[],
  ): { readonly order: readonly Placing[]; readonly cost: number } | null {
    // What may be left after each phase: told backward, a task with all that comes after it.
    const mayWait: boolean[][] = sequence.map(() => [])
    mayWait[sequence.length - 1] = tasks.map(() => false)
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
    const must = mayWait.map((wait) => bitsWhere(n, (i) => !wait[i]))
    let layer: State[] = [{ done: noneDone(n), tool: problem.tool, cost: 0, from: null, run: null }]
    for (const [k, pose] of sequence.entries()) {
      const through: State[] = []
      const seen = new Map<string, number>()
      let now = layer.map((s) => step(s, { pose, tool: s.tool, any: false }))
      for (let depth = 0; depth < DEEPEST && now.length > 0; depth++) {
        const next: State[] = []
        for (const state of now) {
          const key = `${keyOf(state.done)} ${state.tool}`
          const known = seen.get(key)
          if (known !== undefined && known <= state.cost) continue
          seen.set(key, state.cost)
          if (includes(state.done, must[k]!)) through.push(state)
          for (const run of worthwhile(state, pose)) next.push(step(state, run))
        }
        now = best(next, 2 * KEPT, (s) => s.cost + 4 * lacking(must[k]!, s.done))
      }
      through.sort((a, b) => a.cost - b.cost)
      const kept: State[] = []
      for (const state of through)
        if (!kept.some((o) => o.cost + (o.tool === state.tool ? 0 : swap) <= state.cost && includes(o.done, state.done))) kept.push(state)
      layer = best(kept, KEPT, (s) => s.cost + 2 * lacking(all, s.done))
      if (layer.length === 0) return null
    }
    layer.sort((a, b) => a.cost - b.cost)
    return {
      order: replay(layer[0]!),
      cost: layer[0]!.cost + sequence.reduce((sum, pose, k) => sum + (k === 0 ? 0 : turn[sequence[k - 1]!]![pose]!), 0),
    }
  }

  /** Tools that have something to do now; ways that are more work only where they are all there is. */
  function worthwhile(state: State, pose: number): Run[] {
    const cheap = new Set<number>()
    const dear = new Set<number>()
    for (let i = 0; i < n; i++) {
      if (isDone(state.done, i) || !needs[i]!.every((first) => isDone(state.done, first))) continue
      for (const c of tasks[i]!.choices)
        if (c.tool >= 0 && c.tool !== state.tool && c.poses.includes(pose)) (c.work === least[i] ? cheap : dear).add(c.tool)
    }
    return [...[...cheap].map((tool) => ({ pose, tool, any: false })), ...[...dear].map((tool) => ({ pose, tool, any: true }))]
  }

  function replay(last: State): Placing[] {
    const runs: Run[] = []
    for (let s: State | null = last; s; s = s.from) if (s.run) runs.unshift(s.run)
    const order: Placing[] = []
    let done = noneDone(n)
    for (const run of runs) {
      const at = here(run.pose, run.tool)
      done = close(done, (run.any ? anyhow : cheaply)[at]!, (i) => order.push({ task: i, choice: wayOf[i]![at]!, pose: run.pose }))
    }
    return order
  }
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
