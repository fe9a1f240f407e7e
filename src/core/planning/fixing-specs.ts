import { reaches, readThread } from '../fasteners'
import { CALIPER } from '../doubt'
import { type Connection, type Doing, type FileIndex, type HoleFit, holeOf, type Joint, screwIn } from '../machine'
import type { ActionKind, FixingSpec, LengthFact, PlannedStep } from './types'

/** Fixings of a joint as the tray will hold them: one cell for each size in it; none where they lie somewhere already. */
export function fixingSpecs(joint: Joint, nextCell: () => string | undefined): FixingSpec[] {
  const cells = new Map<string, string | undefined>()
  return joint.members.map((member) => {
    const label = member.length === undefined || !joint.thread ? joint.label : `${joint.thread}×${member.length}`
    if (joint.keep === 'cell' && !member.stay && !cells.has(label)) cells.set(label, nextCell())
    const cell = member.stay ? undefined : cells.get(label)
    return {
      id: member.id,
      joint: joint.id,
      label,
      place: member.place,
      keep: joint.keep,
      ...(cell !== undefined ? { cell } : {}),
      ...(member.at ? { at: member.at } : {}),
      ...(joint.captive ? { captive: true as const } : {}),
      ...(member.stay ? { stay: true as const } : {}),
      ...(joint.consumable !== undefined ? { consumable: true as const } : {}),
    }
  })
}

/** What a step carries of its fixing, so that the file may change behind it. */
export function jointFacts(joint: Joint): NonNullable<PlannedStep['joint']> {
  const { role, critical, thread, head, strength, driver } = joint
  return {
    role,
    ...(critical ? { critical } : {}),
    ...(thread ? { thread } : {}),
    ...(head ? { head } : {}),
    ...(strength ? { strength } : {}),
    ...(driver ? { driver } : {}),
  }
}

/** What is behind the screws of a joint, by length and hole; none where nothing is behind, or a length is not known. */
export function lengthFacts(index: FileIndex, joint: Joint): readonly LengthFact[] {
  const thread = joint.thread === undefined ? null : readThread(joint.thread)
  if (!thread || joint.captive) return []
  const all = [...new Set(joint.members.flatMap((m) => m.length ?? []))]
  const motor = joint.holds.find((id) => index.parts.get(id)?.compare !== undefined)
  const facts = new Map<string, LengthFact>()
  for (const { id, length, stay } of joint.members) {
    const hole = holeOf(joint, id)
    if (!hole || hole.behind === 'nothing' || length === undefined || stay) continue
    const others = all.filter((l) => l !== length)
    const key = JSON.stringify([length, hole])
    const before = facts.get(key)
    facts.set(key, {
      ...hole,
      ...(motor === undefined ? {} : { motor }),
      of: [...(before?.of ?? []), id],
      length,
      d: thread.d,
      ...(others.length > 0 ? { others } : {}),
      ...(others.some((l) => l > length && reachesBehind(hole, l, thread.d)) ? { mixed: true as const } : {}),
    })
  }
  return [...facts.values()]
}

/** Would a screw of this length reach what is behind the hole? Where nobody knows the depth it might. */
const reachesBehind = (hole: HoleFit, length: number, d: number): boolean =>
  reaches(screwIn(hole, d, { value: length, u: CALIPER.screw })).verdict !== 'clear'

/** The same of a lug, a post or a screwed plug. */
export function plugFacts({ critical, thread }: Pick<Connection, 'critical' | 'thread'>): NonNullable<PlannedStep['joint']> {
  return { role: 'working', ...(critical ? { critical } : {}), ...(thread ? { thread } : {}) }
}

/** @param doing the way down of it */
export function returnOf(index: FileIndex, kind: ActionKind, subject: string, doing: Doing): Doing | undefined {
  const mirror = (name: string): Doing => ({ title: `${capital(name)} back`, modes: doing.modes })
  if (kind === 'release') {
    const joint = index.joints.get(subject)!
    return joint.up ?? mirror(joint.name)
  }
  if (kind === 'take off') return index.parts.get(subject)!.back ?? mirror(index.parts.get(subject)!.name)
  if (kind === 'unplug') {
    const connection = index.connections.get(subject)!
    return connection.up ?? mirror(connection.name)
  }
  const step = index.steps.get(subject)
  return step?.limb === 'both' ? (step.up ?? mirror(step.id)) : undefined
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
