import { describe, expect, it } from 'vitest'
import type { Need, Problem, Task } from './solve'
import { tidied } from './tidy'

const task = (needs: Need = true, poses = [0]): Task => ({
  needs,
  notAfter: [],
  ratherNotAfter: [],
  choices: [{ tool: -1, poses, work: 60 }],
})
const problem = (...tasks: readonly Task[]): Problem => ({
  tasks,
  goal: { all: tasks.map((_, i) => ({ done: [i] })) },
  pose: 0,
  tool: -1,
  poses: 2,
  tools: 0,
  turn: [
    [0, 30],
    [30, 0],
  ],
  swap: [],
  against: 0,
})
const order = (p: Problem, early: number[], near: (a: number, b: number) => number, cost: number, poses: readonly number[] = []): string =>
  tidied(
    p,
    p.tasks.map((_, i) => ({ task: i, choice: 0, pose: poses[i] ?? 0 })),
    cost,
    (t) => early.includes(t),
    near,
  )
    .map((x) => `${x.task}${x.pose}`)
    .join(' ')
const pair =
  (a: number, b: number) =>
  (x: number, y: number): number =>
    (x === a && y === b) || (x === b && y === a) ? 3 : 0

describe('an order among its equals', () => {
  it('draws together what is near, never by putting off what makes safe', () => {
    expect(order(problem(task(), task(), task()), [], pair(0, 2), 180)).toBe('10 00 20')
    // The second waits for the first and makes safe: the third may not slip between.
    expect(order(problem(task(), task({ done: [0] }), task()), [1], pair(0, 2), 180)).toBe('00 10 20')
  })
  it('moves a few steps together, and nothing that costs more', () => {
    const four = problem(task(), task(), task({ done: [1] }), task())
    expect(order(four, [], (a, b) => (a + b === 3 && a !== b ? 3 : 0), 240)).toMatch(/^(00 30 10 20|10 20 00 30|30 00 10 20|10 20 30 00)$/)
    // Its pose is another: there and back would cost two turns.
    expect(order(problem(task(), task(true, [1]), task()), [], pair(0, 2), 180 + 60, [0, 1, 0])).toMatch(/^(00 20 11|11 00 20)$/)
  })
  it('does early what is early as the machine stands, where a turn may as well come after', () => {
    const early = problem(task(), task({ done: [0] }, [0, 1]), task({ done: [1] }, [1]))
    expect(order(early, [1], () => 0, 210, [0, 1, 1])).toBe('00 10 21')
    expect(order(early, [], () => 0, 210, [0, 1, 1])).toBe('00 11 21')
  })
})
