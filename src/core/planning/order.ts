import { type Doing, factKey, type Guard, holds, type MachineFile, type Mode, type Tool, type Variants, type FactKey } from '../machine'
import { type Action, usableModes } from './actions'
import { contradiction } from './no-way'
import { type Limits, limitsFor, meets, type Need, noneDone, type Problem, solve, type Task, withDone } from './solve'
import { tidied } from './tidy'
import { standingGuard, type Turns } from './turns'
import type { Prices } from './types'
import type { Keeps } from './keeps'
import type { UpAction } from './way-up'

/** Something to be put in order, in the words of the machine. */
export interface Item {
  readonly id: string
  readonly modes: readonly Mode[]
  readonly needs: Need
  /** What has to hold for a way of it; absent where that is always open. */
  readonly ways: ReadonlyMap<Mode, Need>
  /** What has to hold before the machine can stand in a pose; absent where it always can. */
  readonly standing: ReadonlyMap<string, Need>
  /** Items that may not have been done before it; and that should rather not. */
  readonly notAfter: readonly number[]
  readonly ratherNotAfter: readonly number[]
}

export interface Placed {
  readonly index: number
  readonly mode: Mode
  readonly pose: string
}

/** An order of some items. Minutes. */
export interface Sequence {
  readonly placed: readonly Placed[]
  readonly cost: number
  readonly bound: number
  readonly proved: boolean
}

/** How the machine stands, what changes cost, and how long may be searched. */
export interface Setting {
  readonly poses: readonly string[]
  readonly tools: readonly Pick<Tool, 'id' | 'setUp'>[]
  readonly pose: string
  readonly tool: string | null
  readonly turns: Turns
  readonly prices: Prices
  readonly limits: Partial<Limits>
}

const seconds = (minutes: number): number => Math.round(minutes * 60)

/** Which of equally cheap orders is taken. */
export interface AmongEquals {
  /** Items that come as early as costs nothing: what makes safe. */
  readonly early: (item: string) => boolean
  /** How near two items are, for whoever does them one after the other. */
  readonly near: (a: string, b: string) => number
}

/**
 * The cheapest way to the goal in whole seconds: which items, in what order, each how. Work is likely minutes × people plus any penalty
 * of the mode; a change of tool has its price, bare hands cost nothing. Null where the goal cannot be reached.
 */
export function cheapestOrder(items: readonly Item[], goal: Need, { early, near }: AmongEquals, setting: Setting): Sequence | null {
  const { problem, ways } = problemOf(items, goal, setting)
  const found = solve(problem, { ...limitsFor(items.length), ...setting.limits })
  if (!found) return null
  const idOf = (task: number): string => items[task]!.id
  const order = tidied(
    problem,
    found.order,
    found.cost,
    (task) => early(idOf(task)),
    (a, b) => near(idOf(a), idOf(b)),
  )
  return {
    placed: order.map((p) => ({ index: p.task, mode: ways[p.task]![p.choice]!, pose: setting.poses[p.pose]! })),
    cost: found.cost / 60,
    bound: found.bound / 60,
    proved: found.proved,
  }
}

/** Ids of items whose orders contradict each other, in a circle, `goal` where it is the job itself; empty where none is found. */
export function contradicting(items: readonly Item[], goal: Need, setting: Setting): readonly string[] {
  return contradiction(problemOf(items, goal, setting).problem).map((task) => items[task]?.id ?? 'goal')
}

/** The first item that asks, in every way of it, for what never comes to hold. */
export function neverOpen(items: readonly Item[], setting: Setting): string | undefined {
  const { tasks } = problemOf(items, true, setting).problem
  const everything = tasks.reduce((done, _, i) => withDone(done, i), noneDone(tasks.length))
  const could = (need: Need | undefined): boolean => need === undefined || meets(need, everything, true)
  return items.find((_, i) => !could(tasks[i]!.needs) || !tasks[i]!.choices.some((c) => could(c.needs)))?.id
}

/** The items as a problem of numbers; and the mode that each choice stands for. */
function problemOf(
  items: readonly Item[],
  goal: Need,
  { poses, tools, pose, tool, turns, prices }: Setting,
): { readonly problem: Problem; readonly ways: readonly (readonly Mode[])[] } {
  const poseAt = new Map(poses.map((id, i) => [id, i]))
  const toolAt = new Map(tools.map(({ id }, i) => [id, i]))
  const ways = items.map((item) =>
    item.modes.flatMap((mode) => {
      const choice = {
        tool: mode.tool === null ? -1 : toolAt.get(mode.tool)!,
        work: seconds(mode.minutes.likely * mode.people + (mode.penalty ?? 0)),
      }
      const [free, guarded] = [mode.poses.filter((p) => !item.standing.has(p)), mode.poses.filter((p) => item.standing.has(p))]
      const way = item.ways.get(mode)
      const asking = (...needs: readonly (Need | undefined)[]): { readonly needs?: Need } => {
        const asked = needs.filter((n) => n !== undefined)
        return asked.length === 0 ? {} : { needs: asked.length === 1 ? asked[0]! : { all: asked } }
      }
      return [
        ...(free.length > 0 ? [{ mode, choice: { ...choice, poses: free.map((p) => poseAt.get(p)!), ...asking(way) } }] : []),
        ...guarded.map((p) => ({ mode, choice: { ...choice, poses: [poseAt.get(p)!], ...asking(way, item.standing.get(p)) } })),
      ]
    }),
  )
  const problem: Problem = {
    goal,
    tasks: items.map((item, i): Task => ({
      needs: item.needs,
      notAfter: item.notAfter,
      ratherNotAfter: item.ratherNotAfter,
      choices: ways[i]!.map((w) => w.choice),
    })),
    pose: poseAt.get(pose) ?? 0,
    tool: tool === null ? -1 : (toolAt.get(tool) ?? -1),
    poses: poses.length,
    tools: tools.length,
    turn: poses.map((from) => poses.map((to) => (from === to ? 0 : seconds(turns.cost(from, to))))),
    swap: tools.map(({ setUp = 0 }) => seconds(prices.swap + setUp)),
    against: seconds(prices.againstPreference),
  }
  return { problem, ways: ways.map((list) => list.map((w) => w.mode)) }
}

