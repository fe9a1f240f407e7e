import {
  both,
  factKey,
  factsIn,
  type FileIndex,
  type Joint,
  settled,
  type Variants,
  actionId,
  poseWish,
  stepId,
  cellName,
  type Tray,
} from '../machine'
import { type Action, alongWith } from './actions'
import type { Sequence } from './order'
import { endsOf, isHeavy, takesTorque } from './gates'
import { opensOf } from './opens'
import { fixingSpecs, jointFacts, lengthFacts, plugFacts } from './fixing-specs'
import { asksDead, describe, needsOf, partSpecs, powerOf, reasonsFor } from './steps'
import { waitsInOrder } from './standing'
import { standingGuard, type Turns } from './turns'
import type { FixingSpec, PlannedStep, PlanStart, Reason } from './types'
import type { UpAction } from './way-up'

/** The steps of the way down, numbered, with a cell of the tray for every fixing. */
export function writeDown(
  index: FileIndex,
  open: readonly Action[],
  chosen: readonly Action[],
  order: Sequence,
  start: PlanStart,
  turns: Turns,
  goalNames: readonly string[],
  goal: Parameters<typeof reasonsFor>[3],
  variants: Variants,
  toStand: readonly string[],
  tray?: Tray,
): PlannedStep[] {
  let before = start.pose
  let cells = 0
  const taken = new Set(start.cells)
  const nextCell = (): string => {
    while (taken.has(cellName(cells, tray))) cells++
    return cellName(cells++, tray)
  }
  let number = 0
  const poses = [...new Set([...order.placed.map((p) => p.pose), ...toStand])]
  const cameAlong = new Set<string>(start.done.flatMap((id) => (index.along.get(id) ?? []).map((j) => j.id)))
  const untaken = (j: Joint): boolean => !cameAlong.has(j.id) && cameAlong.add(j.id) !== undefined
  const placed = new Set<string>(order.placed.map((p) => open[p.index]!.id))
  const must = index.file.order.filter((r) => r.limb === 'down' && r.strength === 'must' && placed.has(r.first))
  return order.placed.map(({ index: i, mode, pose: here }) => {
    const action = open[i]!
    const joint = action.kind === 'release' ? index.joints.get(action.subject) : undefined
    const numbered = action.kind !== 'prove' && action.kind !== 'support'
    const power = powerOf(index, action, 'down')
    const check = index.steps.get(action.subject)?.check
    const opens = opensOf(index, action)
    const ends = endsOf(index, action)
    const after = must.filter((r) => r.then === action.id).map((r) => stepId('down', r.first))
    const step: PlannedStep = {
      id: stepId('down', action.id),
      limb: 'down',
      ...describe(index, action, 'down', action.doing, { mode, pose: here, before }, turns),
      ...(numbered ? { number: ++number } : {}),
      why: [...reasonsFor(action, chosen, goalNames, goal), ...standingReasons(index, action, poses)],
      gives: action.gives,
      needs: settled(both(needsOf(action), mode.guard, standingGuard(index.file, here)), variants),
      ...(after.length > 0 ? { after } : {}),
      ...(asksDead(action.needs) ? { dead: true as const } : {}),
      ...(power ? { power } : {}),
      ...(action.kind === 'prove' && check !== undefined ? { check } : {}),
      fixings: [...(joint ? [joint] : []), ...alongWith(index, action.id, variants).filter(untaken)].flatMap((j) =>
        fixingSpecs(j, nextCell),
      ),
      parts: partSpecs(index, action.gives),
      ...(opens.length > 0 ? { opens } : {}),
      ...(isHeavy(index, action, action.doing) ? { heavy: true as const } : {}),
      ...(ends !== undefined ? { ends } : {}),
    }
    before = here
    return step
  })
}

