import { type JobState, offRule } from '../job'
import {
  type Connection,
  type Fact,
  type FilePhoto,
  type Guard,
  type Joint,
  type MachineFile,
  type Minutes,
  type Part,
  readFact,
} from '../machine'
import { withoutCircles } from './circles'
import type { Doubt, Grown } from './doubts'
import { fileFrom } from './file-from'
import type { Says } from './says'
import { matched } from './matched'
import { renamed } from './renamed'
import { slugs } from './slugs'

/** What another unit of a model had otherwise. `of` is an id of the merged file. */
export type Difference =
  | { readonly is: 'new'; readonly of: string; readonly what: 'part' | 'plug' | 'fixing'; readonly name: string; readonly may: boolean }
  | { readonly is: 'not there'; readonly of: string; readonly name: string }
  | { readonly is: 'count'; readonly of: string; readonly name: string; readonly was: number; readonly now: number }
  | { readonly is: 'minutes'; readonly of: string; readonly name: string; readonly was: number; readonly now: number }
  | { readonly is: 'photos'; readonly of: string; readonly count: number }

export interface Merged {
  readonly file: MachineFile
  readonly differences: readonly Difference[]
}

export interface MergeAsk {
  readonly revision: string
  /** New fixings and plugs of which it is asked at every unit whether it has them, by their id. */
  readonly asked: ReadonlySet<string>
  readonly question: (name: string) => string
  readonly yes: string
  readonly no: string
}

/** Less than this share, and two times are the same. */
const SAME_TIME = 0.25

export const grownOf = (file: Pick<MachineFile, 'x-grown'>): Grown => {
  const grown = file['x-grown'] as Partial<Grown> | null | undefined
  return { jobs: grown?.jobs ?? [], doubts: grown?.doubts ?? [], ...(grown?.accepted ? { accepted: grown.accepted } : {}) }
}

/**
 * What another unit of the same model, taken down without a file, adds to the file that there is. What is alike is found by its name and
 * size; what is new keeps what had to be off before it. Nothing of the known file goes: what this unit had not is told, and doubted.
 * @param known the file that there is
 * @param fresh the one that the other job grew
 */
