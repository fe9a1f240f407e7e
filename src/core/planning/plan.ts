import { type FileIndex, indexFile, type MachineFile, type Variants, withWorstCase } from '../machine'
import { fail, ok } from '../result'
import { type Action, compileDown, expandGoal, usableModes } from './actions'
import { cheapestCompletion, type Completion } from './completion'
import { cheapestOrder, downItems, type Sequence, type Setting, upItems } from './order'
import { powerOf } from './steps'
import { poseTurns, standingGuard, type Turns } from './turns'
import {
  DEFAULT_PRICES, type Alternative, type ConsumableNeed, type LimbPlan, type PlanOptions, type PlannedStep, type PlanResult, type PlanStart, type ToolNeed,
} from './types'
import { compileUp, type UpAction } from './way-up'
import { writeDown, writeUp } from './write'

/** Written into `plan-adopted`, so that an old plan can be read for what it was. */
export const PLANNER_VERSION = 'exact-1'

/**
 * The way down to the jobs to do and the way back up.
 *
 * What comes off and in what order are one optimisation (`solve`): the fewest seconds of work × people, turns of the machine and changes
 * of tool. Each limb says whether its order is proved, with the bound and the gap where it is not. A search for whole sets of actions
 * (`cheapestCompletion`) names what blocks where there is no way, and the alternatives that would cost little more.
 *
 * @param from `untouched`, or what is already done and how the machine stands
 * @returns the plan; or why there is none: unknown goal, unreachable (with the blocked chain), cycle (with the loop), missing tool
 */
export function plan(file: MachineFile, from: PlanStart | 'untouched', goals: readonly string[], options: PlanOptions): PlanResult {
  const index = indexFile(file)
  const variants = withWorstCase(file, options.variants)
  const prices = options.prices ?? DEFAULT_PRICES
  const start: PlanStart = from === 'untouched' ? { done: [], pose: file.poses[0]?.id ?? '', tool: null } : from
  const turns = poseTurns(file)

  const unknown = goals.find((id) => !index.goals.has(id))
  if (unknown !== undefined || goals.length === 0) return fail({ kind: 'unknown goal', goal: unknown ?? '' })
  const goal = { all: goals.map((id) => expandGoal(index, index.goals.get(id)!.guard)) }
  const goalNames = goals.map((id) => index.goals.get(id)!.name)

  const actions = compileDown(index, variants)
  const already = start.done.flatMap((id) => actions.get(id) ?? [])
  const facts = new Set(already.flatMap((a) => a.gives))
  const completion = cheapestCompletion(actions, goal, variants, facts)
  if (!completion.ok) return completion
  const earlier = new Set(start.done)
  const open = [...actions.values()].filter((a) => !earlier.has(a.id) && usableModes(a.doing, variants).length > 0).sort((a, b) => (a.id < b.id ? -1 : 1))
  const setting: Setting = {
    poses: file.poses.map((p) => p.id), tools: file.tools.map((t) => t.id), pose: start.pose, tool: start.tool, turns, prices, limits: options.nodeLimit === undefined ? {} : { nodes: options.nodeLimit },
  }
  const wanted = downItems(file, open, goal, variants, facts)
  const makesSafe = (id: string): boolean => actions.get(id)!.kind === 'prove' || powerOf(index, actions.get(id)!, 'down') !== undefined
  const down = cheapestOrder(wanted.items, wanted.goal, makesSafe, setting)
  if (!down) return noWay(completion.value.best, actions, start.pose, turns)
  const chosen = [...down.placed.map((p) => open[p.index]!)].sort((a, b) => (a.id < b.id ? -1 : 1))

  const owned = options.toolsOwned
  if (owned) {
    for (const action of chosen) {
      const modes = usableModes(action.doing, variants)
      const possible = modes.some((m) => m.tool === null || owned.includes(m.tool) || (m.substitutes ?? []).some((s) => owned.includes(s.tool)))
      const missing = modes[0]?.tool
      if (!possible && missing) return fail({ kind: 'missing-tool', tool: missing, step: action.doing.title })
    }
  }

  const downSteps = writeDown(index, open, chosen, down, start, turns, goalNames, goal, variants)

  const all = [...already, ...chosen]
  const ups = compileUp(index, variants, all)
  const bottom = down.placed.at(-1)?.pose ?? start.pose
  const back = upItems(file, ups, variants, new Set(all.flatMap((a) => a.gives)))
  const up = cheapestOrder(back.items, back.goal, () => false, { ...setting, pose: bottom, tool: null })
  if (!up) return noWayBack(file, ups, bottom, variants)
  const upSteps = writeUp(index, ups, up, bottom, turns, downSteps, already)

  return ok({
    planner: PLANNER_VERSION,
    goals,
    down: limb(withPairs(downSteps, upSteps), down),
    swap: goals.flatMap((id) =>
      (index.goals.get(id)!.swap ?? []).map(({ part, ...rest }) => {
        const found = part === undefined ? undefined : index.parts.get(part)
        return { ...rest, ...(found ? { part: { id: found.id, name: found.name } } : {}), ...(found?.compare ? { compare: found.compare } : {}) }
      }),
    ),
    up: limb(upSteps, up),
    rejected: rejectedSets(
      down.placed.map((p) => open[p.index]!.id), down.cost, [completion.value.best, ...completion.value.others],
      (set) => {
        const some = open.filter((a) => set.has(a.id))
        const items = downItems(file, some, goal, variants, facts)
        const found = cheapestOrder(items.items, items.goal, () => false, { ...setting, limits: { nodes: LOOKED_AT } })
        return found && { used: found.placed.map((p) => some[p.index]!.id), cost: found.cost }
      },
      (id) => actions.get(id)!.doing.title,
    ),
    tools: toolNeeds(index, [...downSteps, ...upSteps], owned),
    consumables: consumableNeeds(index, [...downSteps, ...upSteps]),
    restore: chosen.filter((a) => a.kind === 'prepare' || a.kind === 'push aside').filter((a) => index.steps.get(a.subject)?.limb === 'both').map((a) => index.steps.get(a.subject)?.up?.title ?? a.doing.title),
  })
}

