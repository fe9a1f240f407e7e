import { factKey, factsIn, type Guard, holds, type Variants } from '../machine'
import { type Action, usableModes, wanted } from './actions'

/** A set of actions that together reach the goal, and the least work in it. */
export interface Completion {
  readonly actions: ReadonlySet<string>
  readonly minutes: number
}

/** Best first; others only within three minutes of it. */
export interface Completions {
  readonly best: Completion
  readonly others: readonly Completion[]
  /** False when the search was cut off: a cheaper set may exist. */
  readonly complete: boolean
}

const KEEP_WITHIN_MINUTES = 3
const NODE_LIMIT = 20_000

/**
 * The cheapest set of actions that makes `goal` true: an AND/OR search that branches only where a guard offers a
 * choice, cut off by the best sum of least minutes × people found so far.
 * @param done facts that hold already
 * @returns null where none is found: `whyUnreachable` says why, unless the search was cut off
 */
export function cheapestCompletion(
  actions: ReadonlyMap<string, Action>,
  goal: Guard,
  variants: Variants,
  done: ReadonlySet<string>,
): Completions | null {
  const providers = new Map<string, string[]>()
  for (const action of actions.values()) {
    for (const fact of action.gives) providers.set(fact, [...(providers.get(fact) ?? []), action.id])
  }
  const found: Completion[] = []
  let bestMinutes = Infinity
  let nodes = 0
  /** Whole sets that have been judged, in whatever order they came together. */
  const tried = new Set<string>()

  const leastMinutes = (id: string): number => {
    const modes = usableModes(actions.get(id)!.doing, variants)
    return Math.min(...modes.map((m) => m.minutes.likely * m.people + (m.penalty ?? 0)))
  }

  interface Open {
    readonly guard: Guard
    readonly path: readonly string[]
  }
  /** What is taken next on one branch; null where the branch ends. */
  interface Branch {
    readonly open: readonly Open[]
    readonly chosen: ReadonlySet<string>
    readonly facts: ReadonlySet<string>
    readonly minutes: number
  }
  const judge = ({ chosen, facts, minutes }: Branch): readonly Branch[] => {
    const key = [...chosen].sort().join()
    if (tried.has(key)) return []
    tried.add(key)
    const run = runOut(actions, chosen, variants, done)
    if (run.stuck.size === 0) {
      found.push({ actions: chosen, minutes })
      bestMinutes = Math.min(bestMinutes, minutes)
      return []
    }
    // These wait for each other. Whatever sets them going has to come from outside the set.
    return [...unmetFacts(actions, run)].flatMap((fact) =>
      (providers.get(fact) ?? []).flatMap((id): Branch[] => {
        if (chosen.has(id) || usableModes(actions.get(id)!.doing, variants).length === 0) return []
        const action = actions.get(id)!
        return [
          {
            open: [{ guard: wanted(action), path: [id] }],
            chosen: new Set([...chosen, id]),
            facts: new Set([...facts, ...action.gives]),
            minutes: minutes + leastMinutes(id),
          },
        ]
      }),
    )
  }
  /** The branches that a branch leads to: one where there is no choice, none where it ends. */
  const onward = (branch: Branch): readonly Branch[] => {
    const { open, chosen, facts, minutes } = branch
    const [next, ...rest] = open
    if (!next) return judge(branch)
    const { guard, path } = next
    const left: Branch = { ...branch, open: rest }
    if ('all' in guard) return [{ ...branch, open: [...guard.all.map((g) => ({ guard: g, path })), ...rest] }]
    if ('any' in guard) return guard.any.map((g) => ({ ...branch, open: [{ guard: g, path }, ...rest] }))
    if ('not' in guard) return 'variant' in guard.not && holds(guard.not, () => false, variants) ? [] : [left]
    if ('variant' in guard) return variants[guard.variant] === guard.is ? [left] : []
    const key = `${guard.fact} ${guard.of}`
    if (facts.has(key)) return [left]
    return (providers.get(key) ?? []).flatMap((id): Branch[] => {
      const action = actions.get(id)!
      if (path.includes(id) || usableModes(action.doing, variants).length === 0) return []
      const needs: Open[] = [{ guard: wanted(action), path: [...path, id] }]
      if (action.load && action.load.others.every((f) => facts.has(f) || mentions(open, f))) {
        needs.push({ guard: factOf(action.load.support), path: [...path, id] })
      }
      return [
        {
          open: [...needs, ...rest],
          chosen: new Set([...chosen, id]),
          facts: new Set([...facts, ...action.gives]),
          minutes: minutes + leastMinutes(id),
        },
      ]
    })
  }
  // Depth first, on a list of its own: a machine of hundreds of steps is deeper than a worker’s stack.
  const waiting: Branch[] = [{ open: [{ guard: goal, path: [] }], chosen: new Set(), facts: done, minutes: 0 }]
  for (let branch = waiting.pop(); branch; branch = waiting.pop()) {
    if (nodes++ > NODE_LIMIT || branch.minutes > bestMinutes + KEEP_WITHIN_MINUTES) continue
    waiting.push(...[...onward(branch)].reverse())
  }
  found.sort((a, b) => a.minutes - b.minutes || a.actions.size - b.actions.size)
  const best = found[0]
  return best ? { best: addSupports(actions, best), others: distinct(found.slice(1), best), complete: nodes <= NODE_LIMIT } : null
}

