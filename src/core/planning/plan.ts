import { type FileIndex, indexFile, type MachineFile, type Variants, withWorstCase } from '../machine'
import { fail, ok } from '../result'
import { type Action, compileDown, expandGoal, hiddenBehind, usableModes, withPosesMeant } from './actions'
import { LOOKED_AT, rejectedSets } from './alternatives'
import { cheapestCompletion } from './completion'
import { equip, orByFeel, stoppedBy } from './equip'
import { nearness } from './nearness'
import { whyUnreachable } from './no-way'
import { opensBySwap, provedAs } from './opens'
import { consumableNeeds, secondPerson, toolNeeds } from './tools-and-people'
import { type AmongEquals, cheapestOrder, contradicting, downItems, neverOpen, type Sequence, type Setting, upItems } from './order'
import { reversed } from './reverse'
import type { Limits } from './solve'
import { bearingOn, powerOf } from './steps'
import { together } from './together'
import { poseTurns, standingGuard, type Turns } from './turns'
import { titleWithEnd } from './ends'
import { DEFAULT_PRICES, type LimbPlan, type PlanOptions, type PlannedStep, type PlanResult, type PlanStart } from './types'
import { compileUp, type UpAction } from './way-up'
import { writeDown, writeUp } from './write'

/** Whoever waits for a plan: told how far along it is at the least (0 to 1), and asked whether to stop with the best so far. */
export type Watch = Pick<Limits, 'onProgress' | 'shouldStop'>

/** As many steps as a file may leave no way to do before it is live. */
const MOST_SPARED = 20

/** More steps than this in one way down are not planned. */
const MOST_STEPS = 600

/** Written into `plan-adopted`, so that an old plan can be read for what it was. */
const PLANNER_VERSION = 'exact-3'

/**
 * The way down to the jobs to do and the way back up.
 *
 * What comes off and in what order are one optimisation (`solve`): the fewest seconds of work × people, turns of the machine and changes
 * of tool. Each limb says whether its order is proved, with the bound and the gap where it is not. A search for whole sets of actions
 * (`cheapestCompletion`) names what blocks where there is no way, and the alternatives that would cost little more.
 *
 * @param from `untouched`, or what is already done and how the machine stands
 * @param watch told how far along it is, and asked whether to stop with the best so far
 * @returns the plan; or why there is none: unknown goal, unreachable (with the blocked chain), cycle (with the loop), missing tool
 */
export function plan(
  given: MachineFile,
  from: PlanStart | 'untouched',
  goals: readonly string[],
  options: PlanOptions,
  watch: Watch = {},
): PlanResult {
  return planned(given, from, goals, options, watch, [])
}

/**
 * @param toStand poses that the way up has to stand it in, and for which the way down makes ready: a test on stands wants its chocks though
 * nothing on the way down does
 */