/** The steps of the way up: the returns, each a pair with its step down where there is one, and the checks. */
export function writeUp(
  index: FileIndex,
  ups: readonly UpAction[],
  order: Sequence,
  pose: string,
  turns: Turns,
  down: readonly PlannedStep[],
  already: readonly Action[],
  variants: Variants,
  facts: ReadonlySet<string>,
): PlannedStep[] {
  let before = pose
  const byAction = new Map(down.map((s) => [s.action, s]))
  const earlier = new Set(already.map((a) => a.id))
  const waits = waitsInOrder(index.file, ups, order.placed, variants, facts)
  return withReopening(
    down,
    order.placed.map(({ index: i, mode, pose: here }) => {
      const up = ups[i]!
      const answered = up.answers ? byAction.get(up.answers.id) : undefined
      const joint = up.answers?.kind === 'release' ? index.joints.get(up.answers.subject) : undefined
      const plug = up.answers?.kind === 'unplug' ? index.connections.get(up.answers.subject) : undefined
      const along = up.answers ? alongWith(index, up.answers.id, variants).map((j) => j.id) : []
      const covers = (up.doing.covers ?? (joint ? [joint.id] : [])).flatMap((id) => {
        const action = actionId('undo', id)
        return byAction.get(action)?.fixings.filter((f) => f.joint === id) ?? (earlier.has(action) ? bareSpecs(index, id) : [])
      })
      const members = [
        ...covers,
        ...along.flatMap(
          (id) => answered?.fixings.filter((f) => f.joint === id) ?? (earlier.has(up.answers!.id) ? bareSpecs(index, id) : []),
        ),
      ]
      const lengths = [...new Set(members.map((m) => m.joint))].flatMap((id) => lengthFacts(index, index.joints.get(id)!))
      const power = up.answers
        ? powerOf(index, up.answers, 'up')
        : up.again === 'apart'
          ? 'isolated'
          : up.again === 'joined'
            ? 'live'
            : undefined
      const passes = up.doing.passes ?? (members.length > 0 ? (['final'] as const) : undefined)
      const final = passes?.includes('final') ?? false
      const step: PlannedStep = {
        id: stepId('up', up.id),
        limb: 'up',
        // What is parted again is minded as on the way down.
        ...describe(index, up.action, up.again === 'apart' ? 'down' : 'up', up.doing, { mode, pose: here, before }, turns),
        ...(answered?.number !== undefined
          ? { number: answered.number, pair: answered.id }
          : up.answers && earlier.has(up.answers.id)
            ? { pair: stepId('down', up.answers.id) }
            : {}),
        why: up.doing.ifOmitted !== undefined ? [{ wantedBy: 'file', title: up.doing.ifOmitted }] : [],
        gives: up.answers?.gives ?? [],
        after: [...new Set([...up.after, ...(waits.get(up.id) ?? [])])].map((id) => stepId('up', id)),
        ...(power ? { power } : {}),
        ...(power && !index.file.pack ? { mains: true as const } : {}),
        ...(up.answers && asksDead(up.answers.needs) ? { dead: true as const } : {}),
        fixings: members,
        parts: up.answers ? partSpecs(index, up.answers.gives) : [],
        ...(passes ? { passes } : {}),
        ...(final && joint ? { joint: jointFacts(joint) } : {}),
        ...(plug?.torque !== undefined || plug?.thread !== undefined ? { joint: plugFacts(plug) } : {}),
        ...(final && joint?.torque ? { torque: joint.torque } : plug?.torque ? { torque: plug.torque } : {}),
        ...(final && joint?.lock ? { lock: joint.lock } : {}),
        ...(joint?.pattern !== undefined ? { pattern: joint.pattern } : {}),
        ...(up.check !== undefined ? { check: up.check } : {}),
        ...(final && up.answers && takesTorque(index, up.answers) ? { reaction: true as const } : {}),
        ...(lengths.length > 0 ? { lengths } : {}),
        ...(index.steps.get(up.action.subject)?.again && up.check !== undefined ? { again: true as const } : {}),
        ...(up.answers?.kind === 'take off' &&
        joint === undefined &&
        index.parts.get(up.answers.subject)?.lift &&
        isCover(index, up.answers.subject)
          ? { cover: true as const }
          : {}),
      }
      before = here
      return step
    }),
  )
}

/** Fixings that came off before this plan: where they lie is in the journal. */
const bareSpecs = (index: FileIndex, joint: string): FixingSpec[] => fixingSpecs(index.joints.get(joint)!, () => undefined)

/** A step that only makes room for the machine to be turned says so. */
function standingReasons(index: FileIndex, action: Action, poses: readonly string[]): Reason[] {
  return poses.flatMap((pose) =>
    factsIn(standingGuard(index.file, pose)).some((f) => action.gives.includes(factKey(f)))
      ? [{ wantedBy: poseWish(pose), title: `stand it ${index.poses.get(pose)!.name}` }]
      : [],
  )
}

/** What a check that is made before something closes would cost if it were made after: that down and up again. */
function withReopening(down: readonly PlannedStep[], up: readonly PlannedStep[]): PlannedStep[] {
  const downOf = new Map(down.map((s) => [s.id, s]))
  return up.map((check, i) => {
    if (check.kind !== 'gate') return check
    const closed = new Set([check.id])
    let minutes = 0
    for (const step of up.slice(i + 1)) {
      if (!step.after?.some((id) => closed.has(id))) continue
      closed.add(step.id)
      minutes += step.minutes.likely + (step.pair === undefined ? 0 : (downOf.get(step.pair)?.minutes.likely ?? 0))
    }
    return minutes > 0 ? { ...check, reopen: minutes } : check
  })
}

const isCover = (index: FileIndex, partId: string): boolean => index.file.joints.some((j) => j.role === 'cover' && j.holds[0] === partId)
