import { factKey, factsIn, type Guard, holds, readFact, type Variants } from '../machine'
import { type Action, usableModes, wanted } from './actions'
import { shortestCircle } from './circle'
import { bounds, type Need, needsIn, type Problem, solve } from './solve'
import type { PlanError } from './types'

/**
 * Why nothing leads to the goal, what must not be done yet left out of account: the chain to the nearest thing that nothing gives, or the
 * shortest circle of things that wait for each other, or hide each other. Null where something does lead there.
 * @param behind things that have to be exposed before one is
 */
export function whyUnreachable(
  actions: ReadonlyMap<string, Action>,
  goal: Guard,
  variants: Variants,
  done: ReadonlySet<string>,
  behind: (id: string) => readonly string[] = () => [],
): PlanError | null {
  const usable = [...actions.values()].filter((a) => usableModes(a.doing, variants).length > 0)
  const givers = new Map<string, string[]>()
  for (const a of usable) for (const fact of a.gives) givers.set(fact, [...(givers.get(fact) ?? []), a.id])
  const reached = runOut(usable, variants, done)
  if (reached(goal)) return null
  const unmet = (guard: Guard): readonly string[] =>
    reached(guard)
      ? []
      : 'all' in guard
        ? guard.all.flatMap(unmet)
        : 'any' in guard
          ? guard.any.flatMap(unmet)
          : 'fact' in guard
            ? [factKey(guard)]
            : [NOT_THIS_MACHINE]
  const asks = (id: string): readonly string[] => unmet(wanted(actions.get(id)!))
  const waitsFor = (id: string): readonly string[] => asks(id).flatMap((fact) => givers.get(fact) ?? [])

  const chain = blockedChain(unmet(goal), givers, asks)
  if (chain) {
    // Were it given, would that be all?
    const lacking = new Set([...usable.map((a) => wanted(a)), goal].flatMap(factsIn).map(factKey))
    const given = [...lacking].filter((fact) => !givers.has(fact))
    if (runOut(usable, variants, new Set([...done, ...given]))(goal)) return hidingIn(chain, behind) ?? { kind: 'unreachable', chain }
  }
  const stuck = reach(
    unmet(goal).flatMap((fact) => givers.get(fact) ?? []),
    waitsFor,
  )
  const loop = shortestCircle(stuck, waitsFor)
  return loop.length > 0 ? { kind: 'cycle', loop } : { kind: 'unreachable', chain: chain ?? [] }
}

/** What nothing exposes is hidden by things that it hides. */
function hidingIn(chain: readonly string[], behind: (id: string) => readonly string[]): PlanError | null {
  const last = readFact(chain.at(-1) ?? '')
  if (last?.fact !== 'exposed') return null
  const loop = shortestCircle([last.of], behind)
  return loop.length > 0 ? { kind: 'cycle', loop: loop.map((of) => factKey({ fact: 'exposed', of })) } : null
}

const NOT_THIS_MACHINE = 'a variant that this machine is not'

/** What holds once all is done that can be. */
function runOut(actions: readonly Action[], variants: Variants, done: ReadonlySet<string>): (guard: Guard) => boolean {
  const facts = new Set(done)
  const met = (guard: Guard): boolean => {
    if ('all' in guard) return guard.all.every(met)
    if ('any' in guard) return guard.any.some(met)
    if ('fact' in guard) return facts.has(factKey(guard))
    return ('not' in guard && 'fact' in guard.not) || holds(guard, () => false, variants)
  }
  const left = new Set(actions)
  for (let moved = true; moved;) {
    moved = false
    for (const a of left) {
      if (!met(wanted(a))) continue
      a.gives.forEach((fact) => facts.add(fact))
      left.delete(a)
      moved = true
    }
  }
  return met
}

