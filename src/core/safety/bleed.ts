/**
 * Seconds until a capacitor has bled down: `t = R·C·ln(V0/V)`. For a passive bleed only: a converter does not decay so. A prediction
 * never replaces a reading.
 * @param ohms above 0 @param farads above 0 @param from V, above `to` @param to V, above 0
 * @example bleedSeconds(10_000, 1e-3, 58.8, 5) // 24.6 s
 */
export function bleedSeconds(ohms: number, farads: number, from: number, to: number): number {
  if (!(ohms > 0) || !(farads > 0)) throw new RangeError(`resistance and capacitance must be above 0, got ${ohms} Ω, ${farads} F`)
  if (!(to > 0)) throw new RangeError(`the voltage to reach must be above 0 V, got ${to}`)
  return from <= to ? 0 : ohms * farads * Math.log(from / to)
}

/** Energy in J of a capacitor: `½·C·V²`. */
export function capacitorEnergy(farads: number, volts: number): number {
  return 0.5 * farads * volts ** 2
}

/** A reading while it bleeds: epoch ms and V. */
export interface BleedPoint {
  readonly at: number
  readonly volts: number
}

/**
 * When the voltage should be at `limit`, from two readings of one place, by the exponential through both; null when they do not fall
 * (the pack may still be connected) or lie less than a second apart.
 * @returns epoch ms; a time to measure again, never a proof
 */
export function predictDead(first: BleedPoint, second: BleedPoint, limit: number): number | null {
  const seconds = (second.at - first.at) / 1000
  const [v1, v2] = [Math.abs(first.volts), Math.abs(second.volts)]
  if (seconds < 1 || !(v2 > 0) || v2 >= v1 * 0.995) return null
  const tau = seconds / Math.log(v1 / v2)
  return second.at + Math.max(0, tau * Math.log(v2 / limit)) * 1000
}
