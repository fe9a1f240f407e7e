import { actionId } from './ids'
import type { FileIndex } from './file-index'
import { nearest } from '../text'
import type { Doing } from './doing'
import type { FileFault, KnownIds } from './file-fault'
import type { Guard } from './guard-types'
import type { MachineFile } from './types'

/** What each look at one aspect of a file needs. */
interface Look {
  readonly file: MachineFile
  readonly index: FileIndex
  readonly faults: FileFault[]
  /** The id is in one of the maps, else it points nowhere. */
  readonly known: (at: string, id: string, ...where: readonly ReadonlyMap<string, unknown>[]) => void
  readonly guard: (at: string, g: Guard | undefined) => void
  readonly doing: (at: string, d: Doing | undefined) => void
}

/** Every id that a file names something else by is looked up; one that is nowhere is told with its place. */
export function checkReferences(file: MachineFile, index: FileIndex, ids: KnownIds, faults: FileFault[]): void {
  const look: Look = {
    file,
    index,
    faults,
    known: (at, id, ...where) => {
      if (!where.some((map) => map.has(id))) faults.push({ kind: 'dangling', at, value: id })
    },
    guard: (at, g) => checkGuard(index, at, g, faults),
    doing: (at, d) => checkDoing(index, at, d, ids, faults),
  }
  checkParts(look)
  checkJoints(look)
  checkWiring(look)
  checkAxles(look)
  checkBearings(look)
  checkWidths(look)
  checkSteps(look, ids)
  checkStands(look)
  checkWork(look)
}

function checkParts({ file, index, known, guard, doing }: Look): void {
  file.parts.forEach((part, i) => {
    const at = `/parts/${i}`
    part.of?.forEach((id, k) => known(`${at}/of/${k}`, id, index.parts))
    if (part.with !== undefined) known(`${at}/with`, part.with, index.parts)
    part.tethers?.forEach((id, k) => known(`${at}/tethers/${k}`, id, index.connections))
    guard(`${at}/when`, part.when)
    guard(`${at}/escape`, part.escape)
    guard(`${at}/access`, part.access)
    doing(`${at}/lift`, part.lift)
    doing(`${at}/back`, part.back)
  })
  file.sealed.forEach((s, i) => {
    known(`/sealed/${i}/part`, s.part, index.parts)
    s.openedBy?.forEach((id, k) => known(`/sealed/${i}/openedBy/${k}`, id, index.joints))
  })
}

function checkJoints({ file, index, faults, known, guard, doing }: Look): void {
  file.joints.forEach((joint, i) => {
    const at = `/joints/${i}`
    joint.holds.forEach((id, k) => known(`${at}/holds/${k}`, id, index.parts))
    if (new Set(joint.holds).size < 2) faults.push({ kind: 'too few', at: `${at}/holds`, value: joint.id, expected: 'two or more parts' })
    if (joint.members.length < 1) faults.push({ kind: 'too few', at: `${at}/members`, value: joint.id, expected: 'one or more members' })
    joint.frees?.forEach((id, k) => known(`${at}/frees/${k}`, id, index.parts))
    if (joint.consumable !== undefined) known(`${at}/consumable`, joint.consumable, index.consumables)
    guard(`${at}/when`, joint.when)
    guard(`${at}/access`, joint.access)
    // What comes along has no way of its own: whatever takes it must be there.
    if (joint.along !== undefined) return joint.along.forEach((id, k) => known(`${at}/along/${k}`, id, actionIds(index)))
    doing(`${at}/down`, joint.down)
    doing(`${at}/up`, joint.up)
  })
  file.stacks.forEach((stack, i) => {
    known(`/stacks/${i}/axle`, stack.axle, index.parts)
    stack.items.forEach((item, k) => {
      if (item.joint !== undefined) known(`/stacks/${i}/items/${k}/joint`, item.joint, index.joints)
    })
  })
}

/** Widths, and what of the file their pieces are. */
function checkWidths({ file, index, known, guard }: Look): void {
  const variants = new Map(file.variants.map((v) => [v.id, new Map(v.options.map((o) => [o.id, o]))]))
  ;(file.widths ?? []).forEach((set, i) => {
    guard(`/widths/${i}/when`, set.when)
    if (set.variant !== undefined) known(`/widths/${i}/variant`, set.variant, variants)
    const answers = set.variant === undefined ? undefined : variants.get(set.variant)
    set.options.forEach((option, k) => {
      if (answers) known(`/widths/${i}/options/${k}/id`, option.id, answers)
      option.pieces.forEach(({ of, under, after }, n) => {
        const at = `/widths/${i}/options/${k}/pieces/${n}`
        if (of !== undefined) known(`${at}/of`, of, index.parts, index.joints)
        if (under !== undefined) known(`${at}/under`, under, index.parts, index.joints)
        if (after !== undefined) known(`${at}/after`, after, index.joints)
      })
    })
  })
}

