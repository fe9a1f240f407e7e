import { allNeeds, type Problem } from './problem'

/** Tasks that the goal needs, or that something needed needs: found from the goal backward. */
export function relevant(problem: Problem): number[] {
  const seen = new Set<number>()
  const visit = (need: Problem['goal']): void => {
    if (typeof need === 'boolean' || 'undone' in need) return
    if ('all' in need) return need.all.forEach(visit)
    if ('any' in need) return need.any.forEach(visit)
    for (const t of need.done) {
      if (seen.has(t)) continue
      seen.add(t)
      allNeeds(problem.tasks[t]!).forEach(visit)
    }
  }
  visit(problem.goal)
  return [...seen].sort((a, b) => a - b)
}

/** The problem with some of its tasks only. */
export function only(problem: Problem, kept: readonly number[]): Problem {
  const at = new Map(kept.map((t, i) => [t, i]))
  const some = (list: readonly number[]): number[] => list.flatMap((t) => at.get(t) ?? [])
  const need = (n: Problem['goal']): Problem['goal'] => {
    if (typeof n === 'boolean') return n
    if ('all' in n) return { all: n.all.map(need) }
    if ('any' in n) return { any: n.any.map(need) }
    return 'done' in n ? { done: some(n.done) } : { undone: some(n.undone) }
  }
  return {
    ...problem,
    goal: need(problem.goal),
    tasks: kept.map((t) => ({
      ...problem.tasks[t]!,
      needs: need(problem.tasks[t]!.needs),
      choices: problem.tasks[t]!.choices.map((c) => (c.needs === undefined ? c : { ...c, needs: need(c.needs) })),
      notAfter: some(problem.tasks[t]!.notAfter),
      ratherNotAfter: some(problem.tasks[t]!.ratherNotAfter),
    })),
  }
}