export function merge(known: MachineFile, fresh: MachineFile, ask: MergeAsk): Merged {
  const match = matched(known, fresh)
  const slug = slugs(idsOf(known))
  const idOf = new Map(match)
  const differences: Difference[] = []
  const doubts: Doubt[] = [...grownOf(known).doubts]
  const give = (id: string, name: string): unknown => idOf.set(id, slug(name, 'new'))
  const isNew = (x: { readonly id: string }): boolean => !match.has(x.id)
  const [parts, fixings, plugs] = [
    fresh.parts.filter((p) => isNew(p) && p.lift),
    fresh.joints.filter(isNew),
    fresh.connections.filter(isNew),
  ]
  // All have their new ids before the first is written: they name each other.
  for (const x of [...parts, ...fixings, ...plugs]) give(x.id, x.name)
  const mapped = <T>(value: T): T => renamed(value, idOf) as T
  const [newParts, newJoints, newPlugs] = [parts.map(mapped), fixings.map(mapped), plugs.map(mapped)]
  for (const p of newParts) differences.push({ is: 'new', of: p.id, what: 'part', name: p.name, may: false })
  for (const j of newJoints) differences.push({ is: 'new', of: j.id, what: 'fixing', name: j.name, may: true })
  for (const c of newPlugs) differences.push({ is: 'new', of: c.id, what: 'plug', name: c.name, may: true })
  const variants: MachineFile['variants'][number][] = []
  const when = <T extends Joint | Connection>(item: T): T => {
    if (!ask.asked.has(item.id)) {
      doubts.push({ of: item.id, is: 'not seen' })
      return item
    }
    const id = slug(`has ${item.id}`, 'has')
    variants.push({
      id,
      question: ask.question(item.name),
      options: [
        { id: 'yes', label: ask.yes },
        { id: 'no', label: ask.no },
      ],
      worst: 'yes',
    })
    return { ...item, when: { variant: id, is: 'yes' } }
  }
  const there = new Set(match.values())
  const off = new Set(fresh.parts.flatMap((p) => (p.lift ? (match.get(p.id) ?? []) : [])))
  for (const j of known.joints)
    if (!there.has(j.id) && j.holds.some((h) => off.has(h))) {
      differences.push({ is: 'not there', of: j.id, name: j.name })
      doubts.push({ of: j.id, is: 'not seen' })
    }
  const freshJoints = new Map(fresh.joints.flatMap((j) => (match.has(j.id) ? [[match.get(j.id)!, j] as const] : [])))
  const units = Math.max(1, grownOf(known).jobs.length)
  const joints = known.joints.map((j) => {
    const other = freshJoints.get(j.id)
    if (!other) return j
    if (other.members.length !== j.members.length) {
      differences.push({ is: 'count', of: j.id, name: j.name, was: j.members.length, now: other.members.length })
      doubts.push({ of: j.id, is: 'count', other: String(other.members.length) })
    }
    return timed(j, other, fresh, units, differences)
  })
  const moreJoints = newJoints.map(when)
  const morePlugs = newPlugs.map(when)
  const merged: MachineFile = {
    ...known,
    revision: ask.revision,
    variants: [...known.variants, ...variants],
    parts: [...known.parts.map((p) => timedPart(p, fresh, match, units, differences)), ...newParts],
    joints: [...joints, ...moreJoints],
    connections: [...known.connections, ...morePlugs],
    consumables: [...known.consumables, ...fresh.consumables.filter((c) => !known.consumables.some((k) => k.id === c.id))],
    tools: [...known.tools, ...fresh.tools.filter((t) => !known.tools.some((k) => k.id === t.id))],
    poses: [...known.poses, ...fresh.poses.filter((p) => !known.poses.some((k) => k.id === p.id))],
    poseMoves: [...known.poseMoves, ...fresh.poseMoves.filter((m) => !known.poseMoves.some((k) => k.from === m.from && k.to === m.to))],
    ...photosOf(known, fresh.photos ?? [], idOf, differences),
    'x-grown': { jobs: [...new Set([...grownOf(known).jobs, ...grownOf(fresh).jobs])], doubts: once(doubts) } satisfies Grown,
  }
  const added = new Set([...newParts, ...newJoints, ...newPlugs].map((x) => x.id))
  const { file, loosened } = withoutCircles(merged, added)
  const grown = grownOf(file)
  const more = loosened.map((of): Doubt => ({ of, is: 'order' }))
  return { file: { ...file, 'x-grown': { ...grown, doubts: once([...grown.doubts, ...more]) } satisfies Grown }, differences }
}

/** What a job that ran by a file adds to it: what came off beyond it, behind the step that it was found at. */
export function improved(known: MachineFile, state: JobState, says: Says, ask: MergeAsk): Merged {
  const alone = { ...state, planned: false, down: [], up: [] }
  const fresh = fileFrom(alone, { id: known.id, revision: ask.revision, says })
  // What stood before each of them is what the plan's step gave that it followed.
  const behind = new Map(
    state.offs.map((off): [string, Guard | undefined] => {
      const at = state.down.findIndex((s) => s.id === off.step)
      const before = state.down
        .slice(0, at)
        .findLast((s) => state.steps[s.id]?.status === 'done' && !state.offs.some((o) => o.step === s.id))
      const facts = before?.gives.flatMap((key): Fact[] => {
        const fact = readFact(key)
        return fact && (fact.fact === 'off' || fact.fact === 'unplugged') ? [fact] : []
      })
      return [off.step, facts?.[0]]
    }),
  )
  const guards = new Map(itemsInOrder(fresh, state).map(([id, step]) => [id, behind.get(step)]))
  const put = <T extends Part | Joint | Connection>(item: T): T => {
    const guard = guards.get(item.id)
    if (!guard) return item
    const { access } = item
    return { ...item, access: access ? { all: [guard, access] } : guard }
  }
  return merge(
    known,
    { ...fresh, parts: fresh.parts.map(put), joints: fresh.joints.map(put), connections: fresh.connections.map(put) },
    ask,
  )
}

