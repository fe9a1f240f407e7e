/** A torque wrench or driver: the ends of its scale, N·m. */
export interface Wrench {
  readonly name: string
  readonly from: number
  readonly to: number
}

export type WrenchFit =
  | { readonly fits: true; readonly set: number }
  | { readonly fits: false; readonly why: 'below its range' | 'above its range'; readonly set: number }

/**
 * What to set on a wrench that carries an extension: `T_set = T·L/(L + E·cos θ)` (ISO 6789-1, annex; the extension's reach counts only
 * along the wrench).
 * @param torque wanted at the fixing, N·m, above 0
 * @param length of the wrench from square drive to the middle of the grip, mm, above 0
 * @param extension from square drive to fixing, mm, 0 or more
 * @param angle between wrench and extension, degrees, 0 straight on
 * @throws RangeError for values outside that, or an extension that points back as far as the grip
 * @example wrenchSetting(45, 400, 40, 0) // 40.9 N·m
 */
export function wrenchSetting(torque: number, length: number, extension = 0, angle = 0): number {
  if (!(torque > 0)) throw new RangeError(`torque must be above 0 N·m, got ${torque}`)
  if (!(length > 0)) throw new RangeError(`length must be above 0 mm, got ${length}`)
  if (!(extension >= 0)) throw new RangeError(`extension must be 0 mm or more, got ${extension}`)
  const reach = length + extension * Math.cos((angle * Math.PI) / 180)
  if (reach <= 0) throw new RangeError(`an extension of ${extension} mm at ${angle}° leaves no lever`)
  return (torque * length) / reach
}

/** A wrench is used between 20 and 100 % of its full scale (ISO 6789-1), and never below where its scale begins. */
export function fitsWrench(wrench: Wrench, set: number): WrenchFit {
  if (set < Math.max(wrench.from, 0.2 * wrench.to)) return { fits: false, why: 'below its range', set }
  if (set > wrench.to) return { fits: false, why: 'above its range', set }
  return { fits: true, set }
}

/** Reads a scale as tool files give it, `10–60`: from and to in N·m. Null where it is none. */
export function readScale(text: string | undefined): { readonly from: number; readonly to: number } | null {
  const match = /^(\d+(?:[.,]\d+)?)\s*[–-]\s*(\d+(?:[.,]\d+)?)$/.exec(text?.trim() ?? '')
  if (!match) return null
  const [from, to] = [match[1]!, match[2]!].map((x) => Number(x.replace(',', '.'))) as [number, number]
  return from < to ? { from, to } : null
}

/**
 * Torque in N·m by hand: force in N at a lever in mm. A pull is not known better than a quarter either way (estimated), so the
 * answer is a band.
 * @example byFeel(150, 250) // { low: 28, likely: 37.5, high: 47 }
 */
export function byFeel(force: number, length: number): { readonly low: number; readonly likely: number; readonly high: number } {
  if (!(force > 0) || !(length > 0)) throw new RangeError(`force and lever must be above 0, got ${force} N, ${length} mm`)
  const likely = (force * length) / 1000
  return { low: likely * 0.75, likely, high: likely * 1.25 }
}

/** Share of the tightening torque at which a screw lets go, low to high; all estimates. */
const BREAKAWAY = { clean: [0.7, 0.9], aged: [1, 1.5], 'high-strength lock, cold': [1.3, 2.5] } as const
export type BreakawayState = keyof typeof BREAKAWAY

/** The torque in N·m expected when a fixing lets go, and the pull in N at a lever in mm; estimated. Hot there is no figure. */
export function breakaway(
  torque: number,
  state: BreakawayState,
  length: number,
): { readonly low: number; readonly high: number; readonly pull: number } {
  if (!(torque > 0) || !(length > 0)) throw new RangeError(`torque and lever must be above 0, got ${torque} N·m, ${length} mm`)
  const [low, high] = BREAKAWAY[state]
  return { low: torque * low, high: torque * high, pull: (torque * high * 1000) / length }
}
