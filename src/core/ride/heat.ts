/** A first-order rise: where the temperature is heading, °C, its standard uncertainty, and the time constant in s. */
export interface HeatFit {
  readonly asymptote: number
  readonly u: number
  readonly tau: number
}

const STEP = 1.15
const TAUS = Array.from({ length: 36 }, (_, i) => 30 * STEP ** i)

/**
 * Fits `T = A − B·exp(−t/τ)` by least squares, linear in A and B; τ by a grid from 30 s to about an hour, then refined. Null when the
 * data do not pin the asymptote down: fewer than 20 points, a ride shorter than 1.2 τ, a fall, or a misfit above 2 °C.
 * @param time s @param temperature °C, the same length, no NaN
 */
export function fitHeat(time: readonly number[], temperature: readonly number[]): HeatFit | null {
  const n = time.length
  if (n < 20) return null
  const fits = TAUS.map((tau) => fitFor(tau, time, temperature)).filter((f) => f !== null)
  if (fits.length === 0) return null
  let best = fits.reduce((a, b) => (b.sse < a.sse ? b : a))
  let [low, high] = [best.tau / STEP, best.tau * STEP]
  for (let i = 0; i < 24; i++) {
    const [a, b] = [low + (high - low) / 3, high - (high - low) / 3]
    const [fa, fb] = [fitFor(a, time, temperature), fitFor(b, time, temperature)]
    if (!fa || !fb) break
    if (fa.sse < fb.sse) high = b
    else low = a
    const better = fa.sse < fb.sse ? fa : fb
    if (better.sse < best.sse) best = better
  }
  if (best.b <= 0 || time[n - 1]! - time[0]! < 1.2 * best.tau || Math.sqrt(best.sse / n) > 2) return null
  return { asymptote: best.a, u: Math.max(0.5, 3 * best.se), tau: best.tau }
}

interface Linear {
  readonly tau: number
  readonly a: number
  readonly b: number
  readonly sse: number
  /** Standard error of `a`. */
  readonly se: number
}

function fitFor(tau: number, time: readonly number[], temperature: readonly number[]): Linear | null {
  const n = time.length
  let [se, see, sy, sey, syy] = [0, 0, 0, 0, 0]
  for (let i = 0; i < n; i++) {
    const e = Math.exp(-(time[i]! - time[0]!) / tau)
    const y = temperature[i]!
    se += e
    see += e * e
    sy += y
    sey += e * y
    syy += y * y
  }
  const det = n * see - se * se
  if (det < 1e-9 * n * n) return null
  const a = (see * sy - se * sey) / det
  const slope = (n * sey - se * sy) / det
  const sse = Math.max(0, syy - a * sy - slope * sey)
  return { tau, a, b: -slope, sse, se: Math.sqrt(((sse / Math.max(1, n - 3)) * see) / det) }
}
