import type { Stuck } from '../fasteners'
import { type MachineFile, subjectOf } from '../machine'
import type { PlannedStep } from './types'

/**
 * What a step down is about, should it not let go.
 * @param locked a strong locker holds it, as far as anybody knows
 * @returns null where nothing can be stuck: what is prepared, propped or proved
 */
export function stuckAs(file: MachineFile | null, step: Pick<PlannedStep, 'kind' | 'action'>, locked: boolean): Stuck | null {
  const id = subjectOf(step.action)
  if (step.kind === 'unplug') return 'plug'
  if (step.kind === 'take off') {
    const wheel =
      file?.parts.find((p) => p.id === id)?.role === 'wheel' || file?.drives.some((d) => d.part === id && d.kind.startsWith('hub'))
    return wheel ? 'wheel' : 'cover'
  }
  if (step.kind !== 'release') return null
  const kind = file?.joints.find((j) => j.id === id)?.kind ?? 'screws'
  if (kind === 'washers' || kind === 'spacer') return 'washer'
  if (kind === 'press' || kind === 'key' || kind === 'pin') return 'press fit'
  if (kind === 'screws' || kind === 'nut' || kind === 'ring' || kind === 'valve') return locked ? 'locked' : 'turned'
  return kind === 'lever' || kind === 'tie' ? null : 'cover'
}