function factOf(key: string): Guard {
  const space = key.indexOf(' ')
  return { fact: key.slice(0, space) as never, of: key.slice(space + 1) }
}

function mentions(open: readonly { readonly guard: Guard }[], key: string): boolean {
  const inside = (g: Guard): boolean =>
    'all' in g ? g.all.some(inside) : 'any' in g ? g.any.some(inside) : 'fact' in g ? `${g.fact} ${g.of}` === key : false
  return open.some((o) => inside(o.guard))
}

/** Where every fixing of a load path comes off, something has to hold the part. */
function addSupports(actions: ReadonlyMap<string, Action>, completion: Completion): Completion {
  const given = new Set([...completion.actions].flatMap((id) => actions.get(id)!.gives))
  const added = new Set<string>()
  for (const id of completion.actions) {
    const load = actions.get(id)!.load
    if (load && load.others.every((f) => given.has(f)) && !given.has(load.support) && actions.has(load.supportAction))
      added.add(load.supportAction)
  }
  return added.size === 0 ? completion : { ...completion, actions: new Set([...completion.actions, ...added]) }
}

function distinct(list: readonly Completion[], best: Completion): Completion[] {
  const seen = new Set([[...best.actions].sort().join()])
  return list.filter((c) => {
    const key = [...c.actions].sort().join()
    if (seen.has(key) || c.minutes > best.minutes + KEEP_WITHIN_MINUTES) return false
    seen.add(key)
    return true
  })
}

interface Run {
  /** Facts that hold once nothing more can be done. */
  readonly facts: ReadonlySet<string>
  readonly stuck: ReadonlySet<string>
}

/** A guard without what must not hold yet: that is a matter of order, not of what can be done at all. */
function whenever(guard: Guard): Guard {
  if ('all' in guard) return { all: guard.all.map(whenever) }
  if ('any' in guard) return { any: guard.any.map(whenever) }
  return 'not' in guard && 'fact' in guard.not ? { all: [] } : guard
}

/** Does everything in the set that can be done, in any order that leaves nothing out. */
function runOut(actions: ReadonlyMap<string, Action>, chosen: ReadonlySet<string>, variants: Variants, done: ReadonlySet<string>): Run {
  const facts = new Set(done)
  const stuck = new Set(chosen)
  for (let moved = true; moved;) {
    moved = false
    for (const id of stuck) {
      const action = actions.get(id)!
      if (!holds(whenever(wanted(action)), (f) => facts.has(`${f.fact} ${f.of}`), variants)) continue
      action.gives.forEach((f) => facts.add(f))
      stuck.delete(id)
      moved = true
    }
  }
  return { facts, stuck }
}

/** What stuck actions ask for and do not have. */
function unmetFacts(actions: ReadonlyMap<string, Action>, run: Run): Set<string> {
  const unmet = new Set<string>()
  for (const id of run.stuck) {
    for (const fact of factsIn(wanted(actions.get(id)!))) if (!run.facts.has(factKey(fact))) unmet.add(factKey(fact))
  }
  return unmet
}
