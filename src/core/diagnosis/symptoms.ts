import type { DriveKind, DriveUnit } from '../machine'
import { hubSymptoms } from './hub-symptoms'
import type { Symptom } from './types'

/** What owners say of each kind of drive that is known, one line each. The door needs these, and nothing else of a catalogue. */
export const SYMPTOMS = {
  'hub direct': hubSymptoms,
} as const satisfies { readonly [K in DriveKind]?: readonly Symptom[] }

/** A kind of drive of which it is known what goes wrong with it. */
export type KnownDrive = keyof typeof SYMPTOMS

/** Is anything known of what goes wrong with drives of this kind? */
export function isKnown(kind: DriveKind): kind is KnownDrive {
  return Object.hasOwn(SYMPTOMS, kind)
}

/** What owners say of a machine: symptoms of the drives it has, or of every kind where nothing is known of them. */
export function symptomsFor(drives: readonly Pick<DriveUnit, 'kind'>[]): Symptom[] {
  const known = drives.flatMap((d) => (isKnown(d.kind) ? SYMPTOMS[d.kind] : []))
  const list = known.length > 0 ? known : Object.values(SYMPTOMS).flat()
  return [...new Map(list.map((s) => [s.id, s])).values()]
}
