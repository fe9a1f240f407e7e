import {
  both,
  type Doing,
  type Fact,
  type ActionId,
  actionId,
  type FactKey,
  factKey,
  off,
  type FileIndex,
  type Guard,
  holds,
  type Joint,
  jointsToRest,
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
  const put = (action: Action): void => void actions.set(action.id, action)
  for (const joint of index.file.joints) {
    if (!holds(joint.when, no, variants)) continue
    const load = loadOf(index, joint)
    put({
      id: actionId('undo', joint.id),
      kind: 'release',
      subject: joint.id,
      doing: joint.down,
      needs: expand(
        index,
        both(joint.access, joint.down.guard, ...(joint.frees ?? []).map((id) => freeGuard(index, id, variants, joint.id))),
      ),
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
    if (!part.lift) continue
    put({
      id: actionId('off', part.id),
      kind: 'take off',
      subject: part.id,
      doing: part.lift,
      needs: expand(index, both(freeGuard(index, part.id, variants), part.access, part.lift.guard)),
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
      needs: expand(index, both(connection.access, connection.down.guard)),
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

/** Modes of a step that the variants allow. */
export function usableModes(doing: Doing, variants: Variants): readonly Mode[] {
  return doing.modes.filter((mode) => !mode.guard || holds(mode.guard, () => true, variants))
}

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

/** `exposed` is not done by anything: it stands for the access guard of the thing itself. */
function expand(index: FileIndex, guard: Guard, depth = 0): Guard {
  if ('all' in guard) return { all: guard.all.map((g) => expand(index, g, depth)) }
  if ('any' in guard) return { any: guard.any.map((g) => expand(index, g, depth)) }
  if ('fact' in guard && guard.fact === 'exposed' && depth < 20) {
    const access = index.parts.get(guard.of)?.access ?? index.joints.get(guard.of)?.access ?? index.connections.get(guard.of)?.access
    return access ? expand(index, access, depth + 1) : { all: [] }
  }
  return guard
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
