import { bitsWhere, type Closure } from './closure'
import { allNeeds, bitsOf, type Done, isDone, noneDone, type Problem, stepCost, type Tests, undoneIn } from './problem'

/** Tasks that have to be done anyway and hinder nothing, and how they are done where they need no set-up. */
export interface AtOnce {
  readonly tasks: readonly number[]
  /** The same as bits. */
  readonly bits: Done
  /** What is done once all is done that needs neither turn nor tool here; each is told in its turn, with its way and its seconds. */
  readonly from: (done: Done, pose: number, tool: number, tell: (task: number, choice: number, cost: number) => void) => Done
}

/**
 * Where such a task needs no set-up in its least way it is done at once: in any order that does it later it can be moved there at no
 * cost, since turns and tools keep the triangle inequality. Doing it early hinders nothing: no task has to come before it, and nothing
 * would rather come before it.
 */
export function atOnce(problem: Problem, { task: may }: Tests, close: Closure, necessary: readonly boolean[]): AtOnce {
  const { tasks, poses, tools } = problem
  const hinders = new Set([
    ...undoneIn(problem.goal),
    ...tasks.flatMap((t) => [...t.notAfter, ...t.ratherNotAfter, ...allNeeds(t).flatMap(undoneIn)]),
  ])
  const list = tasks.flatMap((_, i) => (necessary[i] && !hinders.has(i) ? [i] : []))
  // By pose and tool: the way that needs no set-up and is as little work as any; −1 for none.
  const ways = tasks.map((task) => {
    const least = Math.min(...task.choices.map((c) => c.work))
    return new Int16Array(poses * (tools + 1)).map((_, at) => {
      const [pose, tool] = [Math.floor(at / (tools + 1)), (at % (tools + 1)) - 1]
      return task.choices.findIndex(
        (c) => c.work === least && c.needs === undefined && c.poses.includes(pose) && (c.tool < 0 || c.tool === tool),
      )
    })
  })
  // Those that wait for nothing but others to be done, and care for no order, are found all in one go; the rest are asked one by one.
  const simple = new Set(
    list.filter(
      (i) => bitsOf(tasks[i]!.needs, tasks.length) !== null && tasks[i]!.notAfter.length === 0 && tasks[i]!.ratherNotAfter.length === 0,
    ),
  )
  const inOneGo = Array.from({ length: poses * (tools + 1) }, (_, at) =>
    bitsWhere(tasks.length, (i) => simple.has(i) && ways[i]![at]! >= 0),
  )
  const oneByOne = list.filter((i) => !simple.has(i))
  return {
    tasks: list,
    bits: list.reduce((bits, i) => ((bits[i >>> 5]! |= 1 << (i & 31)), bits), noneDone(tasks.length)),
    from: (before, pose, tool, tell) => {
      const at = pose * (tools + 1) + tool + 1
      let done = before
      for (let moved = true; moved;) {
        done = close(done, inOneGo[at]!, (i) => tell(i, ways[i]![at]!, tasks[i]!.choices[ways[i]![at]!]!.work))
        moved = false
        for (const i of oneByOne) {
          const choice = ways[i]![at]!
          if (choice < 0 || isDone(done, i) || !may(i, done, false) || tasks[i]!.notAfter.some((t) => isDone(done, t))) continue
          tell(i, choice, stepCost(problem, tasks[i]!, tasks[i]!.choices[choice]!, pose, pose, tool, done))
          done[i >>> 5]! |= 1 << (i & 31)
          moved = true
        }
      }
      return done
    },
  }
}
