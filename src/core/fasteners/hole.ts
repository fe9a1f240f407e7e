import { chanceBelow, type Doubted, total } from '../doubt'
import { TAPPED, type Tapped } from './classes'
import { LENGTHS } from './sizes'

/** What lies behind the end of a screw. */
export const BEHIND = ['winding', 'lead', 'cell', 'bearing', 'nothing'] as const
export type Behind = (typeof BEHIND)[number]

/** Room that is kept to it beside twice the doubt, mm; estimates. Where nothing is behind there is no limit. */
const ROOM: Readonly<Record<Behind, number | null>> = { winding: 1, lead: 1, cell: 2, bearing: 0.5, nothing: null }
export const roomTo = (behind: Behind): number | null => ROOM[behind]

/** A screw in a hole, mm. The length is below the head; of a countersunk one it is all of it, and the stack is counted from its face. */
export interface InHole {
  readonly length: Doubted
  /** All washers under the head together. */
  readonly washers: Doubted
  /** What is clamped between head and thread. */
  readonly stack: Doubted
  /** From where the thread begins to what is behind; absent where nobody knows it. */
  readonly depth?: Doubted
  readonly behind: Behind
  /** Nominal diameter of the screw. */
  readonly d: number
  readonly into: Tapped
}

export interface Reaches {
  /** From its end to what is behind; absent where the depth is not known. */
  readonly clearance?: Doubted
  /** Chance that it touches, 0 to 1. */
  readonly touches?: number
  readonly verdict: 'clear' | 'stop' | 'nothing behind' | 'depth not known'
  /** Length of thread that holds; negative where it does not reach its thread. */
  readonly engaged: number
  readonly wanted: number
  /** Washers more that would make it clear, mm, to the next tenth; absent where it is clear or they would leave too little thread. */
  readonly washer?: number
  /** The longest usual screw that is clear and has its thread; absent where none is. */
  readonly longest?: number
}

/** Share of the wanted engagement below which a screw is too short; estimated. */
const SHORT = 0.8

/**
 * Does a screw reach what is behind its hole? `clearance = washers + stack + depth − length`; it is clear while that less twice its
 * doubt leaves the room that what is behind wants. A depth that nobody knows is never passed, unless nothing is behind.
 * @throws RangeError for a length, a stack or a diameter that is not above 0
 */
export function reaches(of: InHole): Reaches {
  if (!(of.length.value > 0) || !(of.stack.value >= 0) || !(of.d > 0))
    throw new RangeError(`length and diameter must be above 0 mm, got ${of.length.value} and ${of.d}`)
  const room = roomTo(of.behind)
  const engaged = of.length.value - of.washers.value - of.stack.value
  const wanted = TAPPED[of.into].engagement * of.d
  const { depth } = of
  if (depth === undefined) return { verdict: room === null ? 'nothing behind' : 'depth not known', engaged, wanted }
  const clearance = total([1, of.washers], [1, of.stack], [1, depth], [-1, of.length])
  if (room === null) return { clearance, verdict: 'nothing behind', engaged, wanted }
  const spare = clearance.value - 2 * clearance.u - room
  const clear = spare >= -1e-9
  const most = of.length.value + spare
  const least = of.washers.value + of.stack.value + SHORT * wanted
  const longest = LENGTHS.filter((l) => l <= most + 1e-9 && l >= least - 1e-9).at(-1)
  const washer = Math.ceil(-spare * 10 - 1e-9) / 10
  return {
    clearance,
    touches: chanceBelow(clearance, 0),
    verdict: clear ? 'clear' : 'stop',
    engaged,
    wanted,
    ...(!clear && engaged - washer >= SHORT * wanted - 1e-9 ? { washer } : {}),
    ...(longest === undefined ? {} : { longest }),
  }
}

/** Is too little of its thread held? */
export const isShort = ({ engaged, wanted }: Pick<Reaches, 'engaged' | 'wanted'>): boolean => engaged < SHORT * wanted - 1e-9
