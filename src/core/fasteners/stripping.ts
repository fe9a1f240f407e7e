import { CLASSES, type PropertyClass, TAPPED, type Tapped } from './classes'
import type { Thread } from './thread'

/** Share of the tensile strength at which a thread shears (VDI 2230-1:2015, table A9, rounded down). */
const SHEAR = 0.6

/** Areas that shear as a thread strips, mm² over its length of engagement. */
export interface ShearAreas {
  /** Of the screw’s own thread. */
  readonly screw: number
  /** Of the tapped hole’s. */
  readonly hole: number
}

/**
 * Shear areas of both threads on basic sizes: `π/P·L·D1·(P/2 + 0.57735·(d2 − D1))` of the screw’s, `π/P·L·d·(P/2 + 0.57735·(d − d2))`
 * of the hole’s (FED-STD-H28/2B; the same in VDI 2230-1:2015, 5.5.5).
 * @param engagement length of thread that holds, mm, 0 or more
 * @example shearAreas(metricThread(6, 1), 6).hole // 81.3 mm²
 */
export function shearAreas({ d, d2, D1, pitch }: Thread, engagement: number): ShearAreas {
  if (!(engagement >= 0)) throw new RangeError(`engagement must be 0 mm or more, got ${engagement}`)
  const turns = (Math.PI * engagement) / pitch
  return { screw: turns * D1 * (pitch / 2 + 0.57735 * (d2 - D1)), hole: turns * d * (pitch / 2 + 0.57735 * (d - d2)) }
}

export interface Strips {
  /** What gives first when it is pulled until something does. */
  readonly first: 'screw breaks' | 'hole strips' | 'screw strips'
  /** Pull in N at which it does. */
  readonly at: number
  /** Engagement in mm from which the screw breaks before either thread strips. */
  readonly enough: number
}

/** What gives first in a tapped hole. Both threads on basic sizes; strengths of the hole are estimates. */
export function strips(thread: Thread, strength: PropertyClass, into: Tapped, engagement: number): Strips {
  const { tensile } = CLASSES[strength]
  const one = shearAreas(thread, 1)
  const breaks = thread.stressArea * tensile
  const [hole, screw] = [one.hole * SHEAR * TAPPED[into].tensile, one.screw * SHEAR * tensile]
  const [first, at] = (
    [
      ['screw breaks', breaks],
      ['hole strips', hole * engagement],
      ['screw strips', screw * engagement],
    ] as const
  ).reduce((a, b) => (b[1] < a[1] ? b : a))
  return { first, at, enough: breaks / Math.min(hole, screw) }
}
