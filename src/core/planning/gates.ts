import { LIFTERS } from '../cautions'
import type { Doing, DriveKind, DriveUnit, FileIndex, Joint } from '../machine'
import { ONE_PERSON_AT_BEST } from '../safety'
import type { Action } from './actions'

/** Does a heavy part move by it: one that nobody may lift alone, or that is lifted by hoist or jack? */
export function isHeavy(index: FileIndex, { kind, subject }: Action, doing: Doing): boolean {
  if (kind !== 'take off') return false
  const lifts: readonly string[] = LIFTERS
  return (
    (index.parts.get(subject)?.mass?.value ?? 0) > ONE_PERSON_AT_BEST ||
    (doing.with ?? []).some((id) => lifts.includes(index.tools.get(id)?.kind ?? ''))
  )
}

/** The part of the sealed unit that is ended by it; undefined where it ends none. */
export function endsOf(index: FileIndex, { kind, subject }: Action): string | undefined {
  return kind === 'release' ? index.file.sealed.find((s) => s.openedBy?.includes(subject))?.part : undefined
}

/** Motors whose mounting takes their torque; an axle has its nuts, a steering or an actuator its own checks. */
const MOUNTED: readonly DriveKind[] = ['mid-drive', 'gearbox brushed', 'traction']

/** Is it what holds a motor, or the gearbox with it, against its own torque? */
export function takesTorque(index: FileIndex, { kind, subject }: Action): boolean {
  const joint = kind === 'release' ? index.joints.get(subject) : undefined
  return (
    joint !== undefined &&
    (joint.kind === 'screws' || joint.kind === 'nut') &&
    index.file.drives.some((d) => MOUNTED.includes(d.kind) && holdsAgainst(index, joint, d))
  )
}

/** Motor to what carries it; or a gearbox that carries it to what stays where it is. */
function holdsAgainst(index: FileIndex, { holds }: Joint, { part, carriedBy }: DriveUnit): boolean {
  if (!holds.includes(carriedBy)) return false
  if (holds.includes(part)) return true
  const stays = (id: string): boolean => index.parts.get(id)?.lift === undefined && index.parts.get(id)?.role === undefined
  return index.parts.get(carriedBy)?.role === 'gearbox' && holds.every((id) => id === carriedBy || stays(id))
}
