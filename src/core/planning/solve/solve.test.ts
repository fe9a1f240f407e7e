import { describe, expect, it } from 'vitest'
import { coverTree, wildProblem } from '../../../../tests/order-problems'
import { bounds, costOf, DEFAULT_LIMITS, EVERY_RULE, limitsFor, mayDo, meets, noneDone, type Problem, solve, withDone } from './index'
import { closures } from './closure'
import { inGroups } from './groups'
import { byPhases } from './phases'
import { isDone, keyOf, needTests, stepCost } from './problem'

const EXACT = { nodes: 2_000_000, beam: 20 }

/** Every order of every choice of tasks, ways and poses, one after the other: nothing is left out and nothing remembered. */
function byHand(problem: Problem): number {
  let best = Infinity
  const go = (done: Uint32Array, pose: number, tool: number, cost: number): void => {
    if (meets(problem.goal, done)) best = Math.min(best, cost)
    problem.tasks.forEach((task, i) => {
      if (isDone(done, i)) return
      for (const choice of task.choices)
        if (mayDo(task, done, choice))
          for (const at of choice.poses)
            go(withDone(done, i), at, choice.tool >= 0 ? choice.tool : tool, cost + stepCost(problem, task, choice, at, pose, tool, done))
    })
  }
  go(noneDone(problem.tasks.length), problem.pose, problem.tool, 0)
  return best
}

interface Row {
  readonly done: Uint32Array
  readonly pose: number
  readonly tool: number
  cost: number
}

/** A plain dynamic program over everything that can be done, layer by layer; shares no rule with the search. */
function byTable(problem: Problem): { readonly best: number; readonly rows: readonly Row[] } {
  let layer = new Map<string, Row>([['', { done: noneDone(problem.tasks.length), pose: problem.pose, tool: problem.tool, cost: 0 }]])
  const rows: Row[] = []
  let best = Infinity
  while (layer.size > 0) {
    const next = new Map<string, Row>()
    for (const row of layer.values()) {
      rows.push(row)
      if (meets(problem.goal, row.done)) best = Math.min(best, row.cost)
      problem.tasks.forEach((task, i) => {
        if (isDone(row.done, i)) return
        for (const choice of task.choices) {
          if (!mayDo(task, row.done, choice)) continue
          for (const at of choice.poses) {
            const to: Row = {
              done: withDone(row.done, i),
              pose: at,
              tool: choice.tool >= 0 ? choice.tool : row.tool,
              cost: row.cost + stepCost(problem, task, choice, at, row.pose, row.tool, row.done),
            }
            const key = `${keyOf(to.done)}|${at}|${to.tool}`
            const had = next.get(key)
            if (!had || to.cost < had.cost) next.set(key, to)
          }
        }
      })
    }
    layer = next
  }
  return { best, rows }
}

const answer = (problem: Problem, over = {}): number => {
  const found = solve(problem, { ...EXACT, ...over })
  if (!found) return Infinity
  expect(found.proved).toBe(true)
  expect(found.bound).toBe(found.cost)
  expect(costOf(problem, found.order)).toBe(found.cost)
  return found.cost
}

