import { type FileIndex, holds, indexFile, type MachineFile, withWorstCase } from '../machine'
import { fail, ok } from '../result'
import { type Action, compileDown, expandGoal, usableModes } from './actions'
import { cheapestCompletion } from './completion'
import { type Item, type Sequence, sequence } from './sequence'
import { asksDead, cellName, describe, fixingSpecs, needsOf, partSpecs, powerOf, reasonsFor } from './steps'
import { jointFacts, torqueOf } from './torque'
import { poseTurns, type Turns } from './turns'
import {
  DEFAULT_PRICES, type Alternative, type ConsumableNeed, type LimbPlan, type PlanOptions, type PlannedStep, type PlanResult, type PlanStart, type ToolNeed,
} from './types'
import { compileUp, type UpAction, upItems } from './way-up'

/** Written into `plan-adopted`, so that an old plan can be read for what it was. */
export const PLANNER_VERSION = 'layered-1'

const DEFAULT_WIDTH = 400

/**
 * The way down to the jobs to do and the way back up.
 *
 * Two searches: the cheapest set of actions (an AND/OR search), then the cheapest legal order of it by turns of the
 * machine and changes of tool (a layered dynamic program, cut to a beam when it grows wide). Each limb says whether its
 * order is proved; the set and the order are not yet one optimisation.
 *
 * @param from `untouched`, or what is already done and how the machine stands
 * @returns the plan; or why there is none: unknown goal, unreachable (with the blocked chain), cycle (with the loop), missing tool
 */
export function plan(file: MachineFile, from: PlanStart | 'untouched', goals: readonly string[], options: PlanOptions): PlanResult {
  const index = indexFile(file)
  const variants = withWorstCase(file, options.variants)
  const prices = options.prices ?? DEFAULT_PRICES
  const width = options.nodeLimit ?? DEFAULT_WIDTH
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
  const chosen = [...completion.value.best.actions].sort().map((id) => actions.get(id)!)

  const owned = options.toolsOwned
  if (owned) {
    for (const action of chosen) {
      const modes = usableModes(action.doing, variants)
      const possible = modes.some((m) => m.tool === null || owned.includes(m.tool) || (m.substitutes ?? []).some((s) => owned.includes(s.tool)))
      const missing = modes[0]?.tool
      if (!possible && missing) return fail({ kind: 'missing-tool', tool: missing, step: action.doing.title })
    }
  }

  const setting = { turn: turns.cost, swap: prices.swap, againstPreference: prices.againstPreference, width }
  const down = sequence({ ...setting, items: downItems(file, chosen, variants, facts), pose: start.pose, tool: start.tool })
  if (!down) return noWay(chosen, start.pose, turns)
  const downSteps = writeDown(index, chosen, down, start, turns, goalNames, goal)

  const all = [...already, ...chosen]
  const ups = compileUp(index, variants, all)
  const bottom = down.placed.at(-1)?.pose ?? start.pose
  const up = sequence({ ...setting, items: upItems(index, ups, variants), pose: bottom, tool: null })
  if (!up) return fail({ kind: 'cycle', loop: upLoop(ups) })
  const upSteps = writeUp(index, ups, up, bottom, turns, downSteps, already)

  return ok({
    planner: PLANNER_VERSION,
    goals,
    down: limb(withPairs(downSteps, upSteps), completion.value.complete ? down : { ...down, proved: false }),
    swap: goals.flatMap((id) =>
      (index.goals.get(id)!.swap ?? []).map(({ part, ...rest }) => {
        const found = part === undefined ? undefined : index.parts.get(part)
        return { ...rest, ...(found ? { part: { id: found.id, name: found.name } } : {}), ...(found?.compare ? { compare: found.compare } : {}) }
      }),
    ),
    up: limb(upSteps, up),
    rejected: completion.value.others.map((other): Alternative => difference(completion.value.best, other, actions)),
    tools: toolNeeds(index, [...downSteps, ...upSteps], owned),
    consumables: consumableNeeds(index, [...downSteps, ...upSteps]),
    restore: chosen.filter((a) => a.kind === 'prepare' || a.kind === 'push aside').filter((a) => index.steps.get(a.subject)?.limb === 'both').map((a) => index.steps.get(a.subject)?.up?.title ?? a.doing.title),
  })
}

function downItems(file: MachineFile, chosen: readonly Action[], variants: Readonly<Record<string, string>>, facts: ReadonlySet<string>): Item[] {
  const givenBy = new Map<string, number[]>()
  chosen.forEach((action, i) => action.gives.forEach((fact) => givenBy.set(fact, [...(givenBy.get(fact) ?? []), i])))
  const must = file.order.filter((r) => r.limb === 'down')
  const at = new Map(chosen.map((a, i) => [a.id, i]))
  return chosen.map((action) => {
    const rules = must.filter((r) => r.then === action.id && at.has(r.first))
    const forced = rules.filter((r) => r.strength === 'must').map((r) => at.get(r.first)!)
    return {
      id: action.id,
      modes: usableModes(action.doing, variants),
      ready: (done) => {
        const has = (key: string): boolean => facts.has(key) || (givenBy.get(key) ?? []).some(done)
        return (
          forced.every(done) &&
          holds(action.needs, (f) => has(`${f.fact} ${f.of}`), variants) &&
          (!action.load || has(action.load.support) || !action.load.others.every(has))
        )
      },
      prefersAfter: rules.filter((r) => r.strength === 'prefer').map((r) => at.get(r.first)!),
    }
  })
}

function writeDown(
  index: FileIndex, chosen: readonly Action[], order: Sequence, start: PlanStart, turns: Turns, goalNames: readonly string[], goal: Parameters<typeof reasonsFor>[3],
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
    const action = chosen[i]!
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

function noWay(chosen: readonly Action[], pose: string, turns: Turns): PlanResult {
  for (const action of chosen) {
    const poses = action.doing.modes.flatMap((m) => m.poses)
    if (!poses.some((p) => Number.isFinite(turns.cost(pose, p)))) return fail({ kind: 'no way to turn', from: pose, to: poses[0] ?? '', step: action.doing.title })
  }
  return fail({ kind: 'cycle', loop: chosen.map((a) => a.id) })
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

function difference(best: { actions: ReadonlySet<string>; minutes: number }, other: { actions: ReadonlySet<string>; minutes: number }, actions: ReadonlyMap<string, Action>): Alternative {
  const titles = (a: ReadonlySet<string>, b: ReadonlySet<string>): string[] => [...a].filter((id) => !b.has(id)).map((id) => actions.get(id)!.doing.title)
  return { instead: titles(best.actions, other.actions), use: titles(other.actions, best.actions), moreMinutes: Math.max(0, other.minutes - best.minutes) }
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

