import { estimateTorque, mayEstimate, readHead, readThread, standardHead } from '../fasteners'
import type { Joint } from '../machine'

/**
 * The number to tighten to: the file's; else an estimate by VDI 2230 from thread, property class and head. None for axle nuts,
 * steering, brakes and pack terminals that the file is silent on, nor where thread, class or head is not known.
 */
export function torqueOf(joint: Joint): { readonly torque?: NonNullable<Joint['torque']> } {
  if (joint.torque) return { torque: joint.torque }
  const value = estimatedTorque(joint)
  return value === null ? {} : { torque: { value, unit: 'Nm', source: 'estimated' } }
}

/** The estimate alone, N·m; null where there may be none. Beside a file's number it is a cross-check. */
export function estimatedTorque(joint: Pick<Joint, 'critical' | 'thread' | 'head' | 'strength'>): number | null {
  const thread = joint.thread === undefined ? null : readThread(joint.thread)
  const kind = readHead(joint.head)
  if (!mayEstimate(joint.critical) || !thread || !kind || joint.strength === undefined) return null
  const head = standardHead(thread.d, kind)
  if (!head) return null
  const { torque } = estimateTorque(thread, joint.strength, head)
  return Number(torque.toPrecision(2))
}