function withPairs(down: readonly PlannedStep[], up: readonly PlannedStep[]): PlannedStep[] {
  const pairOf = new Map(up.flatMap((s) => (s.pair === undefined ? [] : [[s.pair, s.id] as const])))
  return down.map((s) => {
    const pair = pairOf.get(s.id)
    return pair === undefined ? s : { ...s, pair }
  })
}

function limb(steps: readonly PlannedStep[], order: Sequence): LimbPlan {
  const handsOn = steps.reduce((sum, s) => sum + s.minutes.likely * s.people + (s.turn ? s.turn.minutes.likely * s.turn.people : 0), 0)
  const elapsed = steps.reduce((sum, s) => sum + s.minutes.likely + (s.wait ?? 0) + (s.turn?.minutes.likely ?? 0), 0)
  return { steps, minutes: { handsOn, elapsed }, bound: order.bound, gap: order.bound > 0 ? (order.cost - order.bound) / order.bound : 0, proved: order.proved }
}

function noWay(best: Completion, actions: ReadonlyMap<string, Action>, pose: string, turns: Turns): PlanResult {
  for (const id of [...best.actions].sort()) {
    const { doing } = actions.get(id)!
    const poses = doing.modes.flatMap((m) => m.poses)
    if (!poses.some((p) => Number.isFinite(turns.cost(pose, p)))) return fail({ kind: 'no way to turn', from: pose, to: poses[0] ?? '', step: doing.title })
  }
  return fail({ kind: 'cycle', loop: [...best.actions].sort() })
}

/** Why the way up has no order: returns that wait for each other, or one that only goes in a pose that cannot be had. */
function noWayBack(file: MachineFile, ups: readonly UpAction[], bottom: string, variants: Variants): PlanResult {
  const loop = upLoop(ups)
  const stuck = ups.find((up) => usableModes(up.doing, variants).every((m) => m.poses.every((p) => p !== bottom && standingGuard(file, p))))
  return loop.length > 0 || !stuck ? fail({ kind: 'cycle', loop }) : fail({ kind: 'no way to turn', from: bottom, to: stuck.doing.modes[0]?.poses[0] ?? '', step: stuck.doing.title })
}

/** Follows unmet waits from return to return until one comes round again. */
function upLoop(ups: readonly UpAction[]): string[] {
  const left = new Map(ups.map((up) => [up.id, up]))
  for (let moved = true; moved; ) {
    moved = false
    for (const up of left.values()) {
      if (up.after.some((id) => left.has(id))) continue
      left.delete(up.id)
      moved = true
    }
  }
  const loop: string[] = []
  let here = [...left.keys()][0]
  while (here !== undefined && !loop.includes(here)) {
    loop.push(here)
    here = left.get(here)?.after.find((id) => left.has(id))
  }
  return here === undefined ? loop : [...loop.slice(loop.indexOf(here)), here]
}

/** States opened for one alternative: it is shown, not followed, so its order need not be proved. */
const LOOKED_AT = 2_000

/** Other sets of steps that would reach the goal too, for less than three minutes more, turns and tools included. */
function rejectedSets(chosen: readonly string[], cost: number, sets: readonly Completion[], wayOf: (set: ReadonlySet<string>) => { readonly used: readonly string[]; readonly cost: number } | null, title: (id: string) => string): Alternative[] {
  const mine = new Set(chosen)
  const seen = new Set([[...mine].sort().join()])
  return sets.flatMap((set) => {
    const found = wayOf(set.actions)
    const key = found ? [...found.used].sort().join() : ''
    if (!found || seen.has(key)) return []
    seen.add(key)
    const theirs = new Set(found.used)
    const [instead, use] = [chosen.filter((id) => !theirs.has(id)).map(title), found.used.filter((id) => !mine.has(id)).map(title)]
    const more = Math.max(0, found.cost - cost)
    return more < 3 ? [{ instead, use, moreMinutes: more }] : []
  })
}

function toolNeeds(index: FileIndex, steps: readonly PlannedStep[], owned: readonly string[] | undefined): ToolNeed[] {
  const needs = new Map<string, ToolNeed>()
  for (const step of steps) {
    if (!step.tool) continue
    const known = needs.get(step.tool.id)
    const tool = index.tools.get(step.tool.id)!
    needs.set(tool.id, {
      id: tool.id,
      name: tool.name,
      firstStep: known?.firstStep ?? step.title,
      steps: (known?.steps ?? 0) + 1,
      special: tool.special ?? false,
      owned: owned ? owned.includes(tool.id) : true,
    })
  }
  return [...needs.values()]
}

function consumableNeeds(index: FileIndex, steps: readonly PlannedStep[]): ConsumableNeed[] {
  const counts = new Map<string, number>()
  for (const step of steps) for (const use of step.consumables) counts.set(use.consumable, (counts.get(use.consumable) ?? 0) + use.count)
  return [...counts].map(([id, count]) => ({ id, name: index.consumables.get(id)?.name ?? id, count }))
}