function planned(
  given: MachineFile,
  from: PlanStart | 'untouched',
  goals: readonly string[],
  options: PlanOptions,
  watch: Watch,
  toStand: readonly string[],
): PlanResult {
  const lacking = new Set(options.toolsOwned ? given.tools.map((t) => t.id).filter((id) => !options.toolsOwned!.includes(id)) : [])
  const meant = withPosesMeant(given)
  const file = { ...meant, poseMoves: meant.poseMoves.filter((m) => !m.with?.some((id) => lacking.has(id))) }
  const index = indexFile(file)
  const variants = withWorstCase(file, options.variants)
  const prices = options.prices ?? DEFAULT_PRICES
  const start: PlanStart = from === 'untouched' ? { done: [], pose: file.poses[0]?.id ?? '', tool: null } : from
  const turns = poseTurns(file)

  const unknown = goals.find((id) => !index.goals.has(id))
  if (unknown !== undefined || goals.length === 0) return fail({ kind: 'unknown goal', goal: unknown ?? '' })
  const wish = { all: goals.map((id) => expandGoal(index, index.goals.get(id)!.guard)) }
  const goal = { all: [...wish.all, ...toStand.flatMap((pose) => standingGuard(file, pose) ?? [])] }

  const goalNames = goals.map((id) => index.goals.get(id)!.name)
  const avoided = new Set(options.avoid)
  const everything = compileDown(index, variants)
  const bears = bearingOn(everything.values(), [goal, ...file.poses.flatMap((p) => standingGuard(file, p.id) ?? [])])
  const actions = new Map(
    [...everything].filter(([id]) => bears.has(id) && !avoided.has(id)).map(([id, a]) => [id, { ...a, doing: equip(a.doing, lacking) }]),
  )
  const already = start.done.flatMap((id) => everything.get(id) ?? [])
  const facts = new Set(already.flatMap((a) => a.gives))
  if (actions.size > MOST_STEPS) return fail({ kind: 'too large', steps: actions.size, most: MOST_STEPS })
  const unreachable = whyUnreachable(actions, goal, variants, facts, (id) => hiddenBehind(index, id))
  if (unreachable)
    return lacking.size > 0 ? forWantOfTools(file, from, goals, options, index, lacking, fail(unreachable)) : fail(unreachable)
  const sets = cheapestCompletion(actions, goal, variants, facts)
  const earlier = new Set(start.done)
  const open = [...actions.values()].filter((a) => !earlier.has(a.id) && usableModes(a.doing, variants).length > 0).sort(byTitle)
  const setting: Setting = {
    poses: file.poses.map((p) => p.id),
    tools: file.tools,
    pose: start.pose,
    tool: start.tool,
    turns,
    prices,
    limits: { ...(options.nodeLimit === undefined ? {} : { nodes: options.nodeLimit }), ...half(watch, 0) },
  }
  const wanted = downItems(file, open, goal, variants, facts)
  const makesSafe = (id: string): boolean => actions.get(id)!.kind === 'prove' || powerOf(index, actions.get(id)!, 'down') !== undefined
  const nearer = nearness(index)
  const near = (a: string, b: string): number => nearer(everything.get(a)!, everything.get(b)!)
  const down = cheapestOrder(wanted.items, wanted.goal, { early: makesSafe, near }, setting)
  // A turn that wants a jack which is not here is no turn.
  const unlifted = meant.poseMoves.find((m) => m.with?.some((id) => lacking.has(id)))
  const forWantOfLift = (): PlanResult | null =>
    unlifted
      ? fail({
          kind: 'missing-tool',
          tool: nameOf(
            index,
            unlifted.with!.find((id) => lacking.has(id))!,
          ),
          step: unlifted.title,
        })
      : null
  if (!down)
    return (
      forWantOfLift() ??
      noTurn(sets?.best.actions ?? new Set(), actions, start.pose, turns) ??
      fail({ kind: 'cycle', limb: 'down', loop: contradicting(wanted.items, wanted.goal, setting) })
    )
  const chosen = [...down.placed.map((p) => open[p.index]!)].sort(byTitle)
  const named = (s: PlannedStep): PlannedStep => ({ ...s, title: titleWithEnd(index, goals, s) })
  const downSteps = writeDown(index, open, chosen, down, start, turns, goalNames, wish, variants, toStand, options.tray).map(named)

  const all = [...already, ...chosen]
  const atTheBottom = new Set<string>(all.flatMap((a) => a.gives))
  const returns = (spared: ReadonlySet<string> | null): readonly UpAction[] =>
    [...compileUp(index, variants, all, spared)]
      .sort(upByTitle)
      .map((u) => ({ ...u, doing: orByFeel(index, u, options.byFeel ?? 'covers') }))
  const unspared = returns(new Set())
  const stopped = stoppedBy(index, unspared, lacking)
  if (stopped) return fail({ kind: 'missing-tool', ...stopped })
  const bottom = down.placed.at(-1)?.pose ?? start.pose
  const atBottom = { ...setting, pose: bottom, tool: null, limits: { ...setting.limits, ...half(watch, 1) } }
  const wayUp = (spared: ReadonlySet<string> | null) => {
    const ups = (spared?.size === 0 ? unspared : returns(spared)).map((u) => ({ ...u, doing: equip(u.doing, lacking) }))
    const back = upItems(file, ups, variants, atTheBottom)
    const actionOf = new Map(ups.map((u) => [u.id, u.action]))
    const apartAgain = new Set(ups.flatMap((u) => (u.again === 'apart' ? [u.id] : [])))
    const equals: AmongEquals = {
      // Nobody turns or lets down a live machine that may as well be dead.
      early: (id) => apartAgain.has(id),
      near: (a, b) => nearer(actionOf.get(a)!, actionOf.get(b)!),
    }
    return { ups, back, planned: cheapestOrder(back.items, back.goal, equals, atBottom) }
  }
  // A file may leave no way but to make it live before something is back: what a circle names is spared, one by one.
  const spared = new Set<string>()
  let last = wayUp(spared)
  for (let n = 0; !last.planned && n < MOST_SPARED; n++) {
    const circle = contradicting(last.back.items, last.back.goal, atBottom)
    const source = last.ups.find((u) => u.action && circle.includes(u.id) && u.answers && powerOf(index, u.answers, 'up') !== undefined)
    const held = circle.find((id) => id !== source?.id && !spared.has(id) && source?.after.includes(id))
    if (held === undefined) break
    spared.add(held)
    last = wayUp(spared)
  }
  const { ups, back, planned: found } = last.planned ? last : wayUp(null)
  if (!found) {
    const unready = toStand.length === 0 ? posesToMakeReady(file, ups, bottom) : []
    if (unready.length > 0) return planned(given, from, goals, options, watch, unready)
    return forWantOfLift() ?? noWayBack(file, ups, back, atBottom, variants)
  }
  const reverse = cheapestOrder(
    reversed(file, ups, back.items, [...start.done, ...down.placed.map((p) => open[p.index]!.id)]),
    back.goal,
    AS_FOUND,
    { ...atBottom, limits: { nodes: LOOKED_AT } },
  )
  const up = options.upOrder === 'reverse' && reverse ? reverse : found
  const upSteps = writeUp(index, ups, up, bottom, turns, downSteps, already, variants, atTheBottom).map(named)
  const steps = [...downSteps, ...upSteps]

  return ok({
    planner: PLANNER_VERSION,
    provedAs: provedAs(index, variants),
    goals,
    down: limb(withPairs(downSteps, upSteps), down),
    swap: goals.flatMap((id) =>
      (index.goals.get(id)!.swap ?? []).map(({ part, ...rest }) => {
        const found = part === undefined ? undefined : index.parts.get(part)
        return {
          ...rest,
          ...(goals.length > 1 ? { job: index.goals.get(id)!.name, goal: id } : {}),
          ...(found ? { part: { id: found.id, name: found.name } } : {}),
          ...(found?.compare ? { compare: found.compare } : {}),
          ...someOf('opens', opensBySwap(index, part)),
        }
      }),
    ),
    up: limb(upSteps, up),
    upOrder: up === found ? 'planned' : 'reverse',
    reverseMore: reverse ? Math.max(0, reverse.cost - found.cost) : null,
    rejected: rejectedSets(
      down.placed.map((p) => open[p.index]!.id),
      down.cost,
      sets ? [sets.best, ...sets.others] : [],
      (set) => {
        const some = open.filter((a) => set.has(a.id))
        const items = downItems(file, some, goal, variants, facts)
        const found = cheapestOrder(items.items, items.goal, AS_FOUND, { ...setting, limits: { nodes: LOOKED_AT } })
        return found && { used: found.placed.map((p) => some[p.index]!.id), cost: found.cost }
      },
      (id) => actions.get(id)!.doing.title,
    ),
    tools: toolNeeds(index, steps),
    consumables: consumableNeeds(index, steps),
    helper: { down: secondPerson(downSteps), up: secondPerson(upSteps) },
    ...someOf('underPower', underPower(upSteps, last.planned ? spared : null)),
    restore: chosen
      .filter((a) => a.kind === 'prepare' || a.kind === 'push aside')
      .filter((a) => index.steps.get(a.subject)?.limb === 'both')
      .map((a) => index.steps.get(a.subject)?.up?.title ?? a.doing.title),
  })
}

