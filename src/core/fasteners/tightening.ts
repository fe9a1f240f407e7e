import { CLASSES, isClass, type Surface, SURFACES } from './classes'
import { type Thread } from './thread'

/** Bearing face of a head in mm: outer diameter of the face and the hole below it. `countersunk` has a 90° cone. */
export interface Head {
  readonly dw: number
  readonly dh: number
  readonly countersunk?: boolean
  /** Low and countersunk heads hold 80 % of the preload of a full one. */
  readonly weak?: boolean
}

/** Smallest bearing diameter of hexagon heads, ISO 4014 grade A; of cap heads, ISO 4762; holes ISO 273 medium. In mm by thread. */
const HEXAGON: Readonly<Record<number, number>> = { 4: 5.88, 5: 6.88, 6: 8.88, 8: 11.63, 10: 14.63, 12: 16.63, 14: 19.37, 16: 22.49 }
const CAP: Readonly<Record<number, number>> = { 3: 5.07, 4: 6.53, 5: 8.03, 6: 9.38, 8: 12.33, 10: 15.33, 12: 17.23, 14: 20.17, 16: 23.17 }
const HOLE: Readonly<Record<number, number>> = { 3: 3.4, 4: 4.5, 5: 5.5, 6: 6.6, 8: 9, 10: 11, 12: 13.5, 14: 15.5, 16: 17.5 }
/** Countersunk with hexagon socket, ISO 10642: theoretical head diameter; its cone bears at about the middle. */
const SUNK: Readonly<Record<number, number>> = { 3: 6.72, 4: 8.96, 5: 11.2, 6: 13.44, 8: 17.92, 10: 22.4, 12: 26.88 }

const HEADS = [
  ['countersunk', 'countersunk'],
  ['button', 'button'],
  ['cap', 'cap'],
  ['hexagon', 'hexagon'],
] as const
export type HeadKind = (typeof HEADS)[number][1]

/** The kind of head that a machine file's words speak of: `hexagon cap`, `countersunk`; null where they speak of none. */
export function readHead(text: string | undefined): HeadKind | null {
  return HEADS.find(([word]) => text?.includes(word))?.[1] ?? null
}

/**
 * The bearing face of a standard head on thread size `d` (mm, whole); null where the tables above have none.
 * Button and low heads bear like cap heads and count as weak.
 */
export function standardHead(d: number, kind: HeadKind): Head | null {
  const dw = (kind === 'hexagon' ? HEXAGON : kind === 'countersunk' ? SUNK : CAP)[d]
  const dh = HOLE[d]
  if (dw === undefined || dh === undefined) return null
  return { dw, dh, ...(kind === 'countersunk' ? { countersunk: true, weak: true } : kind === 'button' ? { weak: true } : {}) }
}

/**
 * Assembly preload in N: `FM = A0·ν·Rp0.2 / √(1 + 3·(1.5·(d2/d0)·(P/(π·d2) + 1.155·μG))²)`, `d0 = (d2 + d3)/2` (VDI 2230-1:2015, 5.4.3).
 * @param thread lengths in mm
 * @param yieldStress Rp0.2 in MPa, above 0
 * @param mu friction in the thread, 0.04 … 0.5
 * @param utilisation ν, share of the yield stress used, 0 < ν ≤ 1
 * @throws RangeError outside those ranges
 * @example assemblyPreload(metricThread(8, 1.25), 640, 0.12) // 18 630 N
 */
export function assemblyPreload(thread: Thread, yieldStress: number, mu: number, utilisation = 0.9): number {
  if (!(yieldStress > 0)) throw new RangeError(`yield stress must be above 0 MPa, got ${yieldStress}`)
  if (!(utilisation > 0 && utilisation <= 1)) throw new RangeError(`utilisation must be 0 to 1, got ${utilisation}`)
  checkFriction(mu)
  const d0 = (thread.d2 + thread.d3) / 2
  const twist = 1.5 * (thread.d2 / d0) * (thread.pitch / (Math.PI * thread.d2) + 1.155 * mu)
  return ((Math.PI / 4) * d0 ** 2 * utilisation * yieldStress) / Math.sqrt(1 + 3 * twist ** 2)
}

/**
 * Tightening torque in N·m for a preload in N: `MA = FM·(0.16·P + 0.58·d2·μG + DKm/2·μK)`, `DKm = (dw + dh)/2` (VDI 2230-1:2015, 5.4.3.1);
 * on a 90° cone the head's friction counts √2 times.
 * @example tighteningTorque(metricThread(8, 1.25), 18_630, standardHead(8, 'hexagon')!, 0.12) // 24.6 N·m
 */
export function tighteningTorque(thread: Thread, preload: number, head: Head, muThread: number, muHead = muThread): number {
  return (preload * lever(thread, head, muThread, muHead)) / 1000
}

/** The preload in N that a torque in N·m gives: the same equation, turned round. */
export function preloadOf(thread: Thread, torque: number, head: Head, muThread: number, muHead = muThread): number {
  return (torque * 1000) / lever(thread, head, muThread, muHead)
}

/** N·mm of torque for each N of preload. */
function lever(thread: Thread, head: Head, muThread: number, muHead: number): number {
  checkFriction(muThread)
  checkFriction(muHead)
  const underHead = ((head.dw + head.dh) / 4) * muHead * (head.countersunk ? Math.SQRT2 : 1)
  return 0.16 * thread.pitch + 0.58 * thread.d2 * muThread + underHead
}

function checkFriction(mu: number): void {
  if (!(mu >= 0.04 && mu <= 0.5)) throw new RangeError(`friction must be 0.04 to 0.5, got ${mu}`)
}

/** Friction is a range, not a number. */
const FRICTION = SURFACES['as found']

/** A torque in N·m and the preload in kN that it gives over the friction band. */
export interface TorqueEstimate {
  readonly torque: number
  readonly preload: { readonly low: number; readonly likely: number; readonly high: number }
}

/**
 * An estimated torque for a screw whose file has no number: 70 % of the VDI 2230 assembly preload at μ = 0.12 (80 % of that
 * again for low and countersunk heads), so that the driest thread of the band does not overload it and the slickest stays below yield.
 * Never to be used for axle nuts, steering, brakes or pack terminals: see `mayEstimate`.
 * @param share of the assembly preload aimed at, 0 < share ≤ 1
 */
export function estimateTorque(thread: Thread, propertyClass: string, head: Head, share = 0.7): TorqueEstimate {
  if (!isClass(propertyClass)) throw new RangeError(`unknown property class "${propertyClass}"`)
  const aim = assemblyPreload(thread, CLASSES[propertyClass].yield, FRICTION.likely) * share * (head.weak ? 0.8 : 1)
  return bandOf(thread, tighteningTorque(thread, aim, head, FRICTION.likely), head)
}

/** The preload band of a given torque in N·m, over the friction of its surfaces. */
export function bandOf(thread: Thread, torque: number, head: Head, surface: Surface = 'as found'): TorqueEstimate {
  const { low, likely, high } = SURFACES[surface]
  const kn = (mu: number): number => preloadOf(thread, torque, head, mu) / 1000
  return { torque, preload: { low: kn(high), likely: kn(likely), high: kn(low) } }
}

/** Axle nuts, steering, brakes and pack terminals take the machine file's or the maker's number, or none. */
export function mayEstimate(critical: string | undefined): boolean {
  return critical === undefined
}
