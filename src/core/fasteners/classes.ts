/** Smallest strengths of a screw’s material, MPa. */
export interface Strength {
  /** Proof stress: it comes back from it as long as it was. */
  readonly proof: number
  /** 0.2 % yield, or the lower yield stress. */
  readonly yield: number
  readonly tensile: number
  readonly source: 'ISO 898-1' | 'ISO 3506-1' | 'estimated'
}

/** By class, of screws up to M16: ISO 898-1:2013, tables 3 and 5; stainless ISO 3506-1:2020, table 3; brass and plastic are estimates. */
export const CLASSES = {
  '4.6': { proof: 225, yield: 240, tensile: 400, source: 'ISO 898-1' },
  '4.8': { proof: 310, yield: 340, tensile: 420, source: 'ISO 898-1' },
  '5.8': { proof: 380, yield: 420, tensile: 520, source: 'ISO 898-1' },
  '6.8': { proof: 440, yield: 480, tensile: 600, source: 'ISO 898-1' },
  '8.8': { proof: 580, yield: 640, tensile: 800, source: 'ISO 898-1' },
  '10.9': { proof: 830, yield: 940, tensile: 1040, source: 'ISO 898-1' },
  '12.9': { proof: 970, yield: 1100, tensile: 1220, source: 'ISO 898-1' },
  'A2-50': { proof: 210, yield: 210, tensile: 500, source: 'ISO 3506-1' },
  'A2-70': { proof: 450, yield: 450, tensile: 700, source: 'ISO 3506-1' },
  'A4-80': { proof: 600, yield: 600, tensile: 800, source: 'ISO 3506-1' },
  brass: { proof: 220, yield: 250, tensile: 370, source: 'estimated' },
  plastic: { proof: 40, yield: 50, tensile: 70, source: 'estimated' },
} as const satisfies Readonly<Record<string, Strength>>

export type PropertyClass = keyof typeof CLASSES
export const CLASS_IDS = Object.keys(CLASSES) as readonly PropertyClass[]
export const isClass = (text: string): text is PropertyClass => Object.hasOwn(CLASSES, text)

/** What a thread is cut in: its tensile strength in MPa, and how many diameters of the screw it wants engaged; estimated. */
export const TAPPED = {
  steel: { tensile: 500, engagement: 1, torqueShare: 1 },
  aluminium: { tensile: 240, engagement: 2, torqueShare: 0.7 },
  magnesium: { tensile: 200, engagement: 2, torqueShare: 0.6 },
  brass: { tensile: 370, engagement: 1.25, torqueShare: 0.8 },
  plastic: { tensile: 60, engagement: 2.5, torqueShare: 0.15 },
} as const
export type Tapped = keyof typeof TAPPED
export const TAPPED_IDS = Object.keys(TAPPED) as readonly Tapped[]

/** Friction in thread and under the head by how they are: VDI 2230-1:2015, table A5; with locker and in aluminium estimated. */
export const SURFACES = {
  'as found': { low: 0.08, likely: 0.12, high: 0.2 },
  greased: { low: 0.06, likely: 0.09, high: 0.12 },
  threadlocker: { low: 0.1, likely: 0.14, high: 0.2 },
  plated: { low: 0.08, likely: 0.12, high: 0.18 },
  'into aluminium': { low: 0.1, likely: 0.15, high: 0.24 },
  'stainless, dry': { low: 0.14, likely: 0.24, high: 0.35 },
} as const
export type Surface = keyof typeof SURFACES
export const SURFACE_IDS = Object.keys(SURFACES) as readonly Surface[]
