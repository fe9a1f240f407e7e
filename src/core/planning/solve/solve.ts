import { atOnce, type AtOnce } from './at-once'
import { type Bound, bounds } from './bound'
import { closures } from './closure'
import { Heap } from './heap'
import { DEFAULT_LIMITS, EVERY_RULE, type Limits, LONGEST_SEARCH, type Pruning, SHORT } from './limits'
import { byPhases } from './phases'
import {
  costOf,
  type Done,
  includes,
  isDone,
  keyOf,
  meets,
  needTests,
  noneDone,
  pickedUp,
  type Placing,
  type Problem,
  stepCost,
  withDone,
} from './problem'
import { only, relevant } from './relevant'

export interface Solution {
  readonly order: readonly Placing[]
  /** Whole seconds. */
  readonly cost: number
  /** No order costs less. */
  readonly bound: number
  readonly proved: boolean
  readonly nodes: number
}

/** How much of the work the first search counts for. */
const BEAM_SHARE = 0.4

interface Node {
  readonly done: Done
  readonly key: string
  readonly count: number
  readonly pose: number
  readonly tool: number
  readonly cost: number
  /** The least work still of what every way to the goal has; and what turns and tools cost at the least. */
  readonly left: number
  readonly turns: number
  readonly swaps: number
  readonly total: number
  readonly from: Node | null
  /** The step that led here, and all that was then done at once. */
  readonly placings: readonly Placing[]
  readonly made: number
}

/**
 * The cheapest order, exactly where the limits allow: a beam search for an upper bound, then A* over (tasks done, pose, tool in hand),
 * dropping whatever cannot beat it (Hart, Nilsson & Raphael 1968). Null where the goal cannot be reached.
 * `proved` when nothing is left that could be cheaper; else `bound` is the least that any order can cost.
 */
export function solve(problem: Problem, limits: Limits = DEFAULT_LIMITS): Solution | null {
  const rules = limits.pruning ?? EVERY_RULE
  const kept = rules.relevance ? relevant(problem) : problem.tasks.map((_, i) => i)
  const smaller = kept.length < problem.tasks.length ? only(problem, kept) : problem
  const found = new Search(smaller, limits, rules).run()
  return found && { ...found, order: found.order.map((p) => ({ ...p, task: kept[p.task]! })) }
}

interface Opened {
  readonly done: Done
  /** Its cost and the least work of all that is harmless and not done yet: what it costs beside that work. */
  readonly over: number
}

class Search {
  private readonly bound: Bound
  private readonly atOnce: AtOnce
  private readonly tests: ReturnType<typeof needTests>
  private readonly reached = new Map<string, Node[]>()
  /** States opened by the exact search, by what is done of all that is not done at once: the cheapest first. */
  private readonly opened = new Map<string, Opened[]>()
  private readonly leastWork: readonly number[]
  private made = 0

  constructor(
    private readonly problem: Problem,
    private readonly limits: Limits,
    private readonly rules: Pruning,
  ) {
    this.bound = bounds(problem)
    this.tests = needTests(problem)
    this.leastWork = problem.tasks.map((t) => Math.min(...t.choices.map((c) => c.work)))
    this.atOnce = atOnce(problem, this.tests, closures(problem), this.bound.necessary)
  }

  run(): Solution | null {
    const { problem, bound } = this
    if (!bound.reachable) return null
    const phased = this.byPhases()
    if (phased && problem.tasks.length > LONGEST_SEARCH) return phased
    const none = noneDone(problem.tasks.length)
    const start = this.node(
      none,
      0,
      problem.pose,
      problem.tool,
      0,
      bound.ofNecessary(none),
      bound.turns(none, problem.pose),
      bound.swaps(none, problem.tool),
      null,
      [],
    )
    if (!Number.isFinite(start.total)) return null
    let best = this.beam(start, phased?.cost ?? Infinity)
    if (phased && (!best || phased.cost < best.cost)) best = { ...start, cost: phased.cost, total: phased.cost, placings: phased.order }
    this.reached.clear()
    const open = new Heap<Node>(
      (a, b) => a.total < b.total || (a.total === b.total && (a.count > b.count || (a.count === b.count && a.made < b.made))),
    )
    open.push(start)
    let nodes = 0
    let stopped = false
    for (;;) {
      const here = open.peek()
      if (!here || (best && Math.max(here.total, bound.whole) >= best.cost)) break
      if (nodes % 256 === 255) this.limits.onProgress?.(BEAM_SHARE + (1 - BEAM_SHARE) * Math.min(1, nodes / this.limits.nodes))
      if (nodes >= this.limits.nodes || (nodes % 256 === 255 && this.limits.shouldStop?.())) {
        stopped = true
        break
      }
      open.pop()
      nodes++
      if (this.tests.goal(here.done, false)) {
        if (!best || here.cost < best.cost) best = here
        continue
      }
      if (this.rules.dominance && this.beaten(here, true)) continue
      if (this.rules.supersets && this.outdone(here)) continue
      for (const next of this.nexts(here, best?.cost ?? Infinity)) {
        if (this.beaten(next, false)) continue
        this.remember(next)
        open.push(next)
      }
    }
    if (!best) return null
    const least = stopped ? Math.min(best.cost, Math.max(bound.whole, open.peek()?.total ?? best.cost)) : best.cost
    const order: Placing[] = []
    for (let n: Node | null = best; n; n = n.from) order.unshift(...n.placings)
    return { order, cost: best.cost, bound: least, proved: least >= best.cost, nodes }
  }

