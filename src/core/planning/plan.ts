import { type FileIndex, indexFile, type MachineFile, withWorstCase } from '../machine'
import { fail, ok } from '../result'
import { type Action, compileDown, expandGoal, usableModes } from './actions'
import { cheapestCompletion, type Completion } from './completion'
import { cheapestOrder, downItems, type Sequence, type Setting, upItems } from './order'
import { asksDead, cellName, describe, fixingSpecs, needsOf, partSpecs, powerOf, reasonsFor } from './steps'
import { jointFacts, torqueOf } from './torque'
import { poseTurns, type Turns } from './turns'
import {
  DEFAULT_PRICES, type Alternative, type ConsumableNeed, type LimbPlan, type PlanOptions, type PlannedStep, type PlanResult, type PlanStart, type ToolNeed,
} from './types'
import { compileUp, type UpAction } from './way-up'

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

  const downSteps = writeDown(index, open, chosen, down, start, turns, goalNames, goal)

  const all = [...already, ...chosen]
  const ups = compileUp(index, variants, all)
  const bottom = down.placed.at(-1)?.pose ?? start.pose
  const back = upItems(file, ups, variants)
  const up = cheapestOrder(back.items, back.goal, () => false, { ...setting, pose: bottom, tool: null })
  if (!up) return fail({ kind: 'cycle', loop: upLoop(ups) })
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
    rejected: rejectedSets(chosen, [completion.value.best, ...completion.value.others], actions, variants),
    tools: toolNeeds(index, [...downSteps, ...upSteps], owned),
    consumables: consumableNeeds(index, [...downSteps, ...upSteps]),
    restore: chosen.filter((a) => a.kind === 'prepare' || a.kind === 'push aside').filter((a) => index.steps.get(a.subject)?.limb === 'both').map((a) => index.steps.get(a.subject)?.up?.title ?? a.doing.title),
  })
}

function writeDown(
  index: FileIndex, open: readonly Action[], chosen: readonly Action[], order: Sequence, start: PlanStart, turns: Turns, goalNames: readonly string[], goal: Parameters<typeof reasonsFor>[3],
): PlannedStep[] {
  let before = start.pose
  let cells = 0
  const taken = new Set(start.cells)
  const nextCell = (): string => {
    while (taken.has(cellName(cells))) cells++
    return cellName(cells++)
  }
  let number = 0
  return order.placed.map(({ index: i, mode, pose: here }) => {
    const action = open[i]!
    const joint = action.kind === 'release' ? index.joints.get(action.subject) : undefined
    const numbered = action.kind !== 'prove' && action.kind !== 'support'
    const power = powerOf(index, action, 'down')
    const check = index.steps.get(action.subject)?.check
    const step: PlannedStep = {
      id: `down:${action.id}`,
      limb: 'down',
      ...describe(index, action, action.doing, { mode, pose: here, before }, turns),
      ...(numbered ? { number: ++number } : {}),
      why: reasonsFor(action, chosen, goalNames, goal),
      gives: action.gives,
      needs: needsOf(action),
      ...(asksDead(action.needs) ? { dead: true as const } : {}),
      ...(power ? { power } : {}),
      ...(action.kind === 'prove' && check !== undefined ? { check } : {}),
      fixings: joint ? fixingSpecs(joint, nextCell) : [],
      parts: partSpecs(index, action.gives),
    }
    before = here
    return step
  })
}

