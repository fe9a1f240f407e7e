import { certain, type Done, isDone, type Problem } from './problem'

/**
 * How often each class (pose, or tool) has to be entered again, along the chain of necessary tasks that asks it most often: between two
 * tasks that can only be done in it stands one that cannot. Each entry counts for its own class only, so the classes add up.
 * @param only the task can be done in this class alone; @param never it cannot be done in this class
 * @param price the least that entering the class can cost
 */
export function entries(
  problem: Problem,
  necessary: readonly boolean[],
  classes: number,
  only: (task: number, of: number) => boolean,
  never: (task: number, of: number) => boolean,
  price: (of: number) => number,
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
      [...value]
        .flatMap((count, task) => (necessary[task] && count > 0 ? [{ task, cost: count * price(of) }] : []))
        .sort((x, y) => y.cost - x.cost)
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
