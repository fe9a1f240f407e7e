/**
 * Volts at a capacitor that is charged through a resistance: `V·(1 − e^(−t / RC))`.
 * @param volts of the source, V; @param ohms Ω above 0; @param farad F above 0; @param seconds s, 0 or more
 * @example charged(52, 100, 0.002, 0.2) // 32.9 V: one time constant
 */
export function charged(volts: number, ohms: number, farad: number, seconds: number): number {
  if (!(ohms > 0 && farad > 0)) throw new RangeError(`resistance and capacitance are above 0, got ${ohms} Ω and ${farad} F`)
  return volts * (1 - Math.exp(-seconds / (ohms * farad)))
}

/** Seconds until it has a share of the source’s voltage, 0 … below 1. Not at all where it bleeds as fast as it is fed: `Infinity`. */
export function chargedAfter(share: number, ohms: number, farad: number, bleedOhms = Infinity): number {
  // With a bleeder it charges towards less, by both resistances side by side.
  const most = bleedOhms === Infinity ? 1 : bleedOhms / (ohms + bleedOhms)
  if (share >= most) return Infinity
  const side = bleedOhms === Infinity ? ohms : (ohms * bleedOhms) / (ohms + bleedOhms)
  return -side * farad * Math.log(1 - share / most)
}

/** Volts left at a capacitor after bleeding for a time. Passive only: a converter does not let it down like this. */
export function bled(volts: number, ohms: number, farad: number, seconds: number): number {
  return volts * Math.exp(-seconds / (ohms * farad))
}
