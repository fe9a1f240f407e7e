// The exact planner on cover-trees (4 poses, 8 tools), as machines are and harder, and on problems without structure: how often
// proved, the gap left, the time.
import { coverTree, machineTree, wildWhole } from '../tests/order-problems'
import { type Limits, limitsFor, type Problem, solve } from '../src/core/planning/solve'
import { plan, type Plan, type PlanStart } from '../src/core/planning'
import { demoMachines } from '../src/demo/machines'
import { at, row } from './timing'

function series(name: string, seeds: number, make: (seed: number) => Problem, limits: Limits): void {
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
  row(
    name,
    `${at(times, 0.5).toFixed(0)} ms`,
    `${proved} of ${gaps.length} proved; gap median ${spread(gaps)}, of the set-up ${spread(setUps)}; slowest ${(times.at(-1)! / 1000).toFixed(1)} s; ${Math.round(process.memoryUsage().heapUsed / 1e6)} MB`,
  )
}

/** Every job of every demo machine, whole; and again from the middle of its way down. */
function demo(): void {
  const whole: number[] = []
  const middle: number[] = []
  const alone: number[] = []
  let proved = 0
  let jobs = 0
  for (const file of demoMachines()) {
    for (const goal of file.goals) {
      const ask = (from: PlanStart | 'untouched'): { readonly ms: number; readonly plan: Plan } => {
        const started = performance.now()
        const found = plan(file, from, [goal.id], { variants: {} })
        if (!found.ok) throw new Error(`${file.name}, ${goal.name}: ${found.error.kind}`)
        return { ms: performance.now() - started, plan: found.value }
      }
      ask('untouched')
      const first = ask('untouched')
      jobs++
      if (first.plan.down.proved && first.plan.up.proved) proved++
      whole.push(first.ms)
      const { steps } = first.plan.down
      for (const share of [0.25, 0.5, 0.75]) {
        const done = steps.slice(0, Math.floor(steps.length * share))
        const again = ask({
          done: done.map((s) => s.action),
          pose: done.at(-1)?.pose ?? file.poses[0]!.id,
          tool: done.at(-1)?.tool?.id ?? null,
        })
        middle.push(again.ms)
        if (!again.plan.down.proved) alone.push(again.ms)
      }
    }
  }
  for (const list of [whole, middle]) list.sort((a, b) => a - b)
  row(
    `${jobs} jobs of the demo machines, median`,
    `${at(whole, 0.5).toFixed(0)} ms`,
    `${proved} proved; worst ${whole.at(-1)!.toFixed(0)} ms`,
  )
  row(
    'planned again from the middle, median',
    `${at(middle, 0.5).toFixed(0)} ms`,
    `worst ${middle.at(-1)!.toFixed(0)} ms; ${alone.length} not proved`,
  )
}

console.log('\nPlanner')
demo()
for (const steps of [60, 120, 400])
  series(`cover-trees as machines are, ${steps} steps, median`, 20, (seed) => machineTree(seed, steps), limitsFor(steps))
for (const steps of [20, 40, 60, 120, 400])
  series(`cover-trees of many fixings, ${steps} steps, median`, 20, (seed) => coverTree(seed, steps), limitsFor(steps))
for (const steps of [20, 40, 60, 120])
  series(`${steps} steps without structure, median`, 20, (seed) => wildWhole(seed, steps), limitsFor(steps))
