import { indexFile, type MachineFile, readAction } from '../machine'
import { returnOf } from './fixing-specs'
import { inOrder } from './in-order'
import { turnBefore } from './steps'
import { poseTurns } from './turns'
import { DEFAULT_PRICES, type PlannedStep, type PoseTurn } from './types'

/** What keeps a step from a place: one that has to be back before another, and what comes of it where the file says. */
export interface Hindrance {
  readonly first: PlannedStep
  readonly then: PlannedStep
  readonly consequence?: string
}

/** A turn that a step now has, or has no longer. */
export interface NewTurn {
  readonly step: string
  readonly turn?: PoseTurn
}

/**
 * A step at another place: in which pose, with which turns of the machine (`added` are those that there were not), for how many minutes ×
 * people more; or what hinders it.
 */
export type Moved =
  | {
      readonly is: 'possible'
      readonly pose: string
      readonly turns: readonly NewTurn[]
      readonly added: readonly string[]
      readonly more: number
    }
  | { readonly is: 'hindered'; readonly by: readonly Hindrance[] }

/**
 * What it costs or what hinders it to do a step of the way up at another place. Each is done in the pose and with the tool that it has, the
 * one that moves as the machine stands there where it may be; what the order rested on binds it (`after`).
 * @param steps what is still to be done on the way up, in its order
 * @param now how the machine stands, and what is in hand
 * @param before the step it shall come just before; after all others where that is left out
 */
export function movedUp(
  file: MachineFile,
  steps: readonly PlannedStep[],
  now: { readonly pose: string; readonly tool: string | null },
  id: string,
  before?: string,
): Moved {
  const moved = inOrder(steps, id, before)
  const here = moved.findIndex((s) => s.id === id)
  const standing = here <= 0 ? now.pose : moved[here - 1]!.pose
  const own = moved[here]
  const pose = own && posesOf(file, own).includes(standing) ? standing : (own?.pose ?? now.pose)
  const next = moved.map((s, i) => (i === here ? { ...s, pose } : s))
  const place = new Map(next.map((s, i) => [s.id, i]))
  const by = next.flatMap((then, i) =>
    (then.after ?? []).flatMap((other) => {
      const at = place.get(other)
      return at !== undefined && at > i ? [hindrance(file, next[at]!, then)] : []
    }),
  )
  if (by.length > 0) return { is: 'hindered', by }
  const turns = poseTurns(file)
  const walk = (list: readonly PlannedStep[]): { readonly cost: number; readonly turned: readonly NewTurn[] } => {
    let { pose, tool } = now
    let cost = 0
    const turned = list.map((s): NewTurn => {
      const turn = turnBefore(turns, pose, s.pose)
      cost += turns.cost(pose, s.pose)
      if (s.tool && s.tool.id !== tool) cost += DEFAULT_PRICES.swap + (file.tools.find((t) => t.id === s.tool!.id)?.setUp ?? 0)
      pose = s.pose
      tool = s.tool?.id ?? tool
      return { step: s.id, ...(turn ? { turn } : {}) }
    })
    return { cost, turned }
  }
  const [was, is] = [walk(steps), walk(next)]
  const had = new Map(steps.map((s) => [s.id, s.turn?.title]))
  return {
    is: 'possible',
    pose,
    turns: is.turned.filter(({ step, turn }) => had.get(step) !== turn?.title),
    added: lessOf(
      is.turned.flatMap((t) => t.turn?.title ?? []),
      was.turned.flatMap((t) => t.turn?.title ?? []),
    ),
    more: Math.round((is.cost - was.cost) * 4) / 4,
  }
}

/** What one list has more than another, as often as it has it more. */
function lessOf(list: readonly string[], less: readonly string[]): readonly string[] {
  const left = [...less]
  return list.filter((x) => {
    const at = left.indexOf(x)
    if (at >= 0) left.splice(at, 1)
    return at < 0
  })
}

/** Poses in which the file lets it be done with the same tool, nothing more asked. */
function posesOf(file: MachineFile, step: PlannedStep): readonly string[] {
  const action = readAction(step.action)
  if (!action) return [step.pose]
  const index = indexFile(file)
  const down =
    index.joints.get(action.of)?.down ??
    index.parts.get(action.of)?.lift ??
    index.connections.get(action.of)?.down ??
    index.steps.get(action.of)?.down
  const doing = step.kind === 'gate' ? index.steps.get(action.of)?.up : down && returnOf(index, step.kind, action.of, down)
  return (doing?.modes ?? []).flatMap((m) => (m.guard || m.tool !== (step.tool?.id ?? null) ? [] : m.poses))
}

function hindrance(file: MachineFile, first: PlannedStep, then: PlannedStep): Hindrance {
  const rule = file.order.find((r) => r.limb === 'up' && r.first === first.action && r.then === then.action)
  const consequence = rule?.consequence ?? (first.kind === 'gate' ? first.ifOmitted : undefined)
  return { first, then, ...(consequence !== undefined ? { consequence } : {}) }
}
