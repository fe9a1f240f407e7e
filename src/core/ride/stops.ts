import type { Brake } from './brake'
import type { BrakingStop } from './braking'

/** A brake as it was tried: how many stops, and one from a speed that was held to a line, by tape. */
export interface BrakeTried {
  readonly brake: Brake
  /** How many stops were ridden with it, 1 to 50. */
  readonly stops: number
  /** km/h at the line, and metres from there to standstill. */
  readonly from?: number
  readonly metres?: number
  /** New pads that were not bedded in yet: what is measured is not what it will be. */
  readonly fresh?: true
}

/** Standard uncertainty of a speed that is held by a display, km/h, and of where the brake is put on by eye, m; estimated. */
const U_SPEED = 0.5
const U_LINE = 0.25

/**
 * Mean deceleration of a stop from a known speed to standstill: `a = v²/(2·s)`.
 * @param from km/h, above 0
 * @param metres above 0
 * @returns m/s², with its standard uncertainty (GUM, 5.1.6: relative, the speed counts twice); null where one of the two is not above 0
 */
export function deceleration(from: number, metres: number): { readonly value: number; readonly u: number } | null {
  if (!(from > 0) || !(metres > 0)) return null
  const value = (from / 3.6) ** 2 / (2 * metres)
  return { value, u: value * Math.hypot((2 * U_SPEED) / from, U_LINE / metres) }
}

/**
 * How a measured stop stands to what it has to reach, with a guard band of twice its uncertainty (JCGM 106:2012, 8.3).
 * `noted` where the machine has no such limit, or its pads are fresh.
 */
export function judgeStop(
  tried: Pick<BrakeTried, 'brake' | 'from' | 'metres' | 'fresh'>,
  least: { readonly together: number; readonly alone: number } | undefined,
): { readonly value: number; readonly u: number; readonly least?: number; readonly verdict: 'good' | 'look' | 'bad' | 'noted' } | null {
  const found = deceleration(tried.from ?? 0, tried.metres ?? 0)
  if (!found) return null
  return against(found, tried.fresh ? undefined : leastOf(tried.brake, least))
}

type Least = { readonly together: number; readonly alone: number } | undefined
type Judged = NonNullable<ReturnType<typeof judgeStop>>

const leastOf = (brake: Brake, least: Least): number | undefined => least && (brake === 'together' ? least.together : least.alone)

function against(found: { readonly value: number; readonly u: number }, limit: number | undefined): Judged {
  if (limit === undefined) return { ...found, verdict: 'noted' }
  const { value, u } = found
  return { ...found, least: limit, verdict: value - 2 * u >= limit ? 'good' : value + 2 * u < limit ? 'bad' : 'look' }
}

/** A stop that a log has, by the brake that its rider named; noted only where they named none. Its speed is good to 5 % (estimated). */
export function judgeLogStop({ mfdd, brake }: Pick<BrakingStop, 'mfdd' | 'brake'>, least: Least): Judged {
  return against({ value: mfdd, u: 0.05 * mfdd }, brake && leastOf(brake, least))
}
