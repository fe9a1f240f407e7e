/** Deviations of a tolerance class from the nominal size, micrometres: lower and upper. */
export type Deviations = readonly [lower: number, upper: number]

/** Upper ends of the ranges of nominal size, mm: above 0 (or the one before) up to and with it. ISO 286-1:2010, table 1. */
const RANGES = [3, 6, 10, 18, 30, 50] as const

/** Shafts, µm by range: ISO 286-2:2010, tables 17 (h), 18 (j), 19 (k), 20 (m) and 21 (n). */
export const SHAFTS = {
  h5: [
    [-4, 0],
    [-5, 0],
    [-6, 0],
    [-8, 0],
    [-9, 0],
    [-11, 0],
  ],
  h6: [
    [-6, 0],
    [-8, 0],
    [-9, 0],
    [-11, 0],
    [-13, 0],
    [-16, 0],
  ],
  h7: [
    [-10, 0],
    [-12, 0],
    [-15, 0],
    [-18, 0],
    [-21, 0],
    [-25, 0],
  ],
  j5: [
    [-2, 2],
    [-2, 3],
    [-2, 4],
    [-3, 5],
    [-4, 5],
    [-5, 6],
  ],
  j6: [
    [-2, 4],
    [-2, 6],
    [-2, 7],
    [-3, 8],
    [-4, 9],
    [-5, 11],
  ],
  k5: [
    [0, 4],
    [1, 6],
    [1, 7],
    [1, 9],
    [2, 11],
    [2, 13],
  ],
  k6: [
    [0, 6],
    [1, 9],
    [1, 10],
    [1, 12],
    [2, 15],
    [2, 18],
  ],
  m5: [
    [2, 6],
    [4, 9],
    [6, 12],
    [7, 15],
    [8, 17],
    [9, 20],
  ],
  m6: [
    [2, 8],
    [4, 12],
    [6, 15],
    [7, 18],
    [8, 21],
    [9, 25],
  ],
  n6: [
    [4, 10],
    [8, 16],
    [10, 19],
    [12, 23],
    [15, 28],
    [17, 33],
  ],
} as const satisfies Readonly<Record<string, readonly Deviations[]>>

/** Housings, µm by range: ISO 286-2:2010, tables 7 (H), 8 (J), 9 (K), 10 (M), 11 (N) and 12 (P). */
export const HOUSINGS = {
  H6: [
    [0, 6],
    [0, 8],
    [0, 9],
    [0, 11],
    [0, 13],
    [0, 16],
  ],
  H7: [
    [0, 10],
    [0, 12],
    [0, 15],
    [0, 18],
    [0, 21],
    [0, 25],
  ],
  H8: [
    [0, 14],
    [0, 18],
    [0, 22],
    [0, 27],
    [0, 33],
    [0, 39],
  ],
  J7: [
    [-6, 4],
    [-6, 6],
    [-7, 8],
    [-8, 10],
    [-9, 12],
    [-11, 14],
  ],
  K7: [
    [-10, 0],
    [-9, 3],
    [-10, 5],
    [-12, 6],
    [-15, 6],
    [-18, 7],
  ],
  M7: [
    [-12, -2],
    [-12, 0],
    [-15, 0],
    [-18, 0],
    [-21, 0],
    [-25, 0],
  ],
  N7: [
    [-14, -4],
    [-16, -4],
    [-19, -4],
    [-23, -5],
    [-28, -7],
    [-33, -8],
  ],
  P7: [
    [-16, -6],
    [-20, -8],
    [-24, -9],
    [-29, -11],
    [-35, -14],
    [-42, -17],
  ],
} as const satisfies Readonly<Record<string, readonly Deviations[]>>

export type ShaftClass = keyof typeof SHAFTS
export type HousingClass = keyof typeof HOUSINGS
export const SHAFT_IDS = Object.keys(SHAFTS) as readonly ShaftClass[]
export const HOUSING_IDS = Object.keys(HOUSINGS) as readonly HousingClass[]

