import type { Usual } from '../../core/fasteners'
import type { Adapter, Tightened, TorqueDoubt } from '../../core/job'
import { instrumentWords } from './readings'

/** A torque in N·m as it is read: `2.5`, `40`. */
const figure = (torque: number): string => String(Number(torque.toPrecision(3)))

/** A torque as it is wanted: `30 N·m, machine file`. */
export const wantedTorque = (torque: { readonly value: number; readonly source: string } | undefined): string =>
  torque ? `${torque.value} N·m, ${torque.source}` : 'no number known'

/** What was reached, for the middle column of the page. */
export function reachedWords(one: Tightened | undefined): string {
  if (!one || one.is === 'not read') return 'not read'
  if (one.is === 'clicked') return `${figure(one.torque)} N·m`
  return one.band ? `${figure(one.band[0])}–${figure(one.band[1])} N·m` : 'by feel'
}

/** How: by which wrench and whether it was in calibration then, by feel, or tightened and not read. */
export function howWords(one: Tightened | undefined, at: number): string {
  const tool = one?.tool === undefined ? '' : `, ${one.tool}`
  if (!one || one.is === 'not read') return `tightened, not read${tool}`
  if (one.is === 'felt') return `by feel, not measured${tool}`
  const wrench = one.wrench ? `, ${instrumentWords(one.wrench, at)}` : tool
  return `clicked${wrench}${one.adapter && one.set !== undefined ? `, set to ${figure(one.set)} with a ${adapterWords(one.adapter)}` : ''}`
}

/** `45 mm adapter`, `45 mm adapter at 90°` */
const adapterWords = ({ reach, angle }: Adapter): string => `${figure(reach)} mm adapter${angle === 0 ? '' : ` at ${angle}°`}`

/** What a torque that was reached leaves open. */
export function torqueDoubtWords(doubt: TorqueDoubt): string {
  if (doubt.is === 'off') return `${figure(doubt.torque)} N·m is more than a tenth off the ${figure(doubt.wanted)} N·m wanted`
  const [from, to] = doubt.scale
  return `set to ${figure(doubt.set)} N·m on a scale of ${figure(from)} to ${figure(to)}: good from a fifth of it up`
}

/** The same for a row of the page, in one phrase; nothing where there is no doubt. */
export const doubtsWords = (doubts: readonly TorqueDoubt[]): string => doubts.map((d) => `; ${torqueDoubtWords(d)}`).join('')

/** One line of the card of usual torques. */
export const usualWords = (u: Usual): string =>
  `${u.into ? `into ${u.into}${u.strength !== undefined ? `, class ${u.strength}` : ''}: ` : ''}${figure(u.low)} to ${figure(u.high)} N·m (${u.source})`
