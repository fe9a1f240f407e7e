import type { ProvedAs } from '../../machine'
import { bench } from './bench'
import { cart } from './cart'
import type { Ladder } from './ladder'
import { ridden } from './ridden'
import { steering } from './steering'
import { tractor } from './tractor'

export { FIRST_POWERS } from './ladder'
export type { FirstPower, Ladder } from './ladder'

/** How each class of machine is proved, one line each; `steering` is for one whose only drives steer. */
export const LADDERS = {
  scooter: ridden,
  'e-bike': ridden,
  'ride-on': cart,
  buggy: cart,
  tractor,
  'indoor machine': bench,
  steering,
} as const satisfies Readonly<Record<ProvedAs, Ladder>>

/** A machine of which nobody said what it is, is proved like one that is ridden. */
export function ladderOf(as: ProvedAs | undefined): Ladder {
  return LADDERS[as ?? 'scooter']
}
