import { readThread } from './thread'

/** Into what a screw goes. */
type Into = 'steel' | 'aluminium' | 'plastic'

/** What is usual for a screw: a band in N·m, to be read. It is never the number wanted, and sets no wrench. */
export interface Usual {
  /** Absent where the band is that of a place, such as an axle. */
  readonly into?: Into
  /** Property class; absent where it makes no difference. */
  readonly strength?: string
  readonly low: number
  readonly high: number
  readonly source: 'VDI 2230-1:2015' | 'estimated'
}

/**
 * Tightening torque in N·m by thread and property class at 90 % of the yield stress, friction 0.12, cap head: VDI 2230-1:2015, 5.4.3, two
 * figures. The card gives 70 to 100 % of it in steel.
 */
export const FULL_TORQUE: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  M3: { '8.8': 1.3, '10.9': 1.9, '12.9': 2.3, 'A2-70': 0.93 },
  M4: { '8.8': 3, '10.9': 4.5, '12.9': 5.2, 'A2-70': 2.1 },
  M5: { '8.8': 6.1, '10.9': 8.9, '12.9': 10, 'A2-70': 4.3 },
  M6: { '8.8': 10, '10.9': 15, '12.9': 18, 'A2-70': 7.2 },
  M8: { '8.8': 25, '10.9': 37, '12.9': 43, 'A2-70': 18 },
  M10: { '8.8': 49, '10.9': 72, '12.9': 84, 'A2-70': 35 },
  M12: { '8.8': 84, '10.9': 120, '12.9': 150, 'A2-70': 59 },
}

/** In aluminium alloy the thread in it gives first: this share of what steel takes from a class 8.8 screw; estimated. */
const ALUMINIUM = 0.7
/** In plastic, by thread; estimated. */
const PLASTIC: Readonly<Record<string, readonly [number, number]>> = { M3: [0.4, 0.7], M4: [0.8, 1.5], M5: [1.5, 2.5], M6: [2.5, 4] }
/** A cover wants to be even, not tight: this share of the band; estimated. */
const COVER = 0.5

/** Usual bands by place and thread, N·m; all estimated: they differ from machine to machine, and the maker's number goes before them. */
const PLACES: Readonly<Record<string, Readonly<Record<string, readonly [number, number]>>>> = {
  axle: { M8: [15, 20], M10: [20, 35], M12: [35, 50], M14: [45, 60], M16: [60, 90] },
  steering: { M5: [4, 6], M6: [6, 10], M8: [15, 25], M10: [30, 45], M16: [40, 60] },
  brake: { M4: [1, 2], M5: [4, 6], M6: [6, 10], M8: [15, 25] },
}

/**
 * Usual torques for a fixing whose file gives none. Pack terminals have none, and neither has a thread that the lists do not hold.
 * @param thread as the file writes it: `M5`, `M10×1`; only the diameter counts
 * @param strength property class, where it is known; else 8.8 and A2-70 are both given
 * @param critical axle, steering and brake have bands of their own
 * @param role of what it holds: a cover is tightened evenly, not tight, and what only keeps dust out is not told of
 */
export function usualTorques(
  thread: string | undefined,
  strength: string | undefined,
  role: string,
  critical: string | undefined,
): readonly Usual[] {
  const read = thread === undefined ? null : readThread(thread)
  const size = read ? `M${read.d}` : ''
  if (!read || critical === 'pack terminal') return []
  if (critical !== undefined) {
    const band = PLACES[critical]?.[size]
    return band ? [{ low: band[0], high: band[1], source: 'estimated' }] : []
  }
  const full = FULL_TORQUE[size]
  if (!full) return []
  const share = role === 'working' ? 1 : COVER
  const classes = strength !== undefined && full[strength] !== undefined ? [strength] : ['8.8', 'A2-70']
  const steel = classes.map((c): Usual => ({ into: 'steel', strength: c, ...band(full[c]! * share), source: 'VDI 2230-1:2015' }))
  const plastic = PLASTIC[size]
  return [
    ...steel,
    { into: 'aluminium', ...band(full['8.8']! * ALUMINIUM * share), source: 'estimated' },
    ...(plastic ? [{ into: 'plastic', low: plastic[0], high: plastic[1], source: 'estimated' } as const] : []),
  ]
}

const band = (most: number): { readonly low: number; readonly high: number } => ({
  low: Number((most * 0.7).toPrecision(2)),
  high: Number(most.toPrecision(2)),
})