/** Ids of the things of a fresh file, with the steps that they were logged by: both in the order in which they came off, sort by sort. */
function itemsInOrder(fresh: MachineFile, { offs }: Pick<JobState, 'offs'>): [string, string][] {
  const of = (is: 'fixings' | 'joined') => offs.filter((o) => offRule(o.sort).is === is).map((o) => o.step)
  const parts = offs.filter((o) => offRule(o.sort).is === 'parts').flatMap((o) => Array.from({ length: o.count }, () => o.step))
  const pair = (items: readonly { readonly id: string }[], steps: readonly string[]): [string, string][] =>
    items.map((item, i): [string, string] => [item.id, steps[i] ?? ''])
  return [
    ...pair(
      fresh.parts.filter((p) => p.lift),
      parts,
    ),
    ...pair(fresh.joints, of('fixings')),
    ...pair(fresh.connections, of('joined')),
  ]
}

function idsOf(file: MachineFile): string[] {
  const { parts, joints, connections, steps, tools, consumables, poses, variants, goals } = file
  const lists = [
    parts,
    joints,
    connections,
    steps,
    tools,
    consumables,
    poses,
    variants,
    goals,
    file.cables,
    file.holes,
    file.drives,
    file.stacks,
  ]
  return [...lists.flatMap((list) => list.map((x) => x.id)), ...joints.flatMap((j) => j.members.map((m) => m.id))]
}

function timed(item: Joint, other: Joint, fresh: MachineFile, units: number, differences: Difference[]): Joint {
  const own = item.down.modes[0]
  const next = own && average(own.minutes, other.down.modes[0]?.minutes, units, doubted(fresh, other.id))
  if (!own || !next) return item
  differences.push({ is: 'minutes', of: item.id, name: item.name, was: own.minutes.likely, now: next.likely })
  return { ...item, down: { ...item.down, modes: [{ ...own, minutes: next }, ...item.down.modes.slice(1)] } }
}

function timedPart(part: Part, fresh: MachineFile, match: ReadonlyMap<string, string>, units: number, differences: Difference[]): Part {
  const other = fresh.parts.find((p) => match.get(p.id) === part.id)
  const own = part.lift?.modes[0]
  const next = own && other && average(own.minutes, other.lift?.modes[0]?.minutes, units, doubted(fresh, other.id))
  if (!own || !next || !part.lift) return part
  differences.push({ is: 'minutes', of: part.id, name: part.name, was: own.minutes.likely, now: next.likely })
  return { ...part, lift: { ...part.lift, modes: [{ ...own, minutes: next }, ...part.lift.modes.slice(1)] } }
}

const doubted = (file: MachineFile, id: string): boolean => grownOf(file).doubts.some((d) => d.of === id && d.is === 'minutes')

/** The mean over all units seen; null where nobody knows, or it is the same. */
function average(own: Minutes, seen: Minutes | undefined, units: number, guessed: boolean): Minutes | null {
  if (!seen || guessed || Math.abs(seen.likely - own.likely) <= SAME_TIME * own.likely) return null
  const mean = (a: number, b: number): number => Math.round(((a * units + b) / (units + 1)) * 4) / 4
  const likely = Math.max(0.25, mean(own.likely, seen.likely))
  return { low: Math.min(likely, own.low, seen.low), likely, high: Math.max(likely, own.high, seen.high) }
}

function photosOf(
  known: MachineFile,
  fresh: readonly FilePhoto[],
  ids: ReadonlyMap<string, string>,
  differences: Difference[],
): { readonly photos?: readonly FilePhoto[] } {
  const had = known.photos ?? []
  const more = fresh
    .filter((p) => !had.some((h) => h.id === p.id))
    .map((p) => ({ ...p, pins: p.pins.flatMap((pin) => (ids.has(pin.of) ? [{ ...pin, of: ids.get(pin.of)! }] : [])) }))
    .filter((p) => p.pins.length > 0)
  if (more.length > 0) differences.push({ is: 'photos', of: known.id, count: more.length })
  return had.length + more.length > 0 ? { photos: [...had, ...more] } : {}
}

const once = (doubts: readonly Doubt[]): Doubt[] => [...new Map(doubts.map((d) => [`${d.of} ${d.is}`, d])).values()]