function writeUp(index: FileIndex, ups: readonly UpAction[], order: Sequence, pose: string, turns: Turns, down: readonly PlannedStep[], already: readonly Action[]): PlannedStep[] {
  let before = pose
  const byAction = new Map(down.map((s) => [s.action, s]))
  const earlier = new Set(already.map((a) => a.id))
  return order.placed.map(({ index: i, mode, pose: here }) => {
    const up = ups[i]!
    const answered = up.answers ? byAction.get(up.answers.id) : undefined
    const joint = up.answers?.kind === 'release' ? index.joints.get(up.answers.subject) : undefined
    const covers = up.doing.covers ?? (joint ? [joint.id] : [])
    const members = covers.flatMap((id) => byAction.get(`undo:${id}`)?.fixings ?? (earlier.has(`undo:${id}`) ? fixingSpecs(index.joints.get(id)!, () => undefined) : []))
    const power = up.answers ? powerOf(index, up.answers, 'up') : undefined
    const passes = up.doing.passes ?? (joint ? (['final'] as const) : undefined)
    const final = passes?.includes('final') ?? false
    const step: PlannedStep = {
      id: `up:${up.id}`,
      limb: 'up',
      ...describe(index, up.action, up.doing, { mode, pose: here, before }, turns),
      ...(answered?.number !== undefined ? { number: answered.number, pair: answered.id } : up.answers && earlier.has(up.answers.id) ? { pair: `down:${up.answers.id}` } : {}),
      why: up.doing.ifOmitted !== undefined ? [{ wantedBy: 'file', title: up.doing.ifOmitted }] : [],
      gives: up.answers?.gives ?? [],
      after: up.after.map((id) => `up:${id}`),
      ...(power ? { power } : {}),
      ...(up.answers && asksDead(up.answers.needs) ? { dead: true as const } : {}),
      fixings: members,
      parts: up.answers ? partSpecs(index, up.answers.gives) : [],
      ...(passes ? { passes } : {}),
      ...(final && joint ? { joint: jointFacts(joint) } : {}),
      ...(final && joint ? torqueOf(joint) : {}),
      ...(final && joint?.lock ? { lock: joint.lock } : {}),
      ...(joint?.pattern !== undefined ? { pattern: joint.pattern } : {}),
      ...(up.check !== undefined ? { check: up.check } : {}),
      ...(up.answers?.kind === 'take off' && joint === undefined && index.parts.get(up.answers.subject)?.lift && isCover(index, up.answers.subject) ? { cover: true as const } : {}),
    }
    before = here
    return step
  })
}

const isCover = (index: FileIndex, partId: string): boolean => index.file.joints.some((j) => j.role === 'cover' && j.holds[0] === partId)

function withPairs(down: readonly PlannedStep[], up: readonly PlannedStep[]): PlannedStep[] {
  const pairOf = new Map(up.flatMap((s) => (s.pair === undefined ? [] : [[s.pair, s.id] as const])))
  return down.map((s) => {
    const pair = pairOf.get(s.id)
    return pair === undefined ? s : { ...s, pair }
  })
}

function limb(steps: readonly PlannedStep[], order: Sequence): LimbPlan {
  const handsOn = steps.reduce((sum, s) => sum + s.minutes.likely * s.people + (s.turn ? s.turn.minutes.likely * s.turn.people : 0), 0)
  const elapsed = steps.reduce((sum, s) => sum + s.minutes.likely + (s.turn?.minutes.likely ?? 0), 0)
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

/** Other sets of steps that would reach the goal too, for less than three minutes more work. */
function rejectedSets(chosen: readonly Action[], sets: readonly Completion[], actions: ReadonlyMap<string, Action>, variants: Readonly<Record<string, string>>): Alternative[] {
  const work = (ids: Iterable<string>): number => [...ids].reduce((sum, id) => sum + Math.min(...usableModes(actions.get(id)!.doing, variants).map((m) => m.minutes.likely * m.people + (m.penalty ?? 0))), 0)
  const mine = new Set(chosen.map((a) => a.id))
  const minutes = work(mine)
  const titles = (a: ReadonlySet<string>, b: ReadonlySet<string>): string[] => [...a].filter((id) => !b.has(id)).map((id) => actions.get(id)!.doing.title)
  return sets.flatMap((set) => {
    const [instead, use] = [titles(mine, set.actions), titles(set.actions, mine)]
    const more = Math.max(0, work(set.actions) - minutes)
    return instead.length + use.length > 0 && more < 3 ? [{ instead, use, moreMinutes: more }] : []
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

