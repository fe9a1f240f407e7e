import { bitsOf, type Done, meets, type Need, noneDone, type Problem } from './problem'

/** All tasks for which it holds, one bit each. */
export function bitsWhere(count: number, holds: (task: number) => boolean): Done {
  const bits = noneDone(count)
  for (let i = 0; i < count; i++) if (holds(i)) bits[i >>> 5]! |= 1 << (i & 31)
  return bits
}

/** From what is done to everything that can be done then of the tasks that `may`; each is told in its turn. */
export type Closure = (from: Done, may: Done, tell?: (task: number) => void) => Done

/** Doing for nothing, again and again, when what must not be done yet is taken to hold: the result is the same in whatever order. */
export function closures({ tasks }: Problem): Closure {
  const after: number[][] = tasks.map(() => [])
  tasks.forEach((task, i) => named(task.needs).forEach((first) => after[first]!.push(i)))
  // Where a need is just a list of tasks it is tested by bits: word and mask in turn, of the words that have any.
  const tested = tasks.map(({ needs }) => {
    const bits = bitsOf(needs, tasks.length)
    return bits && [...bits].flatMap((word, at) => (word === 0 ? [] : [at, word]))
  })
  const ready = (task: number, done: Done): boolean => {
    const test = tested[task]!
    if (!test) return meets(tasks[task]!.needs, done, true)
    for (let k = 0; k < test.length; k += 2) if (((done[test[k]!]! & test[k + 1]!) ^ test[k + 1]!) !== 0) return false
    return true
  }
  const open: number[] = []
  return (from, may, tell) => {
    const done = from.slice()
    const put = (task: number): void => {
      done[task >>> 5]! |= 1 << (task & 31)
      tell?.(task)
      open.push(task)
    }
    for (let w = 0; w < done.length; w++) {
      for (let left = may[w]! & ~done[w]!; left !== 0; left &= left - 1) {
        const task = (w << 5) + 31 - Math.clz32(left & -left)
        if (ready(task, done)) put(task)
      }
    }
    for (let task = open.pop(); task !== undefined; task = open.pop()) {
      for (const next of after[task]!) {
        const bit = 1 << (next & 31)
        if ((done[next >>> 5]! & bit) === 0 && (may[next >>> 5]! & bit) !== 0 && ready(next, done)) put(next)
      }
    }
    return done
  }
}

function named(need: Need): readonly number[] {
  if (typeof need === 'boolean' || 'undone' in need) return []
  return 'done' in need ? need.done : [...new Set(('all' in need ? need.all : need.any).flatMap(named))]
}
