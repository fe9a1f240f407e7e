import type { DriveKind, MachineClass } from '../../core/machine'

/** Places of damage on each kind of machine: what one walks round it by. */
const PLACES: Readonly<Record<MachineClass, readonly string[]>> = {
  scooter: ['front', 'rear', 'left', 'right', 'deck', 'bar'],
  'e-bike': ['front', 'rear', 'left', 'right', 'frame', 'bar', 'chain side'],
  'ride-on': ['front', 'rear', 'left', 'right', 'seat', 'steering'],
  buggy: ['front', 'rear', 'left', 'right', 'body', 'seat', 'steering'],
  tractor: ['front', 'rear', 'left', 'right', 'bonnet', 'cab', 'hitch', 'underneath'],
  'indoor machine': ['top', 'frame', 'feet', 'panel', 'mains lead', 'belt'],
}

/** What owners say of drives of which no list of faults is known. */
const SAID: Readonly<Record<Exclude<DriveKind, 'hub direct'>, readonly string[]>> = {
  'hub geared': [
    'hums, no force',
    'grinds under load',
    'does nothing at all',
    'cuts out over bumps',
    'no speed shown, then cuts out',
    'hard to push',
  ],
  'mid-drive': [
    'no help at all',
    'helps, then cuts out',
    'too little help',
    'creaks or knocks',
    'turns hard without power',
    'shows a code',
  ],
  'gearbox brushed': ['does not go', 'goes one way only', 'drives off by itself', 'smells of burning', 'grinds', 'brake does not let go'],
  traction: ['warning lamp', 'does not move', 'weak or slow', 'jerks', 'gets hot', 'hums or whines'],
  'steering assist': ['heavy', 'pulls to a side', 'moves by itself', 'knocks', 'helps one way only', 'lamp on'],
  actuator: ['does not move', 'stops half way', 'moves one way only', 'slow', 'grinds or squeaks', 'belt slips'],
}

/** Which drives a machine of a kind usually has, where nobody has a file of it. */
const USUAL: Readonly<Record<MachineClass, readonly DriveKind[]>> = {
  scooter: ['hub direct'],
  'e-bike': ['hub geared', 'mid-drive'],
  'ride-on': ['hub direct'],
  buggy: ['gearbox brushed'],
  tractor: ['traction'],
  'indoor machine': ['actuator'],
}

/** The drives that a machine has by its file, else those that its kind usually has; a scooter's where that is not known either. */
export function drivesAtTheDoor(
  file: { readonly drives: readonly { readonly kind: DriveKind }[] } | null,
  cls?: MachineClass,
): readonly DriveKind[] {
  return file ? file.drives.map((d) => d.kind) : USUAL[cls ?? 'scooter']
}

/** What is usually said of these drives, beside what a list of faults has. */
export function saidOf(drives: readonly DriveKind[]): readonly string[] {
  return [...new Set(drives.flatMap((d) => (d === 'hub direct' ? [] : SAID[d])))]
}

export const placesOn = (cls: MachineClass | undefined): readonly string[] => PLACES[cls ?? 'scooter']