/** The shortest chain from what the goal lacks to a fact that nothing gives. */
function blockedChain(
  goal: readonly string[],
  givers: ReadonlyMap<string, readonly string[]>,
  asks: (id: string) => readonly string[],
): readonly string[] | null {
  const seen = new Set<string>()
  let edge: readonly { readonly fact: string; readonly way: readonly string[] }[] = goal.map((fact) => ({ fact, way: [] }))
  while (edge.length > 0) {
    const dead = edge.find(({ fact }) => !givers.has(fact))
    if (dead) return [...dead.way, dead.fact]
    edge = edge.flatMap(({ fact, way }) =>
      givers.get(fact)!.flatMap((id) => {
        if (seen.has(id)) return []
        seen.add(id)
        return asks(id).map((f) => ({ fact: f, way: [...way, id] }))
      }),
    )
  }
  return null
}

function reach(from: readonly string[], next: (id: string) => readonly string[]): ReadonlySet<string> {
  const seen = new Set<string>()
  const open = [...from]
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    if (seen.has(id)) continue
    seen.add(id)
    open.push(...next(id))
  }
  return seen
}

/** Searched for the few asks that contradict each other; of longer problems the plain circle is named, if there is one. */
const MOST_SIFTED = 40
const SIFT_NODES = 2_000

/**
 * Things whose orders contradict each other, as the shortest circle of who waits for whom: first by what is asked whichever way is taken;
 * then, of a short problem, by the fewest asks that no order meets.
 * @returns task numbers, the number after the last for the goal; the first is named again at the end; empty where none is found
 */
export function contradiction(problem: Problem): readonly number[] {
  const { necessary } = bounds(problem)
  const all = [...problem.tasks.keys(), problem.tasks.length]
  const counts = (task: number): boolean => necessary[task] ?? true
  const waits = waitsOf(problem, true)
  const plain = shortestCircle(all.filter(counts), (task) => waits(task).filter(counts))
  return plain.length > 0 || problem.tasks.length > MOST_SIFTED ? plain : shortestCircle(all, waitsOf(sifted(problem), false))
}

/** Who waits for whom: by all that is asked for certain, or by whatever is named. */
function waitsOf(problem: Problem, certain: boolean): (task: number) => readonly number[] {
  const waits = [...problem.tasks, problem.goal].map((): number[] => [])
  const add = (task: number, need: Need): void => {
    const { before, after } = needsIn(need, certain)
    waits[task]!.push(...before)
    for (const other of after) waits[other]!.push(task)
  }
  problem.tasks.forEach((task, i) => {
    add(i, task.needs)
    const ways = task.choices.map((c) => c.needs ?? true)
    if (ways.length > 0) add(i, ways.length === 1 ? ways[0]! : { any: ways })
    for (const other of task.notAfter) waits[other]!.push(i)
  })
  add(problem.tasks.length, problem.goal)
  return (task) => waits[task]!
}

/** The problem with everything left out without which there is still no way. */
function sifted(problem: Problem): Problem {
  let now = problem
  const impossible = (p: Problem): boolean => solve(p, { nodes: SIFT_NODES, beam: 30 }) === null
  const without = (i: number, task: Partial<Problem['tasks'][number]>): void => {
    const less = { ...now, tasks: now.tasks.map((t, k) => (k === i ? { ...t, ...task } : t)) }
    if (impossible(less)) now = less
  }
  problem.tasks.forEach((_, i) => {
    const clauses = (need: Need): readonly Need[] => (typeof need !== 'boolean' && 'all' in need ? need.all.flatMap(clauses) : [need])
    const free = now.tasks[i]!.choices.map(({ needs: _needs, ...choice }) => choice)
    if (now.tasks[i]!.choices.some((c) => c.needs !== undefined)) without(i, { choices: free })
    for (const clause of clauses(now.tasks[i]!.needs))
      without(i, { needs: { all: clauses(now.tasks[i]!.needs).filter((c) => c !== clause) } })
    for (const other of now.tasks[i]!.notAfter) without(i, { notAfter: now.tasks[i]!.notAfter.filter((t) => t !== other) })
  })
  return now
}
