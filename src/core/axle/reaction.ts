/** What a dropout, or whatever holds the flats, is made of. */
export const DROPOUTS = ['steel', 'aluminium', 'magnesium'] as const
export type Dropout = (typeof DROPOUTS)[number]

/** Pressure on the flats that it stands, MPa, and the torque in all from which an arm is wanted whatever the sum says, N·m; estimates. */
const STANDS: Readonly<Record<Dropout, { readonly pressure: number; readonly armFrom: number }>> = {
  steel: { pressure: 200, armFrom: 40 },
  aluminium: { pressure: 100, armFrom: 20 },
  magnesium: { pressure: 60, armFrom: 20 },
}

/** How an axle is held against its own motor. Lengths in mm, torque in N·m, force in N. */
export interface Reaction {
  /** At the wheel: `Kt·I·ratio`, driving and slowing, N·m. */
  readonly drive: number
  readonly regen: number
  /** How many ends have flats in a slot: 2, or 1 where one end is round or the other dropout is open. */
  readonly ends: 1 | 2
  /** Diameter of the axle, and across its flats. */
  readonly diameter: number
  readonly flats: number
  /** Thickness of the dropout along the axle. */
  readonly thickness: number
  readonly material: Dropout
  /** Pull of each nut when it is tight, N: by its torque at the worst friction. */
  readonly nutPull: number
  /** Mean radii on which nut and shoulder rub on the dropout. */
  readonly radii: readonly [outer: number, inner: number]
  /** Between slot and flats, mm; absent where nobody measured it. */
  readonly play?: number
  /** As it left its maker: motor and fork are those that belong together. */
  readonly asDelivered: boolean
  readonly slotWorn: boolean
  readonly tabWasher: boolean
}

/** Friction of the nuts at its worst, and by how much the sum has to be on the safe side. */
export const WORST_FRICTION = 0.1
const SAFETY = 1.5
/** Play from which the flats bear on an edge first: the pressure is then more than the sum says. */
const PLAY_TOLD = 0.05

export type WhyArm = 'sum' | 'torque' | 'worn slot' | 'foreign motor' | 'no tab washer' | 'regeneration'

export interface Held {
  readonly verdict: 'holds' | 'arm wanted' | 'cannot say'
  readonly why: readonly WhyArm[]
  /** Torque in all that has to be held, N·m. */
  readonly torque: number
  /** What the nuts carry by friction, N·m in all: tight. Loose they carry nothing. */
  readonly friction: number
  /** Pressure on the flats, MPa: with the nuts tight, and with them loose. */
  readonly tight: number
  readonly loose: number
  /** The most that its material stands, MPa. */
  readonly stands: number
  /** The pressure is at least this much: there is play in the slot, or nobody measured it. */
  readonly lowerBound: boolean
}

/**
 * Half the length of the flat on which it bears, mm: `c = √(d² − w²)` is all of it.
 * @throws RangeError unless 0 < flats < diameter
 */
export function flatLength(diameter: number, flats: number): number {
  if (!(flats > 0 && flats < diameter))
    throw new RangeError(`flats must be above 0 and below the diameter, got ${flats} and ${diameter} mm`)
  return Math.sqrt(diameter ** 2 - flats ** 2)
}

/**
 * The greatest pressure on flats that a moment presses against a slot, MPa: `p = 6·M/(t·c²)`; it grows evenly along each half, two halves
 * bear, and there is no play.
 * @param moment N·m, 0 or more
 */
export const flatPressure = (moment: number, thickness: number, length: number): number => (6000 * moment) / (thickness * length ** 2)

/**
 * Will the axle turn in its slots under throttle? Judged with tight nuts at the worst friction and a factor of 1.5. As delivered and
 * whole it always holds; that it also holds with loose nuts is a rule for looking at them, and refuses nothing.
 */
export function reactionOf(of: Reaction): Held {
  const { pressure: stands, armFrom } = STANDS[of.material]
  const torque = Math.max(of.drive, of.regen)
  const friction = (of.ends * (WORST_FRICTION * of.nutPull * (of.radii[0] + of.radii[1]))) / 1000
  const length = flatLength(of.diameter, of.flats)
  const pressure = (moment: number): number => flatPressure(Math.max(0, moment) / of.ends, of.thickness, length)
  const [tight, loose] = [pressure(torque - friction), pressure(torque)]
  const whole = !of.slotWorn && of.tabWasher
  const known = [of.drive, of.regen, of.nutPull, of.thickness].every((x) => Number.isFinite(x) && x >= 0) && of.thickness > 0
  const why: WhyArm[] = [
    ...(pressure(SAFETY * torque - friction) > stands ? (['sum'] as const) : []),
    ...(torque > armFrom ? (['torque'] as const) : []),
    ...(of.slotWorn ? (['worn slot'] as const) : []),
    ...(of.asDelivered ? [] : (['foreign motor'] as const)),
    ...(of.tabWasher ? [] : (['no tab washer'] as const)),
    ...(of.regen > of.drive / 2 ? (['regeneration'] as const) : []),
  ]
  const lowerBound = of.play === undefined || of.play > PLAY_TOLD
  const verdict = of.asDelivered && whole ? 'holds' : !known ? 'cannot say' : why.length > 0 ? 'arm wanted' : 'holds'
  return { verdict, why: verdict === 'arm wanted' ? why : [], torque, friction, tight, loose, stands, lowerBound }
}

/** Force in N at the end of an arm that takes a torque: `F = T/L`, with the same factor. @param length mm, above 0 */
export function armForce(torque: number, length: number): number {
  if (!(length > 0)) throw new RangeError(`length must be above 0 mm, got ${length}`)
  return (SAFETY * torque * 1000) / length
}

/** Torque at the wheel in N·m: `Kt·I·ratio`, `Kt = 60/(2π·Kv)` with Kv of the rotor in rpm/V and I the phase current in A. */
export function wheelTorque(kv: number, amps: number, ratio: number): number {
  if (!(kv > 0) || !(ratio > 0) || !(amps >= 0)) throw new RangeError(`Kv and ratio must be above 0, got ${kv}, ${ratio}, ${amps} A`)
  return (60 / (2 * Math.PI * kv)) * amps * ratio
}
