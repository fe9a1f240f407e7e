import {
  both,
  type Doing,
  factKey,
  factsIn,
  type FileIndex,
  type Guard,
  type Minutes,
  type Mode,
  actionId,
  type FactKey,
  off,
  offOf,
  readFact,
} from '../machine'
import { type Action, wanted } from './actions'
import { type At, cautionsAt } from '../cautions'
import { standsIn } from './equip'
import type { Limb, PartSpec, PlannedStep, PoseTurn, Reason } from './types'
import type { Turns } from './turns'

export interface Placing {
  readonly mode: Mode
  readonly pose: string
  readonly before: string
}

export function partSpecs(index: FileIndex, gives: readonly string[]): PartSpec[] {
  return gives.flatMap((fact) => {
    const part = index.parts.get(offOf(fact) ?? '')
    return part ? [{ id: part.id, name: part.name }] : []
  })
}

/** Does the guard, as it stands, ask for dead to be proved? */
export function asksDead(guard: Guard): boolean {
  if ('all' in guard) return guard.all.some(asksDead)
  if ('any' in guard) return guard.any.length > 0 && guard.any.every(asksDead)
  return 'fact' in guard && guard.fact === 'proved'
}

/** The turns that bring the machine from one pose to another; nothing where it stands so. */
export function turnBefore(turns: Turns, before: string, pose: string): PoseTurn | undefined {
  const moves = turns.path(before, pose)
  if (moves.length === 0) return undefined
  const notes = [...new Set(moves.flatMap((move) => move.note ?? []))]
  const sum = (pick: (m: Minutes) => number): number => moves.reduce((total, move) => total + pick(move.minutes), 0)
  return {
    to: pose,
    by: moves.map((move) => [move.from, move.to] as const),
    title: moves.map((move) => move.title).join(', then '),
    ...(notes.length > 0 ? { note: notes.join(' ') } : {}),
    people: moves.some((move) => move.people === 2) ? 2 : 1,
    minutes: { low: sum((m) => m.low), likely: sum((m) => m.likely), high: sum((m) => m.high) },
  }
}

/** A step as the cautions see it. */
function standingAt(index: FileIndex, action: Action, limb: Limb, doing: Doing, { mode, pose }: Placing): At {
  const some = <T>(ids: readonly (string | null)[], map: ReadonlyMap<string, T>): readonly T[] =>
    ids.flatMap((id) => map.get(id ?? '') ?? [])
  const [joint] = action.kind === 'release' ? some([action.subject], index.joints) : []
  const [connection] = action.kind === 'unplug' ? some([action.subject], index.connections) : []
  const [part] = action.kind === 'take off' ? some([action.subject], index.parts) : []
  const [step] = some([action.subject], index.steps)
  return {
    file: index.file,
    action: action.id,
    subject: action.subject,
    ...(joint ? { joint } : {}),
    ...(index.along.has(action.id) ? { along: index.along.get(action.id)! } : {}),
    ...(connection ? { connection } : {}),
    ...(part ? { part } : {}),
    ...(step && !joint && !connection && !part ? { step } : {}),
    doing,
    tools: some([mode.tool, ...(doing.with ?? [])], index.tools),
    pose,
    limb,
  }
}