/** Poses that a return or a check cannot do without, and that the machine cannot be stood in as it is. */
function posesToMakeReady(file: MachineFile, ups: readonly UpAction[], now: string): readonly string[] {
  return [
    ...new Set(
      ups.flatMap(({ doing }) => {
        const poses = doing.modes.flatMap((m) => m.poses)
        return poses.every((p) => p !== now && standingGuard(file, p)) ? poses.slice(0, 1) : []
      }),
    ),
  ]
}

/**
 * Steps that are done in a live machine though they do not wait for that: the file leaves no other way. What holds, or makes room, may
 * stay.
 * @param spared what the file leaves no way to do before; null where it is never made dead again
 */
function underPower(up: readonly PlannedStep[], spared: ReadonlySet<string> | null): readonly string[] {
  const live = up.findIndex((s) => s.power === 'live')
  if (live < 0) return []
  // Where it is never made dead again, whatever is worked on after it counts.
  const waits = new Set([up[live]!.id])
  for (const s of spared ? up : []) if (!spared?.has(s.action) && s.after?.some((id) => waits.has(id))) waits.add(s.id)
  return up.slice(live + 1).flatMap((s) => (s.kind === 'prepare' || s.kind === 'push aside' || waits.has(s.id) ? [] : [s.title]))
}

