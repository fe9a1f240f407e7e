import { estimateTorque, isClass, mayEstimate, readHead, readThread, standardHead } from '../fasteners'
import type { Joint } from '../machine'

/**
 * An estimate by VDI 2230 from thread, class and head, N·m: a cross-check beside a file's number, never one to tighten to. Null for axle
 * nuts, steering, brakes and pack terminals, and where thread, class or head is not known.
 */
export function estimatedTorque(joint: Pick<Joint, 'critical' | 'thread' | 'head' | 'strength'>): number | null {
  const thread = joint.thread === undefined ? null : readThread(joint.thread)
  const kind = readHead(joint.head)
  if (!mayEstimate(joint.critical) || !thread || !kind || joint.strength === undefined || !isClass(joint.strength)) return null
  const head = standardHead(thread.d, kind)
  if (!head) return null
  const { torque } = estimateTorque(thread, joint.strength, head)
  return Number(torque.toPrecision(2))
}