describe('the cheapest order', () => {
  it('is that of all orders of all choices, on 300 problems of up to seven tasks', () => {
    let solvable = 0
    for (let seed = 1; seed <= 300; seed++) {
      const problem = wildProblem(seed, 3 + (seed % 5))
      const best = byHand(problem)
      if (best < Infinity) solvable++
      expect(answer(problem), `seed ${seed}`).toBe(best)
    }
    expect(solvable).toBeGreaterThan(200)
  })

  it('is that of a plain table, on 200 problems of 10 to 14 tasks; the bound never exceeds what is left in truth', () => {
    for (let seed = 1; seed <= 200; seed++) {
      const problem = seed % 2 === 0 ? wildProblem(1000 + seed, 10 + (seed % 3), seed % 4 === 0) : coverTree(seed, 10 + (seed % 5), 3, 4)
      const { best, rows } = byTable(problem)
      expect(answer(problem), `seed ${seed}`).toBe(best)
      if (best === Infinity) continue
      const bound = bounds(problem)
      const together = inGroups({
        problem,
        tests: needTests(problem),
        closure: closures(problem),
        necessary: bound.necessary,
        turns: bound.turns,
      })
      expect(bound.work(noneDone(problem.tasks.length)) + together, `seed ${seed}, tools by twos`).toBeLessThanOrEqual(best)
      if (seed % 10 !== 0) continue
      const step = Math.max(1, Math.floor(rows.length / 60))
      for (let i = 0; i < rows.length; i += step) {
        const { done, pose, tool } = rows[i]!
        const rest = byTable({ ...problem, ...from(problem, done), pose, tool }).best
        expect(bound.rest(done, pose, tool), `seed ${seed}, row ${i}`).toBeLessThanOrEqual(rest)
      }
    }
  })

  it.each(Object.keys(EVERY_RULE) as (keyof typeof EVERY_RULE)[])('costs the same without the rule “%s”', (rule) => {
    for (let seed = 1; seed <= 60; seed++) {
      const problem = seed % 2 === 0 ? wildProblem(seed, 8) : coverTree(seed, 12, 3, 4)
      expect(answer(problem, { pruning: { ...EVERY_RULE, [rule]: false } }), `seed ${seed}`).toBe(answer(problem))
    }
  })

  it('keeps a bound below the cost when it is stopped, and the same answer for the same problem', () => {
    for (let seed = 1; seed <= 3; seed++) {
      const problem = coverTree(seed, 40)
      const found = solve(problem, { nodes: 50, beam: 5 })!
      expect(found.bound).toBeLessThanOrEqual(found.cost)
      expect(costOf(problem, found.order)).toBe(found.cost)
      expect(solve(problem, { nodes: 50, beam: 5 })!.order).toEqual(found.order)
    }
    const shares: number[] = []
    solve(coverTree(3, 40), { ...DEFAULT_LIMITS, onProgress: (share) => shares.push(share) })
    expect(shares.length).toBeGreaterThan(3)
    shares.forEach((share, i) => expect(share).toBeGreaterThanOrEqual(i === 0 ? 0 : shares[i - 1]!))
    expect(shares.at(-1)).toBeLessThanOrEqual(1)
    let asked = 0
    expect(solve(coverTree(3, 40), { ...DEFAULT_LIMITS, shouldStop: () => ++asked > 0 })).not.toBeNull()
  })

  it('is gone through by phases where it is long: a true order, and close to the bound', () => {
    for (let seed = 1; seed <= 6; seed++) {
      const small = coverTree(seed, 14, 3, 4)
      const order = byPhases(small)!
      expect(costOf(small, order), `seed ${seed}`).toBeGreaterThanOrEqual(answer(small))
      expect(costOf(small, order)!).toBeLessThanOrEqual(answer(small) * 1.1)
    }
    for (let seed = 1; seed <= 20; seed++) {
      const middling = coverTree(seed, 40, 4, 6)
      const order = byPhases(middling)
      // What may wait may wait with all that comes after it: a phase is never left with something that can be done nowhere later.
      expect(order, `seed ${seed}`).not.toBeNull()
      expect(costOf(middling, order!)! / solve(middling, DEFAULT_LIMITS)!.cost, `seed ${seed}`).toBeLessThan(1.01)
    }
    for (const steps of [160, 220]) {
      const problem = coverTree(steps, steps)
      const found = solve(problem, limitsFor(steps))!
      expect(costOf(problem, found.order)).toBe(found.cost)
      expect(found.cost / found.bound).toBeLessThan(1.04)
      expect(found.bound).toBeLessThanOrEqual(found.cost)
    }
    expect(byPhases(wildProblem(3, 12))).toBeNull()
  })

  it('is bounded better where turns and tools are looked at together', () => {
    for (let seed = 1; seed <= 4; seed++) {
      const problem = coverTree(seed, 90)
      const found = solve(problem, limitsFor(90))!
      const least = problem.tasks.reduce((sum, t) => sum + Math.min(...t.choices.map((c) => c.work)), 0)
      const none = noneDone(90)
      const bound = bounds(problem)
      expect(found.bound, `seed ${seed}`).toBeGreaterThan(least + bound.turns(none, problem.pose) + bound.swaps(none, problem.tool))
      expect((found.cost - found.bound) / found.bound).toBeLessThan(0.025)
    }
  })

  it('is none where the goal is out of reach', () => {
    expect(solve({ ...coverTree(1, 10), goal: { done: [] } })).toBeNull()
    expect(solve({ ...coverTree(1, 10), turn: [0, 1, 2, 3].map((i) => [0, 1, 2, 3].map((j) => (i === j ? 0 : Infinity))) })).toBeNull()
  })
})

/** The same problem from a state: what is done cannot be done again, and counts as done. */
function from(problem: Problem, done: Uint32Array): Partial<Problem> {
  const need = (n: Problem['goal']): Problem['goal'] =>
    typeof n === 'boolean'
      ? n
      : 'all' in n
        ? { all: n.all.map(need) }
        : 'any' in n
          ? { any: n.any.map(need) }
          : 'done' in n
            ? n.done.some((t) => isDone(done, t)) || n
            : !n.undone.some((t) => isDone(done, t)) && n
  const gone = { needs: false, choices: [], notAfter: [], ratherNotAfter: [] } as const
  return {
    goal: need(problem.goal),
    tasks: problem.tasks.map((t, i) =>
      isDone(done, i)
        ? gone
        : t.notAfter.some((x) => isDone(done, x))
          ? { ...t, needs: false }
          : {
              ...t,
              needs: need(t.needs),
              choices: t.choices.map((c) => ({ ...c, needs: need(c.needs ?? true) })),
              ratherNotAfter: t.ratherNotAfter,
            },
    ),
  }
}