/** What is only counted or has one order needs no choosing among equals. */
const AS_FOUND: AmongEquals = { early: () => false, near: () => 0 }

/** By what is said, so that nothing told depends on ids. */
const byTitle = (a: Action, b: Action): number =>
  a.doing.title < b.doing.title || (a.doing.title === b.doing.title && a.id < b.id) ? -1 : 1

const upByTitle = (a: UpAction, b: UpAction): number =>
  a.doing.title < b.doing.title || (a.doing.title === b.doing.title && a.id < b.id) ? -1 : 1

const nameOf = (index: FileIndex, tool: string): string => index.tools.get(tool)?.name ?? tool

/** A list that has something in it. */
const someOf = <K extends string, T>(key: K, list: readonly T[]): { readonly [P in K]?: readonly T[] } =>
  (list.length > 0 ? { [key]: list } : {}) as never

/** A limb of two. */
const half = ({ onProgress, ...rest }: Watch, which: 0 | 1): Watch => ({
  ...rest,
  ...(onProgress ? { onProgress: (share) => onProgress((which + share) / 2) } : {}),
})

/** No way with the tools to hand: which tool the first step that stops is short of, if there is a way with all of them. */
function forWantOfTools(
  file: MachineFile,
  from: PlanStart | 'untouched',
  goals: readonly string[],
  options: PlanOptions,
  index: FileIndex,
  lacking: ReadonlySet<string>,
  otherwise: PlanResult,
): PlanResult {
  const { toolsOwned: _, ...free } = options
  const whole = plan(file, from, goals, { ...free, nodeLimit: LOOKED_AT })
  if (!whole.ok) return whole
  const actions = compileDown(index, withWorstCase(file, options.variants))
  const stopped = stoppedBy(
    index,
    whole.value.down.steps.flatMap((s) => actions.get(s.action) ?? []),
    lacking,
  )
  return stopped ? fail({ kind: 'missing-tool', ...stopped }) : otherwise
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
  return {
    steps,
    minutes: { handsOn, elapsed },
    together: together(steps),
    bound: order.bound,
    gap: order.bound > 0 ? (order.cost - order.bound) / order.bound : 0,
    proved: order.proved,
  }
}

/** A step of the least way to the goal that is done only in poses that cannot be had. */
function noTurn(best: ReadonlySet<string>, actions: ReadonlyMap<string, Action>, pose: string, turns: Turns): PlanResult | null {
  for (const id of [...best].sort()) {
    const { doing } = actions.get(id)!
    const poses = doing.modes.flatMap((m) => m.poses)
    if (!poses.some((p) => Number.isFinite(turns.cost(pose, p))))
      return fail({ kind: 'no way to turn', from: pose, to: poses[0] ?? '', step: doing.title })
  }
  return null
}

/** Why the way up has no order: a return that is never open or has no pose, else returns that wait for each other. */
function noWayBack(
  file: MachineFile,
  ups: readonly UpAction[],
  { items, goal }: ReturnType<typeof upItems>,
  setting: Setting,
  variants: Variants,
): PlanResult {
  const never = ups.find((up) => up.id === neverOpen(items, setting))
  if (never) return fail({ kind: 'never back', step: never.doing.title })
  const loop = contradicting(items, goal, setting)
  const stuck = ups.find((up) =>
    usableModes(up.doing, variants).every((m) => m.poses.every((p) => p !== setting.pose && standingGuard(file, p))),
  )
  return loop.length > 0 || !stuck
    ? fail({ kind: 'cycle', limb: 'up', loop })
    : fail({ kind: 'no way to turn', from: setting.pose, to: stuck.doing.modes[0]?.poses[0] ?? '', step: stuck.doing.title })
}
