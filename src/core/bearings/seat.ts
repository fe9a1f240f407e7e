import { type Doubted, judgeWithin, total } from '../doubt'

/** A bearing between its cup and a collar, mm. */
export interface Seat {
  /** How far the collar stands out towards the bearing. */
  readonly collar: Doubted
  /** Width of the bearing: of the ring that the shim bears on. */
  readonly bearing: Doubted
  /** From the face of the housing to the floor of its seat. */
  readonly depth: Doubted
}

/** What stands out when it is all together: `collar + bearing − depth`, mm; negative where the bearing sinks below the face. */
export const seatGap = ({ collar, bearing, depth }: Seat): Doubted => total([1, collar], [1, bearing], [-1, depth])

export interface Shimmed {
  readonly gap: Doubted
  readonly verdict: 'sits' | 'cannot tell' | 'rubs' | 'too loose'
  /** The shop’s shim that is surest to end inside the window; absent where none is wanted or none helps. */
  readonly shim?: number
  /** Chance that with it (or without, where none is wanted) it still ends outside the window. */
  readonly chance: number
}

/** Thickness of a shim by its stamp: half a hundredth either way (estimated). */
const SHIM_U = 0.005

/**
 * Play of a seat against its window, and the shim behind the outer ring that makes it right.
 * @param play what there is without a shim, mm
 * @param low least play that it may have; @param high most
 * @param shims thicknesses that the shop has, mm, above 0
 */
export function shimFor(play: Doubted, low: number, high: number, shims: readonly number[]): Shimmed {
  const bare = judgeWithin(play, low, high)
  const below = judgeWithin(play, low, Infinity)
  const outside = (p: Doubted): number => 1 - judgeWithin(p, low, high).chance
  if (bare.is === 'inside') return { gap: play, verdict: 'sits', chance: outside(play) }
  const verdict = bare.is === 'cannot tell' ? 'cannot tell' : below.is === 'outside' ? 'rubs' : 'too loose'
  const tried = shims.filter((s) => s > 0).map((s) => ({ s, chance: outside(total([1, play], [-1, { value: s, u: SHIM_U }])) }))
  const best = tried.reduce<(typeof tried)[number] | null>((a, b) => (a && a.chance <= b.chance ? a : b), null)
  return best && best.chance < outside(play) - 1e-9
    ? { gap: play, verdict, shim: best.s, chance: best.chance }
    : { gap: play, verdict, chance: outside(play) }
}

/** What a typed difference should have been, where it is not that of its two figures: by more than half a step of the scale. */
export function contradicted(a: number, b: number, typed: number, resolution: number): number | null {
  return Math.abs(a - b - typed) > resolution / 2 + 1e-9 ? a - b : null
}

/**
 * A figure in mm that was likely read in another unit: inches, or hundredths of a micrometer's drum left out.
 * @param near what it ought to be about, mm, above 0
 */
export function wrongUnit(value: number, near: number): 'inches' | 'thousandths of an inch' | 'half a turn of the drum' | null {
  const about = (x: number): boolean => Math.abs(x / near - 1) < 0.02
  if (about(value)) return null
  if (about(value * 25.4)) return 'inches'
  if (about((value * 25.4) / 1000)) return 'thousandths of an inch'
  return Math.abs(Math.abs(value - near) - 0.5) < 0.06 ? 'half a turn of the drum' : null
}
