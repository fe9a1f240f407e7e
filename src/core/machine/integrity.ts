import { feedOrder } from './feeding'
import { factsIn, holds } from './guards'
import { closureOf, type FileIndex, indexFile } from './file-index'
import { isWellFormed } from '../text'
import type { FileFault, KnownIds } from './file-fault'
import { checkFits } from './check-fits'
import { checkReferences } from './references'
import type { Hole, MachineFile } from './types'

const ID = /^[a-z][a-z0-9.-]*$/i

const LISTS = [
  'variants',
  'drives',
  'energy',
  'parts',
  'joints',
  'connections',
  'cables',
  'holes',
  'steps',
  'order',
  'poses',
  'stacks',
  'tools',
  'consumables',
  'goals',
] as const

/**
 * What is wrong inside a machine file whose shape is already sound: ids that point nowhere, ids used twice,
 * parts that nothing frees. An empty list means the file hangs together. Unreachable goals are told by the planner.
 */
export function checkIntegrity(file: MachineFile, ids: KnownIds): FileFault[] {
  const faults: FileFault[] = []
  checkTexts(file, '', faults)
  checkNames(file, faults)
  const index = indexFile(file)
  checkIds(file, faults)
  checkReferences(file, index, ids, faults)
  checkPassing(file, faults)
  checkTurns(file, faults)
  checkFreed(index, faults)
  checkFits(file, faults)
  return faults
}

/** A file's id is an address, and the name of a file. */
function checkNames(file: MachineFile, faults: FileFault[]): void {
  if (!ID.test(file.id) || file.id.length > 60)
    faults.push({
      kind: 'bad id',
      at: '/id',
      value: file.id.slice(0, 60),
      expected: 'a letter, then letters, digits, dots or dashes, at most 60',
    })
  if (!/^[\w.-]{1,60}$/.test(file.revision))
    faults.push({
      kind: 'bad id',
      at: '/revision',
      value: file.revision.slice(0, 60),
      expected: 'letters, digits, dots, dashes or lines below, at most 60',
    })
}

function checkIds(file: MachineFile, faults: FileFault[]): void {
  const seen = new Map<string, string>()
  const note = (at: string, id: string): void => {
    if (!ID.test(id)) faults.push({ kind: 'bad id', at, value: id, expected: 'a letter, then letters, digits, dots or dashes' })
    const before = seen.get(id)
    if (before !== undefined) faults.push({ kind: 'duplicate id', at, value: id, expected: `unique; also at ${before}` })
    else seen.set(id, at)
  }
  for (const list of LISTS) file[list].forEach((item, i) => note(`/${list}/${i}/id`, item.id))
  file.joints.forEach((joint, i) => joint.members.forEach((m, k) => note(`/joints/${i}/members/${k}/id`, m.id)))
}

/** Texts with half a surrogate pair or a NUL cannot be stored and shown everywhere. */
function checkTexts(value: unknown, at: string, faults: FileFault[]): void {
  if (typeof value === 'string') {
    if (!isWellFormed(value)) faults.push({ kind: 'bad text', at, value: '' })
  } else if (value !== null && typeof value === 'object') {
    for (const [key, member] of Object.entries(value)) {
      if (!isWellFormed(key)) faults.push({ kind: 'bad text', at, value: '' })
      else checkTexts(member, `${at}/${key.replaceAll('~', '~0').replaceAll('/', '~1')}`, faults)
    }
  }
}

/** A connector larger than a hole on its route has to be taken apart to pass: some step has to give that. */
function checkPassing(file: MachineFile, faults: FileFault[]): void {
  const apart = new Set(file.steps.flatMap((s) => (s.gives ?? []).flatMap((g) => (g.fact === 'de-pinned' ? [g.of] : []))))
  for (const hole of file.holes) {
    const leads = file.cables.filter((c) => c.route.includes(hole.id) && !c.route.some((id) => apart.has(id)))
    const { stuck, by } = feedOrder(hole, leads)
    if (!stuck) continue
    const beside = leads.length > 1 ? `${hole.passing === 'together' ? ', all plugs together' : ', beside the others'}` : ''
    faults.push({
      kind: 'does not pass',
      at: `/cables/${file.cables.indexOf(stuck)}/route/${stuck.route.indexOf(hole.id)}`,
      value: hole.name ?? hole.id,
      expected: `${stuck.name}, with its tolerance, is ${Math.max(0.1, Number(by.toFixed(1)))} mm too large for ${sizeOf(hole)} mm${beside}: a step that takes the plug apart`,
    })
  }
}

const sizeOf = ({ width, height, round }: Hole): string => (round ? `⌀ ${width}` : `${width} × ${height}`)

/** What a pose asks for does not depend on where the machine is turned from. */
function checkTurns(file: MachineFile, faults: FileFault[]): void {
  const first = new Map<string, string>()
  file.poseMoves.forEach((move, i) => {
    const guard = JSON.stringify(move.guard ?? null)
    const known = first.get(move.to)
    if (known === undefined) first.set(move.to, guard)
    else if (known !== guard)
      faults.push({
        kind: 'turns differ',
        at: `/poseMoves/${i}/guard`,
        value: move.to,
        expected: 'the same guard on every turn into this pose',
      })
  })
}

/** A part that a guard or goal wants off must be freed by something: a lift, a fixing, or the part it rides with. */
function checkFreed(index: FileIndex, faults: FileFault[]): void {
  const freed = new Set<string>()
  for (const part of index.file.parts) if (part.lift) closureOf(index, part.id).forEach((id) => id === part.id && freed.add(id))
  for (const joint of index.file.joints) joint.frees?.forEach((id) => freed.add(id))
  for (const part of index.file.parts) if (part.with !== undefined && freed.has(part.with)) freed.add(part.id)
  for (const step of index.file.steps) step.gives?.forEach((fact) => fact.fact === 'off' && freed.add(fact.of))
  index.file.goals.forEach((goal, i) => {
    for (const fact of factsIn(goal.guard)) {
      if (fact.fact === 'off' && index.parts.has(fact.of) && !freed.has(fact.of)) {
        faults.push({ kind: 'not freed', at: `/goals/${i}/guard`, value: fact.of, expected: 'a lift, or a fixing that frees it' })
      }
    }
  })
  for (const goal of index.file.goals) {
    // A goal that already holds on an untouched machine asks for nothing.
    if (holds(goal.guard, () => false, {})) {
      const i = index.file.goals.indexOf(goal)
      faults.push({ kind: 'never true', at: `/goals/${i}/guard`, value: goal.id, expected: 'something to take off or expose' })
    }
  }
}
