// The exact planner on cover-trees (4 poses, 8 tools) and on problems without structure: how often proved, the gap left, the time.
import { coverTree, wildProblem } from '../tests/order-problems'
import { DEFAULT_LIMITS, type Problem, solve } from '../src/core/planning/solve'
import { at, row } from './timing'

function series(name: string, seeds: number, make: (seed: number) => Problem, limits = DEFAULT_LIMITS): void {
  const times: number[] = []
  const gaps: number[] = []
  const setUps: number[] = []
  let proved = 0
  for (let seed = 1; seed <= seeds; seed++) {
    const problem = make(seed)
    const started = performance.now()
    const found = solve(problem, limits)
    times.push(performance.now() - started)
    if (!found) continue
    if (found.proved) proved++
    const work = found.order.reduce((sum, p) => sum + Math.min(...problem.tasks[p.task]!.choices.map((c) => c.work)), 0)
    gaps.push(((found.cost - found.bound) / found.bound) * 100)
    setUps.push(((found.cost - found.bound) / Math.max(1, found.bound - work)) * 100)
  }
  for (const list of [times, gaps, setUps]) list.sort((a, b) => a - b)
  const spread = (list: number[]): string => `${at(list, 0.5).toFixed(1)} %, worst ${list.at(-1)!.toFixed(1)} %`
  row(name, `${at(times, 0.5).toFixed(0)} ms`, `${proved} of ${gaps.length} proved; gap median ${spread(gaps)}, of the set-up ${spread(setUps)}; slowest ${(times.at(-1)! / 1000).toFixed(1)} s; ${Math.round(process.memoryUsage().heapUsed / 1e6)} MB`)
}

console.log('\nPlanner')
series('cover-trees of 20 steps, median', 20, (seed) => coverTree(seed, 20))
series('cover-trees of 40 steps, median', 20, (seed) => coverTree(seed, 40))
series('cover-trees of 60 steps, median', 20, (seed) => coverTree(seed, 60))
series('cover-trees of 120 steps, 2000 states opened, median', 20, (seed) => coverTree(seed, 120), { nodes: 2000, beam: 20 })
series('14 steps without structure, median', 20, (seed) => wildProblem(seed, 14))
