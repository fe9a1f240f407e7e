import type { Connection, Doing, FileIndex, Joint } from '../machine'
import type { ActionKind, FixingSpec, PlannedStep } from './types'

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