/** Everything that can be done on the way down, with what the file's orders and load paths ask; and the goal in the same numbers. */
export function downItems(
  file: MachineFile,
  actions: readonly Action[],
  goal: Guard,
  variants: Variants,
  facts: ReadonlySet<string>,
): { readonly items: readonly Item[]; readonly goal: Need } {
  const givenBy = new Map<string, number[]>()
  actions.forEach((action, i) => action.gives.forEach((fact) => givenBy.set(fact, [...(givenBy.get(fact) ?? []), i])))
  const at = new Map(actions.map((a, i) => [a.id, i]))
  const isDone = (fact: string): Need => facts.has(fact) || { done: givenBy.get(fact) ?? [] }
  const notDone = (fact: string): Need => !facts.has(fact) && { undone: givenBy.get(fact) ?? [] }
  const need = (guard: Guard): Need => {
    if ('all' in guard) return { all: guard.all.map(need) }
    if ('any' in guard) return { any: guard.any.map(need) }
    if ('not' in guard) return 'fact' in guard.not ? notDone(factKey(guard.not)) : holds(guard, () => false, variants)
    return 'fact' in guard ? isDone(factKey(guard)) : holds(guard, () => false, variants)
  }
  const standing = standingNeeds(file, need)
  const rules = file.order.filter((r) => r.limb === 'down')
  const thens = (first: string, strength: 'must' | 'prefer'): number[] =>
    rules.filter((r) => r.first === first && r.strength === strength).flatMap((r) => at.get(r.then) ?? [])
  const items = actions.map((action): Item => ({
    id: action.id,
    ...waysOf(action.doing, variants, need),
    standing,
    needs: action.load
      ? { all: [need(action.needs), { any: [isDone(action.load.support), ...action.load.others.map(notDone)] }] }
      : need(action.needs),
    notAfter: thens(action.id, 'must'),
    ratherNotAfter: thens(action.id, 'prefer'),
  }))
  return { items, goal: need(goal) }
}

/** The returns and checks of the way up: all of them, each after what it waits for. */
export function upItems(
  file: MachineFile,
  ups: readonly UpAction[],
  variants: Variants,
  facts: ReadonlySet<string>,
): { readonly items: readonly Item[]; readonly goal: Need } {
  const at = new Map(ups.map((up, i) => [up.id, i]))
  // What was true at the bottom is so until its return; what has no return stays so.
  const givers = (fact: FactKey): number[] => ups.flatMap((up, i) => (up.answers?.gives.includes(fact) ? [i] : []))
  const need = (guard: Guard): Need => {
    if ('all' in guard) return { all: guard.all.map(need) }
    if ('any' in guard) return { any: guard.any.map(need) }
    if ('not' in guard)
      return 'fact' in guard.not
        ? givers(factKey(guard.not)).length > 0
          ? { done: givers(factKey(guard.not)) }
          : !facts.has(factKey(guard.not))
        : holds(guard, () => false, variants)
    return 'fact' in guard ? stillSo(factKey(guard)) : holds(guard, () => false, variants)
  }
  const stillSo = (fact: FactKey): Need => {
    const all = givers(fact)
    return facts.has(fact) && (all.length > 1 ? { any: all.map((i) => ({ undone: [i] })) } : { undone: all })
  }
  const kept = (keeps: Keeps): Need =>
    'off' in keeps
      ? { undone: [at.get(keeps.off)!] }
      : 'back' in keeps
        ? { done: [at.get(keeps.back)!] }
        : 'all' in keeps
          ? { all: keeps.all.map(kept) }
          : { any: keeps.any.map(kept) }
  const standing = standingNeeds(file, need)
  const prefers = file.order.filter((r) => r.limb === 'up' && r.strength === 'prefer')
  const items = ups.map((up): Item => ({
    id: up.id,
    ...waysOf(up.doing, variants, need),
    standing,
    needs: {
      all: [
        ...up.after.map((id) => ({ done: [at.get(id)!] })),
        ...(up.keeps ? [kept(up.keeps)] : []),
        ...(up.doing.guard ? [need(up.doing.guard)] : []),
      ],
    },
    notAfter: [],
    ratherNotAfter: [...prefers.filter((r) => r.first === up.id).map((r) => r.then), ...up.ratherBefore].flatMap((id) => at.get(id) ?? []),
  }))
  return { items, goal: { all: ups.map((_, i) => ({ done: [i] })) } }
}

const waysOf = (doing: Doing, variants: Variants, need: (guard: Guard) => Need): Pick<Item, 'modes' | 'ways'> => {
  const modes = usableModes(doing, variants)
  return { modes, ways: new Map(modes.flatMap((m): [Mode, Need][] => (m.guard ? [[m, need(m.guard)]] : []))) }
}

const standingNeeds = (file: MachineFile, need: (guard: Guard) => Need): ReadonlyMap<string, Need> =>
  new Map(
    file.poses.flatMap((pose): [string, Need][] => {
      const guard = standingGuard(file, pose.id)
      return guard ? [[pose.id, need(guard)]] : []
    }),
  )
