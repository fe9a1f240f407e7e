import {
  both,
  couldHold,
  type Doing,
  type Fact,
  type ActionId,
  actionId,
  type FactKey,
  factKey,
  factsIn,
  off,
  type FileIndex,
  type Guard,
  holds,
  indexFile,
  type Joint,
  jointsToRest,
  type MachineFile,
  type Mode,
  type Variants,
} from '../machine'
import type { ActionKind } from './types'

/** Something that can be done on the way down. */
export interface Action {
  readonly id: ActionId
  readonly kind: ActionKind
  /** Id in the file of the fixing, part, connection or step. */
  readonly subject: string
  readonly doing: Doing
  readonly needs: Guard
  /** Where each way of doing it asks for something more: one of those. It is asked of the removal only, not while it is off. */
  readonly ways?: Guard
  readonly gives: readonly FactKey[]
  /** Fixings of one load path: while it is the last of them still on, `support` must hold. */
  readonly load?: { readonly others: readonly FactKey[]; readonly support: FactKey; readonly supportAction: ActionId }
}

const no = (): boolean => false

/**
 * All that can be done on the way down under the given variants, by action id:
 * `undo:` a fixing, `off:` a part, `unplug:` a connection, `step:` an extra step of the file.
 */
export function compileDown(index: FileIndex, variants: Variants): Map<string, Action> {
  const actions = new Map<string, Action>()
  const put = (action: Action): void => {
    const doing = withWays(index, action.doing)
    const along = alongWith(index, action.id, variants).map((j) => off(j.id))
    actions.set(action.id, { ...action, gives: [...action.gives, ...along], doing, ...anyWay(doing, variants) })
  }
  const needing = (subject: string, ...guards: readonly (Guard | undefined)[]): Guard =>
    both(...[accessOf(index, subject)].flatMap((a) => (a ? [expand(index, a, [subject])] : [])), expand(index, both(...guards)))
  for (const joint of index.file.joints) {
    if (joint.along !== undefined || !holds(joint.when, no, variants)) continue
    const load = loadOf(index, joint)
    put({
      id: actionId('undo', joint.id),
      kind: 'release',
      subject: joint.id,
      doing: joint.down,
      needs: needing(joint.id, joint.down.guard, ...(joint.frees ?? []).map((id) => freeGuard(index, id, variants, joint.id))),
      gives: [
        off(joint.id),
        factKey({ fact: 'loosened', of: joint.id }),
        ...(joint.kind === 'valve'
          ? index.file.energy.filter((e) => e.releasedBy === joint.id).map((e) => factKey({ fact: 'deflated', of: e.of }))
          : []),
        ...(joint.frees ?? []).flatMap((id) => withRiders(index, id)).map(off),
      ],
      ...(load ? { load } : {}),
    })
  }
  for (const part of index.file.parts) {
    if (!part.lift || !holds(part.when, no, variants)) continue
    put({
      id: actionId('off', part.id),
      kind: 'take off',
      subject: part.id,
      doing: part.lift,
      needs: needing(part.id, freeGuard(index, part.id, variants), part.lift.guard),
      gives: withRiders(index, part.id).map(off),
    })
  }
  for (const connection of index.file.connections) {
    if (!holds(connection.when, no, variants)) continue
    put({
      id: actionId('unplug', connection.id),
      kind: 'unplug',
      subject: connection.id,
      doing: connection.down,
      needs: needing(connection.id, connection.down.guard),
      gives: [factKey({ fact: 'unplugged', of: connection.id })],
    })
  }
  for (const step of index.file.steps) {
    if (step.limb === 'up' || !step.down || !holds(step.when, no, variants)) continue
    put({
      id: actionId('step', step.id),
      kind: step.kind,
      subject: step.id,
      doing: step.down,
      needs: expand(index, both(step.access, step.down.guard)),
      gives: [...new Set([...(step.gives ?? []).map(factKey), factKey({ fact: 'prepared', of: step.id })])],
    })
  }
  return actions
}

/** Fixings of this variant that come away with an action. */
export const alongWith = (index: FileIndex, action: string, variants: Variants): readonly Joint[] =>
  (index.along.get(action) ?? []).filter((joint) => holds(joint.when, no, variants))

