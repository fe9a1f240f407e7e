import type { DriveKind } from '../machine'
import type { CautionRule } from './caution'

/** Whose magnets come near the hand; those of a closed brushed motor or an actuator do not. */
const OPEN_TO_TOUCH: readonly DriveKind[] = ['hub direct', 'hub geared', 'mid-drive', 'traction']

/** The motor as it comes out, and whatever is drawn out of one that is open. */
export const magnets: CautionRule = {
  when: ({ file, action, part }) =>
    file.drives.some(
      (d) => OPEN_TO_TOUCH.includes(d.kind) && (action === `off:${d.part}` || (part?.role === 'motor' && part.id !== d.part)),
    ),
}