/** What the file says of an action, on either limb, put into a step. */
export function describe(index: FileIndex, action: Action, limb: Limb, doing: Doing, placing: Placing, turns: Turns) {
  const tool = placing.mode.tool === null ? undefined : index.tools.get(placing.mode.tool)
  const instead = standsIn(placing.mode)
  const turn = turnBefore(turns, placing.before, placing.pose)
  const joint = action.kind === 'release' ? index.joints.get(action.subject) : undefined
  return {
    action: action.id,
    kind: action.kind,
    title: doing.title,
    ...(doing.note !== undefined ? { note: doing.note } : {}),
    ...(doing.photo !== undefined ? { photo: doing.photo } : {}),
    ...(doing.counterHold !== undefined ? { counterHold: doing.counterHold } : {}),
    ...(doing.ifOmitted !== undefined ? { ifOmitted: doing.ifOmitted } : {}),
    pose: placing.pose,
    ...(turn ? { turn } : {}),
    ...(tool
      ? {
          tool: {
            id: tool.id,
            name: tool.name,
            short: tool.short,
            ...(tool.size !== undefined ? { size: tool.size } : {}),
            ...(tool.why !== undefined ? { why: tool.why } : {}),
            ...(tool.adapter ? { adapter: tool.adapter } : {}),
          },
        }
      : {}),
    ...(instead
      ? {
          substitute: {
            for: index.tools.get(instead.tool)?.name ?? instead.tool,
            tool: instead.tool,
            risk: instead.risk,
            ...(instead.byFeel ? { byFeel: true as const } : {}),
          },
        }
      : {}),
    people: placing.mode.people,
    minutes: placing.mode.minutes,
    ...(doing.wants ? { wants: doing.wants } : {}),
    ...(doing.relations ? { relations: doing.relations } : {}),
    ...(doing.looks ? { looks: doing.looks } : {}),
    ...(doing.wait !== undefined ? { wait: doing.wait } : {}),
    ...(doing.waitFor !== undefined ? { waitFor: doing.waitFor } : {}),
    ...(joint?.role === 'cover' ? { cover: true as const } : {}),
    // Those that the file names stand first.
    cautions: [...new Set([...(doing.cautions ?? []), ...cautionsAt(standingAt(index, action, limb, doing, placing))])],
    consumables: doing.consumables ?? [],
  }
}

/** The actions that bear on any of the guards: what gives a fact they name, what that needs, and so on. */
export function bearingOn(actions: Iterable<Action>, guards: readonly Guard[]): Set<string> {
  const givers = new Map<string, Action[]>()
  const byId = new Map<string, Action>()
  for (const a of actions) {
    byId.set(a.id, a)
    for (const fact of a.gives) givers.set(fact, [...(givers.get(fact) ?? []), a])
  }
  const seen = new Set<string>()
  const open: Guard[] = [...guards]
  const see = (action: Action | undefined): void => {
    if (!action || seen.has(action.id)) return
    seen.add(action.id)
    open.push(action.needs, ...action.doing.modes.flatMap((m) => m.guard ?? []))
    if (action.load) see(byId.get(action.load.supportAction))
  }
  for (let guard = open.pop(); guard; guard = open.pop()) for (const fact of factsIn(guard)) givers.get(factKey(fact))?.forEach(see)
  return seen
}

/**
 * What the electrical state becomes when this action is done, or undone on the way up: by the pack’s plug, or by the mains where
 * there is no pack.
 */
export function powerOf(index: FileIndex, action: Action, limb: 'down' | 'up'): PlannedStep['power'] {
  const { pack, energy } = index.file
  const plug = pack?.plug ?? energy.find((e) => e.kind === 'mains')?.releasedBy
  if (plug !== undefined && action.id === actionId('unplug', plug)) return limb === 'down' ? 'isolated' : 'live'
  if (pack && action.gives.includes(off(pack.part))) return limb === 'down' ? 'out' : 'isolated'
  return undefined
}

/** Every chosen action that asks for something this one gives, or the job to do itself. */
export function reasonsFor(action: Action, chosen: readonly Action[], goalNames: readonly string[], goal: Guard): Reason[] {
  const asks = (guard: Guard): boolean =>
    'all' in guard ? guard.all.some(asks) : 'any' in guard ? guard.any.some(asks) : 'fact' in guard && action.gives.includes(factKey(guard))
  const reasons = chosen
    .filter(
      (other) => other.id !== action.id && (asks(wanted(other)) || (other.load !== undefined && action.gives.includes(other.load.support))),
    )
    .map((other) => ({ wantedBy: other.id, title: other.doing.title }))
  return asks(goal) ? [{ wantedBy: 'goal', title: goalNames.join(' + ') }, ...reasons] : reasons
}

/** Down: the action's own needs, with the support that the last fixing of a load path asks for. */
export function needsOf(action: Action): Guard {
  if (!action.load) return action.needs
  const fact = (key: FactKey): Guard => readFact(key)!
  const notLast = action.load.others.map((key): Guard => ({ not: fact(key) }))
  return both(action.needs, { any: [fact(action.load.support), ...notLast] })
}
