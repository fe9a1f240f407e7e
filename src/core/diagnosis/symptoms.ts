import type { DriveKind } from '../machine'
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

/** What owners say of a machine: symptoms of those of its drives of which something is known. */
export function symptomsFor(drives: readonly DriveKind[]): Symptom[] {
  const known = drives.flatMap((kind) => (isKnown(kind) ? SYMPTOMS[kind] : []))
  return [...new Map(known.map((s) => [s.id, s])).values()]
}
