/** Metric coarse pitches in mm by nominal diameter: ISO 261, first choice, M2 to M24. */
const COARSE: Readonly<Record<string, number>> = {
  '2': 0.4,
  '2.5': 0.45,
  '3': 0.5,
  '4': 0.7,
  '5': 0.8,
  '6': 1,
  '8': 1.25,
  '10': 1.5,
  '12': 1.75,
  '14': 2,
  '16': 2,
  '18': 2.5,
  '20': 2.5,
  '24': 3,
}

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
 * Reads a metric designation; without a pitch the coarse one of ISO 261 is meant. Null when it is not one.
 * @example readThread('M12×1.25')?.pitch // 1.25
 */
export function readThread(text: string): Thread | null {
  const match = /^M(\d+(?:\.\d+)?)(?:\s*[×x]\s*(\d+(?:\.\d+)?))?$/i.exec(text.trim())
  if (!match) return null
  const d = Number(match[1])
  const pitch = match[2] === undefined ? COARSE[String(d)] : Number(match[2])
  return pitch === undefined || pitch <= 0 || pitch * 1.3 >= d ? null : metricThread(d, pitch)
}