/** Rings of a bearing of normal class, µm by range of bore or outside diameter: ISO 492:2014, tables 1 and 2: below the nominal. */
const BORE: readonly Deviations[] = [
  [-8, 0],
  [-8, 0],
  [-8, 0],
  [-8, 0],
  [-10, 0],
  [-12, 0],
]
const OUTSIDE: readonly Deviations[] = [
  [-8, 0],
  [-8, 0],
  [-8, 0],
  [-8, 0],
  [-9, 0],
  [-11, 0],
]

/** @throws RangeError for a size outside 0 < d ≤ 50 mm */
function rangeOf(size: number): number {
  const at = RANGES.findIndex((r) => size <= r)
  if (!(size > 0) || at < 0) throw new RangeError(`the tables go from above 0 to 50 mm, got ${size}`)
  return at
}

/** Limits of a shaft or a housing in mm. @param size nominal, 0 < size ≤ 50 mm */
export const limitsOf = (size: number, of: Deviations): readonly [number, number] => [size + of[0] / 1000, size + of[1] / 1000]

export interface Fit {
  /** Of the seat, µm. */
  readonly seat: Deviations
  /** Loosest and tightest that the two may come together, µm; positive is room, negative is a press. */
  readonly most: number
  readonly least: number
  readonly is: 'slips on' | 'press' | 'either'
}

const fitOf = (seat: Deviations, most: number, least: number): Fit => ({
  seat,
  most,
  least,
  is: least >= 0 ? 'slips on' : most <= 0 ? 'press' : 'either',
})

/** How the inner ring sits on a shaft. @param bore nominal, mm, to 50 */
export function onShaft(bore: number, of: ShaftClass): Fit {
  const at = rangeOf(bore)
  const [shaft, ring] = [SHAFTS[of][at]!, BORE[at]!]
  return fitOf(shaft, ring[1] - shaft[0], ring[0] - shaft[1])
}

/** How the outer ring sits in a housing. @param outside nominal, mm, to 50 */
export function inHousing(outside: number, of: HousingClass): Fit {
  const at = rangeOf(outside)
  const [hole, ring] = [HOUSINGS[of][at]!, OUTSIDE[at]!]
  return fitOf(hole, hole[1] - ring[0], hole[0] - ring[1])
}

/** How a plain shaft sits in a plain hole: a bush, a pin, a pulley on its shaft. @param size nominal, mm, to 50 */
export function shaftInHole(size: number, shaft: ShaftClass, hole: HousingClass): Fit {
  const at = rangeOf(size)
  const [s, h] = [SHAFTS[shaft][at]!, HOUSINGS[hole][at]!]
  return fitOf(h, h[1] - s[0], h[0] - s[1])
}

/** Growth of a metre by a degree, 1/K: handbook values. */
export const EXPANSION = { steel: 11.5e-6, aluminium: 23e-6, magnesium: 26e-6 } as const

/** Warmer than this a ring or its housing is not made: sealed bearing, open bearing, what has magnets or cable in it, °C; estimates. */
export const WARM_MOST = { 'sealed bearing': 100, 'open bearing': 120, 'magnets or cable': 80, 'bare housing': 150 } as const
export type Warmed = keyof typeof WARM_MOST

/**
 * How much warmer the outer piece has to be than the inner one to slip on: `ΔT = (press + slip-on room)/(α·d)`, °C.
 * @param press interference, µm, 0 or more @param room µm to slip on with @param size mm, above 0
 */
export function warmBy(press: number, room: number, size: number, expansion: number): number {
  if (!(size > 0) || !(expansion > 0) || !(press >= 0) || !(room >= 0))
    throw new RangeError(`press, room and size are wanted, got ${press}, ${room}, ${size}`)
  return (press + room) / 1000 / (expansion * size)
}