/** Axles, and the parts and stacks that they are of. */
function checkAxles({ file, index, known }: Look): void {
  const stacks = new Map(file.stacks.map((s) => [s.id, s]))
  ;(file.axles ?? []).forEach((axle, i) => {
    known(`/axles/${i}/part`, axle.part, index.parts)
    axle.stacks.forEach((id, k) => known(`/axles/${i}/stacks/${k}`, id, stacks))
  })
}

/** Bearings, and what puts them in. */
function checkBearings({ file, index, known }: Look): void {
  ;(file.bearings ?? []).forEach((bearing, i) => {
    if (bearing.part !== undefined) known(`/bearings/${i}/part`, bearing.part, index.parts)
    known(`/bearings/${i}/by`, bearing.by, index.joints, index.parts)
  })
}

/** Plugs, leads, and the holes that they pass. */
function checkWiring({ file, index, known, guard, doing }: Look): void {
  file.connections.forEach((connection, i) => {
    const at = `/connections/${i}`
    connection.mates.forEach((id, k) => known(`${at}/mates/${k}`, id, index.cables, index.parts))
    guard(`${at}/when`, connection.when)
    guard(`${at}/access`, connection.access)
    doing(`${at}/down`, connection.down)
    doing(`${at}/up`, connection.up)
  })
  const holes = new Map(file.holes.map((h) => [h.id, h]))
  file.cables.forEach((cable, i) => {
    const at = `/cables/${i}`
    known(`${at}/of`, cable.of, index.parts)
    cable.route.forEach((id, k) => known(`${at}/route/${k}`, id, holes, index.joints, index.connections, index.parts))
    cable.ties?.forEach((tie, k) => {
      known(`${at}/ties/${k}/joint`, tie.joint, index.joints)
      tie.shares.forEach((id, m) => known(`${at}/ties/${k}/shares/${m}`, id, index.cables))
    })
  })
  file.holes.forEach((hole, i) => known(`/holes/${i}/part`, hole.part, index.parts))
}

/** Steps, and the rules of their order. */
function checkSteps({ file, index, faults, known, guard, doing }: Look, ids: KnownIds): void {
  const actions = actionIds(index)
  file.steps.forEach((step, i) => {
    const at = `/steps/${i}`
    guard(`${at}/when`, step.when)
    guard(`${at}/access`, step.access)
    doing(`${at}/down`, step.down)
    doing(`${at}/up`, step.up)
    if (step.check !== undefined) checkKnown('unknown check', `${at}/check`, step.check, ids.checks, faults)
    step.gives?.forEach((fact, k) => checkFact(index, `${at}/gives/${k}`, fact.fact, fact.of, faults))
    step.after?.forEach((id, k) => known(`${at}/after/${k}`, id, actions))
    step.before?.forEach((id, k) => known(`${at}/before/${k}`, id, actions))
  })
  file.order.forEach((rule, i) => {
    known(`/order/${i}/first`, rule.first, actions)
    known(`/order/${i}/then`, rule.then, actions)
  })
}

/** How it stands, and what carries what. */
function checkStands({ file, index, known, guard }: Look): void {
  file.loadPath.forEach((path, i) => {
    known(`/loadPath/${i}/part`, path.part, index.parts)
    known(`/loadPath/${i}/support`, path.support, index.steps)
    path.joints.forEach((id, k) => known(`/loadPath/${i}/joints/${k}`, id, index.joints))
  })
  file.poseMoves.forEach((move, i) => {
    known(`/poseMoves/${i}/from`, move.from, index.poses)
    known(`/poseMoves/${i}/to`, move.to, index.poses)
    guard(`/poseMoves/${i}/guard`, move.guard)
    move.with?.forEach((id, k) => known(`/poseMoves/${i}/with/${k}`, id, index.tools))
  })
}

/** Drives, pack, what is stored, and the jobs. */
function checkWork({ file, index, known, guard }: Look): void {
  file.drives.forEach((drive, i) => {
    known(`/drives/${i}/part`, drive.part, index.parts)
    known(`/drives/${i}/carriedBy`, drive.carriedBy, index.parts)
  })
  if (file.pack) {
    known('/pack/part', file.pack.part, index.parts)
    known('/pack/plug', file.pack.plug, index.connections)
  }
  file.energy.forEach((e, i) => {
    known(`/energy/${i}/of`, e.of, index.parts)
    if (e.releasedBy !== undefined) known(`/energy/${i}/releasedBy`, e.releasedBy, index.steps, index.joints, index.connections)
  })
  const widths = new Map((file.widths ?? []).map((w) => [w.id, w]))
  file.goals.forEach((goal, i) => {
    guard(`/goals/${i}/when`, goal.when)
    guard(`/goals/${i}/guard`, goal.guard)
    goal.swap?.forEach((s, k) => {
      if (s.part !== undefined) known(`/goals/${i}/swap/${k}/part`, s.part, index.parts)
      if (s.converts !== undefined) known(`/goals/${i}/swap/${k}/converts`, s.converts, widths)
    })
  })
}

