import type { DriveKind } from '../machine'
import { SAID, type SymptomId } from './said'

/** What owners say of each kind of drive of which it is known what goes wrong with it, one line each. */
export const SYMPTOMS = {
  'hub direct': [
    'jerks',
    'dead',
    'hums',
    'bumps',
    'grinds',
    'drags',
    'weak',
    'hot',
    'push',
    'surges',
    'no-charge',
    'short-range',
    'knocks',
    'brake-loose',
    'after-work',
  ],
  'hub geared': [
    'jerks',
    'dead',
    'dark-display',
    'no-help',
    'hums',
    'spins',
    'bumps',
    'grinds',
    'drags',
    'weak',
    'hot',
    'push',
    'no-speed',
    'wrong-speed',
    'no-charge',
    'short-range',
    'knocks',
    'brake-loose',
    'after-work',
  ],
  'mid-drive': [
    'dead',
    'dark-display',
    'no-help',
    'stops-after-metres',
    'no-speed',
    'weak',
    'surges',
    'bumps',
    'spins',
    'grinds',
    'drags',
    'cranks-turn',
    'knocks',
    'creaks',
    'hot',
    'no-charge',
    'short-range',
    'after-work',
  ],
  'gearbox brushed': [
    'dead',
    'weak',
    'jerks',
    'bumps',
    'sparks',
    'hot',
    'grinds',
    'drags',
    'spins',
    'surges',
    'wrong-way',
    'not-hold',
    'leaks',
    'short-range',
    'no-charge',
    'after-work',
  ],
  actuator: ['dead', 'one-way', 'stops-on-the-way', 'wrong-place', 'spins', 'weak', 'grinds', 'hot', 'bumps', 'after-work'],
  'steering assist': [
    'heavy-steering',
    'pulls-to-a-side',
    'turns-itself',
    'steering-play',
    'knocks',
    'grinds',
    'bumps',
    'same-at-speed',
    'lamp-on',
    'after-work',
  ],
  traction: [
    'not-ready',
    'jerks',
    'weak',
    'hot',
    'grinds',
    'knocks',
    'drags',
    'lamp-on',
    'bumps',
    'wet',
    'no-charge',
    'short-range',
    'after-work',
  ],
} as const satisfies { readonly [K in DriveKind]?: readonly SymptomId[] }

export type SymptomOf<K extends KnownDrive> = (typeof SYMPTOMS)[K][number]

/** A kind of drive of which it is known what goes wrong with it. */
export type KnownDrive = keyof typeof SYMPTOMS

/** Is anything known of what goes wrong with drives of this kind? */
export function isKnown(kind: DriveKind): kind is KnownDrive {
  return Object.hasOwn(SYMPTOMS, kind)
}

/** What owners say of a machine: symptoms of those of its drives of which something is known. */
export function symptomsFor(drives: readonly DriveKind[]): { readonly id: SymptomId; readonly name: string }[] {
  const ids = new Set<SymptomId>(drives.flatMap((kind) => (isKnown(kind) ? SYMPTOMS[kind] : [])))
  return [...ids].map((id) => ({ id, name: SAID[id] }))
}

/** A symptom by its id, as a tile says it; null where no kind has it. */
export const symptomNamed = (id: string): string | null => (Object.hasOwn(SAID, id) ? SAID[id as SymptomId] : null)