  /** A first answer for a long problem, where it is of a kind that can be gone through by phases. */
  private byPhases(): Solution | null {
    const order = this.problem.tasks.length > SHORT ? byPhases(this.problem) : null
    const cost = order && costOf(this.problem, order)
    return order && cost !== null
      ? { order, cost, bound: Math.min(cost, this.bound.whole), proved: this.bound.whole >= cost, nodes: 0 }
      : null
  }

  /** A state, with all that then goes at once done too. */
  private node(
    before: Done,
    count: number,
    pose: number,
    tool: number,
    cost: number,
    left: number,
    turns: number,
    swaps: number,
    from: Node | null,
    placings: Placing[],
  ): Node {
    const done = !this.rules.atOnce
      ? before
      : this.atOnce.from(before, pose, tool, (task, choice, seconds) => {
          cost += seconds
          left -= this.leastWork[task]!
          count++
          placings.push({ task, choice, pose })
        })
    const total = Math.max(from?.total ?? 0, cost + left + this.bound.ofChoices(done) + turns + swaps)
    return { done, key: keyOf(done), count, pose, tool, cost, left, turns, swaps, total, from, placings, made: this.made++ }
  }

  private may(task: number, done: Done): boolean {
    for (const t of this.problem.tasks[task]!.notAfter) if (isDone(done, t)) return false
    return this.tests.task(task, done, false)
  }

  /**
   * All that may be done next, in every way. What turns and tools still cost depends only on the pose and tool gone to: a task that can
   * be done there belongs to all that is done there for nothing, with or without it.
   * @param dear what costs so much in the end, or more, is left out
   */
  private nexts(here: Node, dear: number): Node[] {
    const { tasks, turn } = this.problem
    const turns: number[] = []
    const swaps: number[] = []
    turns[here.pose] = here.turns
    const list: Node[] = []
    for (let i = 0; i < tasks.length; i++) {
      if (isDone(here.done, i) || !this.may(i, here.done)) continue
      const left = here.left - (this.bound.necessary[i] ? this.leastWork[i]! : 0)
      tasks[i]!.choices.forEach((choice, k) => {
        if (choice.needs !== undefined && !meets(choice.needs, here.done)) return
        const tool = choice.tool >= 0 ? choice.tool : here.tool
        const rest = tool === here.tool ? here.swaps : (swaps[tool] ??= this.bound.swaps(here.done, tool))
        for (const pose of choice.poses) {
          if (pose !== here.pose && !Number.isFinite(turn[here.pose]![pose]!)) continue
          const ahead = (turns[pose] ??= this.bound.turns(here.done, pose))
          if (!Number.isFinite(ahead + rest)) continue
          const cost = here.cost + stepCost(this.problem, tasks[i]!, choice, pose, here.pose, here.tool, here.done)
          if (cost + left + ahead + rest >= dear) continue
          const next = this.node(withDone(here.done, i), here.count + 1, pose, tool, cost, left, ahead, rest, here, [
            { task: i, choice: k, pose },
          ])
          if (next.total < dear) list.push(next)
        }
      })
    }
    return list
  }

  /** Is there a way to the same tasks done, from which this pose and tool can be had for no more? */
  private beaten(node: Node, strictly: boolean): boolean {
    for (const other of this.reached.get(node.key) ?? []) {
      if (other === node) continue
      if (!this.rules.dominance && (other.pose !== node.pose || other.tool !== node.tool)) continue
      const there =
        other.cost +
        (other.pose === node.pose ? 0 : this.problem.turn[other.pose]![node.pose]!) +
        pickedUp(this.problem, other.tool, node.tool)
      if (strictly ? there < node.cost : there <= node.cost) return true
    }
    return false
  }

  /**
   * Is there an opened state with all of this done and more, the more being harmless, that comes here for no more beside the least work of
   * it? Whatever finishes from here finishes from there too, with less left to do. Kept for the states to come where not.
   */
  private outdone(node: Node): boolean {
    const { bits, tasks } = this.atOnce
    const key = `${keyOf(node.done.map((word, i) => word & ~bits[i]!))} ${node.pose} ${node.tool}`
    let over = node.cost
    for (const task of tasks) if (!isDone(node.done, task)) over += this.leastWork[task]!
    const list = this.opened.get(key)
    if (!list) {
      this.opened.set(key, [{ done: node.done, over }])
      return false
    }
    for (const before of list) {
      if (before.over > over) break
      if (includes(before.done, node.done)) return true
    }
    let at = list.length
    while (at > 0 && list[at - 1]!.over > over) at--
    list.splice(at, 0, { done: node.done, over })
    return false
  }

  private remember(node: Node): void {
    const list = this.reached.get(node.key)
    if (list) list.push(node)
    else this.reached.set(node.key, [node])
  }

  /**
   * Layer by layer of tasks done, the most promising of each kept; the first answer that costs less than `dear`, and the upper
   * bound of the exact search.
   */
  private beam(start: Node, dear: number): Node | null {
    const { problem, limits } = this
    const layers: Node[][] = Array.from({ length: problem.tasks.length + 1 }, () => [])
    layers[start.count]!.push(start)
    let best: Node | null = null
    for (let n = 0; n <= problem.tasks.length; n++) {
      if (n % 8 === 7) this.limits.onProgress?.((BEAM_SHARE * n) / problem.tasks.length)
      const layer = layers[n]!.sort((a, b) => a.total - b.total || a.made - b.made)
      layers[n] = []
      let kept = 0
      for (const here of layer) {
        if (kept >= limits.beam) break
        if (here.total >= dear) break
        if (this.beaten(here, true)) continue
        kept++
        if (this.tests.goal(here.done, false)) {
          best = here
          dear = here.cost
          continue
        }
        for (const next of this.nexts(here, dear)) {
          if (this.beaten(next, false)) continue
          this.remember(next)
          layers[next.count]!.push(next)
        }
      }
    }
    return best
  }
}