/** Ids of all actions that a file can lead to, as order rules and checks name them: `undo:x`, `off:x`, `unplug:x`, `step:x`. */
function actionIds(index: FileIndex): ReadonlyMap<string, true> {
  return new Map([
    ...[...index.joints.values()].filter((j) => j.along === undefined).map((j) => [actionId('undo', j.id), true] as const),
    ...[...index.parts.values()].filter((p) => p.lift).map((p) => [actionId('off', p.id), true] as const),
    ...[...index.connections.keys()].map((id) => [actionId('unplug', id), true] as const),
    ...[...index.steps.keys()].map((id) => [actionId('step', id), true] as const),
  ])
}

function checkGuard(index: FileIndex, at: string, guard: Guard | undefined, faults: FileFault[]): void {
  if (!guard) return
  if ('all' in guard) return guard.all.forEach((g, i) => checkGuard(index, `${at}/all/${i}`, g, faults))
  if ('any' in guard) {
    if (guard.any.length === 0) faults.push({ kind: 'never true', at, value: 'any of nothing' })
    return guard.any.forEach((g, i) => checkGuard(index, `${at}/any/${i}`, g, faults))
  }
  if ('not' in guard) {
    if ('all' in guard.not || 'any' in guard.not || 'not' in guard.not) {
      faults.push({ kind: 'bad not', at: `${at}/not`, value: Object.keys(guard.not)[0] ?? '', expected: 'a variant or one fact' })
    }
    return checkGuard(index, `${at}/not`, guard.not, faults)
  }
  if ('fact' in guard) return checkFact(index, at, guard.fact, guard.of, faults)
  const variant = index.file.variants.find((v) => v.id === guard.variant)
  if (!variant) faults.push({ kind: 'dangling', at: `${at}/variant`, value: guard.variant })
  else if (!variant.options.some((o) => o.id === guard.is)) {
    faults.push({ kind: 'dangling', at: `${at}/is`, value: guard.is, expected: variant.options.map((o) => o.id).join(', ') })
  }
}

function checkFact(index: FileIndex, at: string, fact: string, of: string, faults: FileFault[]): void {
  const { parts, joints, connections, cables, steps } = index
  const where: Record<string, readonly ReadonlyMap<string, unknown>[]> = {
    off: [parts, joints, cables],
    loosened: [joints],
    unplugged: [connections],
    'de-pinned': [connections],
    exposed: [parts, joints, connections],
    supported: [parts],
    drained: [parts],
    deflated: [parts],
    prepared: [steps],
    proved: [new Map([['dead', true]])],
  }
  const maps = where[fact]
  if (!maps) faults.push({ kind: 'dangling', at: `${at}/fact`, value: fact })
  else if (!maps.some((map) => map.has(of))) faults.push({ kind: 'dangling', at: `${at}/of`, value: of })
}

/** An id of a closed list that is not in it: refused by name, with the nearest that is. */
function checkKnown(kind: 'unknown check' | 'unknown caution', at: string, id: string, list: readonly string[], faults: FileFault[]): void {
  if (list.includes(id)) return
  const near = nearest(id, list)
  faults.push({ kind, at, value: id, ...(near !== null ? { expected: near } : {}) })
}

function checkDoing(index: FileIndex, at: string, doing: Doing | undefined, ids: KnownIds, faults: FileFault[]): void {
  if (!doing) return
  doing.cautions?.forEach((id, i) => checkKnown('unknown caution', `${at}/cautions/${i}`, id, ids.cautions, faults))
  checkGuard(index, `${at}/guard`, doing.guard, faults)
  if (doing.modes.length === 0) faults.push({ kind: 'too few', at: `${at}/modes`, value: doing.title, expected: 'one or more ways' })
  doing.covers?.forEach((id, i) => {
    if (!index.joints.has(id)) faults.push({ kind: 'dangling', at: `${at}/covers/${i}`, value: id })
  })
  doing.with?.forEach((id, i) => {
    if (!index.tools.has(id)) faults.push({ kind: 'dangling', at: `${at}/with/${i}`, value: id })
  })
  doing.consumables?.forEach((use, i) => {
    if (!index.consumables.has(use.consumable))
      faults.push({ kind: 'dangling', at: `${at}/consumables/${i}/consumable`, value: use.consumable })
  })
  doing.modes.forEach((mode, i) => {
    const here = `${at}/modes/${i}`
    mode.poses.forEach((id, k) => {
      if (!index.poses.has(id)) faults.push({ kind: 'dangling', at: `${here}/poses/${k}`, value: id })
    })
    if (mode.poses.length === 0) faults.push({ kind: 'too few', at: `${here}/poses`, value: doing.title, expected: 'one or more poses' })
    if (mode.tool !== null && !index.tools.has(mode.tool)) faults.push({ kind: 'dangling', at: `${here}/tool`, value: mode.tool })
    mode.substitutes?.forEach((s, k) => {
      if (!index.tools.has(s.tool)) faults.push({ kind: 'dangling', at: `${here}/substitutes/${k}/tool`, value: s.tool })
    })
    checkGuard(index, `${here}/guard`, mode.guard, faults)
  })
}
