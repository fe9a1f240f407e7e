import { type Doubted, judgeWithin, total } from '../doubt'

/** What a piece of a stack is for. */
export const PURPOSES = [
  'nut',
  'cap',
  'bolt',
  'washer',
  'tab',
  'ring',
  'frame',
  'spacer',
  'cog',
  'disc',
  'gear',
  'pulley',
  'wheel',
  'crank',
  'spider',
  'bearing',
  'seal',
  'arm',
] as const
export type Purpose = (typeof PURPOSES)[number]

/** One piece on a shaft, from the outside in. Widths in mm along it. */
export interface Piece {
  readonly width: Doubted
  /** Held between the nut and the shoulder; what turns between them is clearance, and counts for nothing. */
  readonly clamped: boolean
  readonly turns: boolean
  readonly purpose?: Purpose
}

/** What counts of it for how wide it is when it is tight. */
export const counts = ({ clamped, turns }: Pick<Piece, 'clamped' | 'turns'>): boolean => clamped && !turns

/** Width of some pieces that are clamped, mm. */
export const widthOf = (pieces: readonly Piece[]): Doubted =>
  total(...pieces.filter(counts).map((p): readonly [number, Doubted] => [1, p.width]))

/** The pieces between the frame and the hub: those behind the one that is the frame; all of them where none is. */
export function inside<P extends Pick<Piece, 'purpose'>>(pieces: readonly P[]): readonly P[] {
  return pieces.slice(pieces.findIndex((p) => p.purpose === 'frame') + 1)
}

/** How far a frame may be sprung to take a wheel, and how much play it may have before its nuts draw it in, mm; estimates. */
export const SPREAD_MOST = 0.5
export const PLAY_MOST = 1

export interface Opening {
  /** Over the lock nuts: hub and all that is clamped inside the frame, mm. */
  readonly over: Doubted
  /** Positive: it has to be spread by so much; negative: so much play before it is drawn in. */
  readonly spread: Doubted
  readonly verdict: 'fits' | 'spreads the frame' | 'loose in the frame' | 'cannot tell'
}

/**
 * Does a hub with its inner pieces go into the frame? Their width against the opening.
 * @param hub over its shoulders, mm, above 0
 * @param pieces those inside the frame, of both ends
 * @param opening of the frame, between its faces, mm, above 0
 */
export function overTheOpening(hub: Doubted, pieces: readonly Piece[], opening: Doubted, most = SPREAD_MOST, play = PLAY_MOST): Opening {
  if (!(hub.value > 0) || !(opening.value > 0)) throw new RangeError(`widths must be above 0 mm, got ${hub.value} and ${opening.value}`)
  const over = total([1, hub], [1, widthOf(pieces)])
  const spread = total([1, over], [-1, opening])
  const { is } = judgeWithin(spread, -play, most)
  const verdict = is === 'inside' ? 'fits' : is === 'cannot tell' ? is : spread.value > 0 ? 'spreads the frame' : 'loose in the frame'
  return { over, spread, verdict }
}

export interface ThreadLeft {
  /** Past the face of the nut, mm; negative where the nut is not full. */
  readonly showing: Doubted
  readonly turns: number
  readonly verdict: 'full nut' | 'not a full nut' | 'more than usual' | 'cap bottoms' | 'cannot tell'
}

/** Turns of thread that show past a nut that is full: at least one, seldom more than three (bench rule; estimated). */
const TURNS = { least: 1, usual: 3 }

/**
 * Thread past the nut at one end: what of the axle stands out of the hub’s shoulder, less all that is clamped on it, nut and all. A cap
 * nut has so much room inside, and must not bottom.
 * @param standsOut shoulder to end of the axle, mm
 * @param pieces the whole stack of that end
 * @param pitch mm, above 0
 * @param capDepth thread room in a cap nut, mm; absent for an open one
 */
export function threadLeft(standsOut: Doubted, pieces: readonly Piece[], pitch: number, capDepth?: Doubted): ThreadLeft {
  if (!(pitch > 0)) throw new RangeError(`pitch must be above 0 mm, got ${pitch}`)
  if (capDepth) {
    const through = total([1, standsOut], [-1, widthOf(pieces.filter((p) => p.purpose !== 'cap'))])
    const room = total([1, capDepth], [-1, through])
    const { is } = judgeWithin(room, pitch / 2, Infinity)
    const verdict = is === 'inside' ? 'full nut' : is === 'outside' ? 'cap bottoms' : 'cannot tell'
    return { showing: { value: -room.value, u: room.u }, turns: -room.value / pitch, verdict }
  }
  const showing = total([1, standsOut], [-1, widthOf(pieces)])
  const turns = showing.value / pitch
  const { is } = judgeWithin(showing, TURNS.least * pitch, Infinity)
  const verdict = is === 'outside' ? 'not a full nut' : is === 'cannot tell' ? is : turns > TURNS.usual + 1 ? 'more than usual' : 'full nut'
  return { showing, turns, verdict }
}

/**
 * How far the middle of the rim stands to the left of the middle of the frame, mm, from its own distance to each shoulder and what is
 * clamped there; negative is to the right.
 * @param left rim’s middle to the left shoulder of the hub, mm; `right` the same
 */
export function rimShift(left: Doubted, leftInner: readonly Piece[], right: Doubted, rightInner: readonly Piece[]): Doubted {
  return total([-0.5, left], [-0.5, widthOf(leftInner)], [0.5, right], [0.5, widthOf(rightInner)])
}
