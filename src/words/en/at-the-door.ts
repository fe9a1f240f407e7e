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

export const placesOn = (cls: MachineClass | undefined): readonly string[] => PLACES[cls ?? 'scooter']
