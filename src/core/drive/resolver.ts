/** A resolver: one winding that is fed, two that answer with sine and cosine of the rotor’s angle. */
export interface Resolver {
  /** Ω of the winding that is fed, of the sine and of the cosine one; `Infinity` is open. */
  readonly ohms: readonly [number, number, number]
  /** Share of each one’s turns that is closed upon itself, 0 … below 1. */
  readonly shorted: readonly [number, number, number]
  /** Electrical degrees by which its angle was taught wrong. */
  readonly taught: number
}

/** Ω that a meter shows: turns that are closed upon themselves no longer count. */
export function resolverOhms({ ohms, shorted }: Resolver): readonly [number, number, number] {
  return [ohms[0] * (1 - shorted[0]), ohms[1] * (1 - shorted[1]), ohms[2] * (1 - shorted[2])]
}

/** Sine and cosine at an angle, as shares of what a sound one gives; with none of either the angle cannot be told. */
export function resolverSeen({ ohms, shorted }: Resolver, degrees: number): readonly [number, number] {
  // Fewer turns that are fed give more flux, until the feed gives up; turns lost at the answer take their share of it away.
  const fed = ohms[0] === Infinity ? 0 : shorted[0] > 0.4 ? 0.3 : 1 / (1 - shorted[0])
  const of = (k: 1 | 2): number => (ohms[k] === Infinity ? 0 : fed * (1 - shorted[k]))
  const a = (degrees * Math.PI) / 180
  return [of(1) * Math.sin(a), of(2) * Math.cos(a)]
}

/**
 * The most by which its angle is wrong over a turn, electrical degrees: of amplitudes that differ by a factor `a`, `asin((a − 1)/(a + 1))`,
 * and what was taught wrong. Null where it gives no angle.
 */
export function angleOff(resolver: Resolver): number | null {
  const [sine, cosine] = [resolverSeen(resolver, 90)[0], resolverSeen(resolver, 0)[1]]
  if (sine <= 0 || cosine <= 0) return null
  const a = Math.max(sine, cosine) / Math.min(sine, cosine)
  return Math.abs(resolver.taught) + (Math.asin((a - 1) / (a + 1)) * 180) / Math.PI
}
