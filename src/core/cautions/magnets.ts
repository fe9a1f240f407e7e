import type { DriveKind } from '../machine'
import type { CautionRule } from './caution'

/** Whose magnets come near the hand; those of a closed brushed motor or an actuator do not. */
const OPEN_TO_TOUCH: readonly DriveKind[] = ['hub direct', 'hub geared', 'mid-drive', 'traction']

export const magnets: CautionRule = {
  when: ({ file, action }) => file.drives.some((d) => action === `off:${d.part}` && OPEN_TO_TOUCH.includes(d.kind)),
}
