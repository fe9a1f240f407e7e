// The exact planner on cover-trees (4 poses, 8 tools) and on problems without structure: how often proved, the gap left, the time.
import { coverTree, wildProblem } from '../tests/order-problems'
import { DEFAULT_LIMITS, type Problem, solve } from '../src/core/planning/solve'
import { at, row } from './timing'

function series(name: string, seeds: number, make: (seed: number) => Problem, limits = DEFAULT_LIMITS): void {
  const times: number[] = []
  const gaps: number[] = []
  let proved = 0
  for (let seed = 1; seed <= seeds; seed++) {
    const problem = make(seed)
    const started = performance.now()
    const found = solve(problem, limits)
    times.push(performance.now() - started)
    if (!found) continue
    if (found.proved) proved++
    gaps.push(((found.cost - found.bound) / found.bound) * 100)
  }
  times.sort((a, b) => a - b)
  gaps.sort((a, b) => a - b)
  row(name, `${at(times, 0.5).toFixed(0)} ms`, `${proved} of ${gaps.length} proved; gap median ${at(gaps, 0.5).toFixed(2)} %, worst ${gaps.at(-1)!.toFixed(2)} %; slowest ${(times.at(-1)! / 1000).toFixed(1)} s`)
}

console.log('\nPlanner')
series('cover-trees of 20 steps, median', 20, (seed) => coverTree(seed, 20))
series('cover-trees of 40 steps, median', 20, (seed) => coverTree(seed, 40))
series('cover-trees of 60 steps, median', 10, (seed) => coverTree(seed, 60))
series('cover-trees of 120 steps, 100 states opened, median', 6, (seed) => coverTree(seed, 120), { ...DEFAULT_LIMITS, nodes: 100, beam: 20 })
series('14 steps without structure, median', 20, (seed) => wildProblem(seed, 14))
