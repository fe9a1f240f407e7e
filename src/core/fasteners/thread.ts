import { metricSize, UNIFIED, UNIFIED_INCHES } from './sizes'

/** Lengths in mm, area in mm². */
export interface Thread {
  readonly d: number
  readonly pitch: number
  /** Pitch diameter. */
  readonly d2: number
  /** Root diameter of the screw. */
  readonly d3: number
  /** Minor diameter of the tapped hole. */
  readonly D1: number
  readonly stressArea: number
}

/**
 * Basic geometry of an ISO metric thread: `d2 = d − 0.649519·P`, `d3 = d − 1.226869·P`, `D1 = d − 1.082532·P` (ISO 68-1, ISO 724),
 * stress area `As = π/4·((d2 + d3)/2)²` (ISO 898-1).
 * @param d nominal diameter in mm, above 0
 * @param pitch in mm, above 0 and below `d / 1.3`
 * @throws RangeError for values outside that
 * @example metricThread(12, 1.25).stressArea // 92.07 mm²
 */
export function metricThread(d: number, pitch: number): Thread {
  if (!(d > 0) || !Number.isFinite(d)) throw new RangeError(`diameter must be above 0 mm, got ${d}`)
  if (!(pitch > 0) || pitch * 1.3 >= d) throw new RangeError(`pitch must be above 0 and below ${d / 1.3} mm, got ${pitch}`)
  const d2 = d - 0.649519 * pitch
  const d3 = d - 1.226869 * pitch
  return { d, pitch, d2, d3, D1: d - 1.082532 * pitch, stressArea: (Math.PI / 4) * ((d2 + d3) / 2) ** 2 }
}

/**
 * Stress area of a unified thread in mm²: `π/4·(d − 0.9743/n)²` in inches (ASME B1.1).
 * @param inches nominal diameter in inches
 * @param perInch threads per inch
 * @example unifiedStressArea(0.25, 20) // 20.5 mm²
 */
export function unifiedStressArea(inches: number, perInch: number): number {
  if (!(inches > 0) || !(perInch > 0) || inches <= 0.9743 / perInch)
    throw new RangeError(`not a unified thread: ${inches} in, ${perInch} per inch`)
  return (Math.PI / 4) * (inches - 0.9743 / perInch) ** 2 * 25.4 ** 2
}

/**
 * Basic geometry of a unified thread, mm: the same profile as ISO 68-1 with its pitch in an inch’s share (ASME B1.1), and its own stress
 * area. Null for a size that is not made.
 * @param size `1/4`, `#10`
 * @param perInch threads in an inch
 */
function unifiedThread(size: string, perInch: number): Thread | null {
  const inches = UNIFIED_INCHES[size]
  if (inches === undefined || !UNIFIED[size]!.includes(perInch)) return null
  return { ...metricThread(inches * 25.4, 25.4 / perInch), stressArea: unifiedStressArea(inches, perInch) }
}

/**
 * Reads a designation: metric (`M12×1.25`; without a pitch the coarse one of ISO 261) or unified (`1/4-20`). Null when it is not one
 * that is made.
 * @example readThread('M12×1.25')?.pitch // 1.25
 */
export function readThread(text: string): Thread | null {
  const inch = /^(#\d+|\d+\/\d+)\s*-\s*(\d+)$/.exec(text.trim())
  if (inch) return unifiedThread(inch[1]!, Number(inch[2]))
  const size = metricSize(text)
  return 'why' in size || !/^m/i.test(text.trim()) ? null : metricThread(size.d, size.pitch)
}
