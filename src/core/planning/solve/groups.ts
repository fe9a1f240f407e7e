import type { Closure } from './closure'
import { entries } from './entries'
import { type Done, noneDone, type Problem, type Tests } from './problem'
import { relaxed } from './relaxed'

/** States opened for each group of tools. */
const STATES = 2_000

/** What is known of a problem already; `turns` is the least that turns still cost, from any state. */
export interface Known {
  readonly problem: Problem
  readonly tests: Tests
  readonly closure: Closure
  readonly necessary: readonly boolean[]
  readonly turns: (done: Done, pose: number) => number
}

/**
 * The least that turns and tools cost from the start, together: a turn that saves tools costs itself, and a tool put down in one pose
 * has to be picked up in the next. The tools are taken by twos, and by threes. For each such group a search sees every turn at its
 * share of the price and only these tools, while all others lie in both hands for nothing; the shares make up the whole price, and each
 * tool is paid for in one search only, so the sum is never more than the truth.
 */
export function inGroups(known: Known): number {
  const { tasks, tools } = known.problem
  const used = Array.from({ length: tools }, (_, tool) => tool).filter((tool) => tasks.some((t) => t.choices.some((c) => c.tool === tool)))
  const sum = (list: readonly number[], together: number): number => {
    let total = 0
    for (let at = 0; at < list.length; at += together) {
      const group = list.slice(at, at + together)
      total += ofGroup(known, group, group.length / list.length)
    }
    return total
  }
  // Which tools go together matters: neighbours by twos, the same moved on by one, and by threes; the best of them is cheap to have.
  const most = Math.max(sum(used, 2), sum([...used.slice(1), ...used.slice(0, 1)], 2), sum(used, 3))
  // Whole seconds; shares of a turn that add up to one may be a hair over.
  return Math.ceil(most - 1e-6)
}

function ofGroup({ problem, tests, closure, necessary, turns }: Known, group: readonly number[], share: number): number {
  const { tasks, poses, turn, swap } = problem
  // In each pose one of these tools is in hand, or all that are not of them.
  const hands = group.length + 1
  const others = group.length
  const held = (tool: number): number => (group.includes(tool) ? group.indexOf(tool) : others)
  const pickUps = entries(
    problem,
    necessary,
    others,
    (i, k) => tasks[i]!.choices.every((c) => c.tool === group[k]),
    (i, k) => tasks[i]!.choices.every((c) => c.tool >= 0 && c.tool !== group[k]),
    (k) => swap[group[k]!]!,
  )
  const search = relaxed(problem, tests, closure, {
    count: poses * hands,
    allows: (i, of) =>
      tasks[i]!.choices.some((c) => c.poses.includes(Math.floor(of / hands)) && (c.tool < 0 || held(c.tool) === of % hands)),
    change: (from, to) => {
      const [poseFrom, poseTo] = [Math.floor(from / hands), Math.floor(to / hands)]
      if (poseFrom !== poseTo) return from % hands === to % hands ? share * turn[poseFrom]![poseTo]! : Infinity
      return to % hands === others ? 0 : swap[group[to % hands]!]!
    },
    floor: (done, of) => share * turns(done, Math.floor(of / hands)) + pickUps(done, of % hands),
  })
  return search.once(noneDone(tasks.length), problem.pose * hands + held(problem.tool), STATES)
}
