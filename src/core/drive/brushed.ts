/** A brushed motor behind its supply: magnets or a series field. SI. */
export interface BrushedDrive {
  /** Open-circuit volts and Ω of the source, 0 or more. */
  readonly emf: number
  readonly sourceOhms: number
  /** Joints, contactor and breaker in its path, Ω; `Infinity` is open. */
  readonly pathOhms: number
  /** Armature and brushes, Ω above 0; `Infinity` where no brush touches or a bar is open under both. */
  readonly armatureOhms: number
  /** Drop of both brushes together, V. */
  readonly brushVolts: number
  readonly field: 'magnets' | 'series'
  /** V for each rad/s: of magnets; of a series field for each A through it. */
  readonly ke: number
  /** N·m that it takes to turn at all, and to keep turning, at the motor. */
  readonly friction: number
  readonly load: number
}

export interface BrushedPoint {
  /** A through the motor, V at its posts, rad/s. */
  readonly amps: number
  readonly posts: number
  readonly speed: number
}

/**
 * The operating point at a share of the voltage, in closed form: torque gives the current (`T = ke·I`, or `ke·I²` in series), the current
 * gives the speed (`V = I·R + Vb + E`). A motor that cannot carry its load stands and takes what its resistance lets through.
 * @param duty 0 … 1
 * @throws RangeError for a duty outside 0 … 1
 */
export function brushedPoint(drive: BrushedDrive, duty: number): BrushedPoint {
  if (!(duty >= 0 && duty <= 1)) throw new RangeError(`duty is 0 … 1, got ${duty}`)
  const { emf, sourceOhms, pathOhms, armatureOhms, brushVolts, field, ke, friction, load } = drive
  // Seen from the motor a chopper turns the source’s resistance down by its duty squared.
  const before = duty * duty * sourceOhms + pathOhms
  const all = before + armatureOhms
  const open = duty * emf
  if (all === Infinity || open <= brushVolts) return { amps: 0, posts: pathOhms === Infinity ? 0 : open, speed: 0 }
  const stalled = (open - brushVolts) / all
  const torque = friction + load
  const wanted = ke === 0 ? Infinity : field === 'magnets' ? torque / ke : Math.sqrt(torque / ke)
  const amps = Math.min(stalled, wanted)
  const flux = field === 'magnets' ? ke : ke * amps
  return { amps, posts: open - amps * before, speed: wanted < stalled && flux > 0 ? (open - brushVolts - amps * all) / flux : 0 }
}

/**
 * mV at an armature while a known current goes through it and it is turned by hand: how far its bars differ, as a share of the mean. A
 * coil that is open leaves one of two paths, and the resistance doubles where it lies between the brushes; coils that are shorted
 * take theirs away.
 * @param bars of the commutator, 8 or more; @param open and @param shorted coils
 */
export function barSpread(bars: number, open: number, shorted: number): number {
  const half = bars / 2
  // Two paths side by side, each of half the coils.
  const sound = half / 2
  const one = open > 0 ? half : ((half - shorted) * half) / (2 * half - shorted)
  const values = [sound, one]
  const mean = (values[0]! + values[1]!) / 2
  return Math.abs(values[0]! - values[1]!) / mean
}