/** Modes of a step that the variants allow; whether what they ask for beside holds is a matter of order. */
export function usableModes(doing: Doing, variants: Variants): readonly Mode[] {
  return doing.modes.filter((mode) => couldHold(mode.guard, variants))
}

/** The doing with what its guards mean spelled out. */
export function withWays(index: FileIndex, doing: Doing): Doing {
  if (!doing.guard && !doing.modes.some((m) => m.guard)) return doing
  return {
    ...doing,
    ...(doing.guard ? { guard: expand(index, doing.guard) } : {}),
    modes: doing.modes.map((m) => (m.guard ? { ...m, guard: expand(index, m.guard) } : m)),
  }
}

/** One of the ways has to be open; nothing where one is open always. */
function anyWay(doing: Doing, variants: Variants): Pick<Action, 'ways'> {
  const modes = usableModes(doing, variants)
  return modes.length > 0 && modes.every((m) => m.guard) ? { ways: { any: modes.map((m) => m.guard!) } } : {}
}

/** All that has to hold before an action can be done in one of its ways. */
export const wanted = (action: Pick<Action, 'needs' | 'ways'>): Guard => (action.ways ? both(action.needs, action.ways) : action.needs)

function withRiders(index: FileIndex, partId: string): string[] {
  return [partId, ...(index.ridersOf.get(partId) ?? [])]
}

/** A part is free when its fixings to the rest are released, its leads parted and its escape holds. */
function freeGuard(index: FileIndex, partId: string, variants: Variants, except?: string): Guard {
  const part = index.parts.get(partId)
  const joints = jointsToRest(index, partId, variants).filter((joint) => joint.id !== except)
  return both(
    ...joints.map((joint): Fact => ({ fact: 'off', of: joint.id })),
    ...(part?.tethers ?? [])
      .filter((id) => holds(index.connections.get(id)?.when, no, variants))
      .map((id): Fact => ({ fact: 'unplugged', of: id })),
    part?.escape,
  )
}

/** What must hold before a thing can be seen and reached: its own guard, or a step that makes it so; undefined where it always can. */
function accessOf(index: FileIndex, id: string): Guard | undefined {
  const own = index.parts.get(id)?.access ?? index.joints.get(id)?.access ?? index.connections.get(id)?.access
  const made: Guard | undefined = index.exposedBySteps.has(id) ? { fact: 'exposed', of: id } : undefined
  return own && made ? { any: [own, made] } : (own ?? made)
}

/** Things that have to be exposed before this one is. */
export const hiddenBehind = (index: FileIndex, id: string): readonly string[] =>
  factsIn(accessOf(index, id)).flatMap((f) => (f.fact === 'exposed' && f.of !== id ? [f.of] : []))

/**
 * `exposed` stands for what must hold before the thing can be reached. Where that comes round to a thing that is itself being reached,
 * the fact stays as it is: nothing gives it.
 */
function expand(index: FileIndex, guard: Guard, reaching: readonly string[] = []): Guard {
  if ('all' in guard) return { all: guard.all.map((g) => expand(index, g, reaching)) }
  if ('any' in guard) return { any: guard.any.map((g) => expand(index, g, reaching)) }
  if (!('fact' in guard) || guard.fact !== 'exposed' || reaching.includes(guard.of)) return guard
  const access = accessOf(index, guard.of)
  return access ? expand(index, access, [...reaching, guard.of]) : { all: [] }
}

/** The file with what its poses ask for spelled out. */
export function withPosesMeant(file: MachineFile): MachineFile {
  if (!file.poseMoves.some((m) => m.guard)) return file
  const index = indexFile(file)
  return { ...file, poseMoves: file.poseMoves.map((m) => (m.guard ? { ...m, guard: expand(index, m.guard) } : m)) }
}

/** A goal's guard with `exposed` spelled out. */
export function expandGoal(index: FileIndex, guard: Guard): Guard {
  return expand(index, guard)
}

function loadOf(index: FileIndex, joint: Joint): Action['load'] {
  const path = index.file.loadPath.find((p) => p.joints.includes(joint.id))
  if (!path) return undefined
  return {
    others: path.joints.filter((id) => id !== joint.id).map(off),
    support: `supported ${path.part}`,
    supportAction: actionId('step', path.support),
  }
}
