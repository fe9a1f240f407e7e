import { bitsWhere, closures } from './closure'
import { entries } from './entries'
import { inGroups } from './groups'
import { certain, type Done, isDone, meets, type Need, needTests, noneDone, type Problem } from './problem'
import { relaxed } from './relaxed'

/** More tasks than this, and the tools still to be picked up are counted from chains instead of searched for. */
const SEARCHED = 70
/** Of long problems, those in which turns and tools are also searched for together; beyond, that finds less than each alone. */
const LOOKED_AT_TOGETHER = 150

/** Least seconds from a state to the goal, in three parts whose sum is never more than the truth. */
export interface Bound {
  readonly work: (done: Done) => number
  /** The work in two: of the tasks that are necessary, and of the cheapest options where there is a choice. */
  readonly ofNecessary: (done: Done) => number
  readonly ofChoices: (done: Done) => number
  readonly turns: (done: Done, pose: number) => number
  readonly swaps: (done: Done, tool: number) => number
  /** The least that the whole can cost from the start. */
  readonly whole: number
  /** The sum of the three. */
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
  const closure = closures(problem)
  const without = (task: number): boolean =>
    tests.goal(
      closure(
        noneDone(n),
        bitsWhere(n, (i) => i !== task),
      ),
      true,
    )
  const reachable = without(-1)
  const necessary = tasks.map((_, i) => reachable && !without(i))
  const options = optionBounds(problem, necessary, least)

  const ofNecessary = (done: Done): number => {
    let sum = 0
    for (let i = 0; i < n; i++) if (necessary[i] && !isDone(done, i)) sum += least[i]!
    return sum
  }
  const ofChoices = (done: Done): number => options.reduce((sum, o) => sum + o(done), 0)
  const work = (done: Done): number => ofNecessary(done) + ofChoices(done)
  const poses = tasks.map((t) => new Set(t.choices.flatMap((c) => c.poses)))
  const toPose = entries(
    problem,
    necessary,
    problem.poses,
    (i, pose) => poses[i]!.size === 1 && poses[i]!.has(pose),
    (i, pose) => !poses[i]!.has(pose),
    (pose) => Math.min(...problem.turn.map((row, from) => (from === pose ? Infinity : row[pose]!))),
  )
  const far = farthest(problem, necessary)
  const turns = relaxed(problem, tests, closure, {
    count: problem.poses,
    allows: (i, pose) => poses[i]!.has(pose),
    change: (from, to) => problem.turn[from]![to]!,
    floor: (done, pose) => Math.max(far(done, pose), toPose(done, pose)),
  })
  const pickUps = entries(
    problem,
    necessary,
    problem.tools,
    (i, tool) => tasks[i]!.choices.every((c) => c.tool === tool),
    (i, tool) => tasks[i]!.choices.every((c) => c.tool >= 0 && c.tool !== tool),
    (tool) => problem.swap[tool]!,
  )
  // Bare hands are a class of their own, left for good with the first tool; they hold on to the tool that is in hand.
  const hands = relaxed(problem, tests, closure, {
    count: problem.tools + 1,
    allows: (i, tool) => tasks[i]!.choices.some((c) => c.tool < 0 || c.tool === tool),
    change: (_, to) => (to === problem.tools ? Infinity : problem.swap[to]!),
    floor: pickUps,
  })
  const hand = (tool: number): number => (tool < 0 ? problem.tools : tool)
  const swaps =
    n > SEARCHED
      ? (done: Done, tool: number): number => pickUps(done, hand(tool))
      : (done: Done, tool: number): number => hands.rest(done, hand(tool))
  const none = noneDone(n)
  const setUp = (): number => {
    const apart = turns.once(none, problem.pose) + hands.once(none, hand(problem.tool))
    return n > SEARCHED && n <= LOOKED_AT_TOGETHER
      ? Math.max(apart, inGroups({ problem, tests, closure, necessary, turns: turns.rest }))
      : apart
  }
  return {
    necessary,
    reachable,
    work,
    ofNecessary,
    ofChoices,
    swaps,
    turns: turns.rest,
    whole: reachable ? work(none) + setUp() : Infinity,
    rest: (done, pose, tool) => work(done) + turns.rest(done, pose) + swaps(done, tool),
  }
}

/** The dearest single turn that some necessary task still asks for. */
function farthest(problem: Problem, necessary: readonly boolean[]): (done: Done, pose: number) => number {
  const from = problem.turn.map((turn, pose) =>
    problem.tasks
      .flatMap((task, i) =>
        necessary[i] ? [{ task: i, turn: Math.min(...task.choices.flatMap((c) => c.poses.map((p) => (p === pose ? 0 : turn[p]!)))) }] : [],
      )
      .filter((t) => t.turn > 0)
      .sort((x, y) => y.turn - x.turn),
  )
  return (done, pose) => {
    for (const t of from[pose]!) if (!isDone(done, t.task)) return t.turn
    return 0
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
    const options = (
      'any' in (need as object)
        ? (need as { any: readonly Need[] }).any
        : (need as { done: readonly number[] }).done.map((t): Need => ({ done: [t] }))
    ).map((o) => certain(o).filter((t) => !necessary[t]))
    if (options.some((o) => o.length === 0) || options.flat().some((t) => used.has(t))) return []
    options.flat().forEach((t) => used.add(t))
    return [
      (done: Done): number =>
        meets(need, done, true) ? 0 : Math.min(...options.map((o) => o.reduce((s, t) => (isDone(done, t) ? s : s + least[t]!), 0))),
    ]
  })
}
