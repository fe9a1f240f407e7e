import type { CleanLog } from './log'

/** Standard gravity (exact by definition), and air at 15 °C and sea level (ISO 2533), kg/m³. */
const GRAVITY = 9.80665
const AIR = 1.225

/** What a coast-down shows: it rolls with no drive and no brake. */
export interface CoastDown {
  /** Rolling resistance as a share of the weight, and its standard uncertainty from run to run. */
  readonly rolling: { readonly value: number; readonly u: number }
  /** Drag area for each 100 kg that roll, m². */
  readonly air: { readonly value: number; readonly u: number }
  readonly runs: number
}

/** From where to where it coasts: seconds and km/h that a run wants, A that count as no drive, m/s² above which it is a brake. */
const RUN = { seconds: 4, from: 10, falls: 5, amps: 0.5, braked: 0.8 } as const

interface Run {
  readonly c0: number
  readonly c2: number
}

/**
 * Rolling and air resistance from runs in which it coasts: `−dv/dt = c₀ + c₂·v²`, by least squares over each run. Slope and wind stand
 * in each; over runs both ways they cancel, and what is left of them is the spread from run to run.
 * @returns why there is none: no current to tell coasting by, no run, or one only
 */
export function coastDown(log: CleanLog): CoastDown | 'no speed' | 'no current' | 'no run' | 'one run' {
  const { speed, current } = log.channels
  if (!speed) return 'no speed'
  if (!current) return 'no current'
  const runs = runsOf(log, speed, current).flatMap(([from, to]) => fit(log, speed, from, to) ?? [])
  if (runs.length === 0) return 'no run'
  if (runs.length === 1) return 'one run'
  const [c0, c2] = [spread(runs.map((r) => r.c0)), spread(runs.map((r) => r.c2))]
  const area = (2 * 100) / AIR
  return {
    rolling: { value: c0.mean / GRAVITY, u: c0.u / GRAVITY },
    air: { value: c2.mean * area, u: c2.u * area },
    runs: runs.length,
  }
}

/** Stretches with no drive in which it gets slower. */
function runsOf({ time, broken, hz }: CleanLog, speed: Float64Array, current: Float64Array): (readonly [number, number])[] {
  const found: (readonly [number, number])[] = []
  const lag = Math.max(1, Math.round(hz))
  let from = -1
  for (let i = 0; i <= time.length; i++) {
    const ahead = Math.min(i + lag, time.length - 1)
    const slows = i < time.length && ahead > i ? (speed[i]! - speed[ahead]!) / 3.6 / (time[ahead]! - time[i]!) : Number.NaN
    const rolls = i < time.length && !broken[i] && Math.abs(current[i]!) < RUN.amps && speed[i]! > 3 && slows > -0.05 && slows < RUN.braked
    if (rolls) {
      if (from < 0) from = i
      continue
    }
    if (from >= 0) {
      const to = i - 1
      const long = time[to]! - time[from]! >= RUN.seconds
      if (long && speed[from]! >= RUN.from && speed[from]! - speed[to]! >= RUN.falls) found.push([from, to])
    }
    from = -1
  }
  return found
}

function fit({ time }: CleanLog, speed: Float64Array, from: number, to: number): Run | null {
  // v(t) over the run, in pieces of about half a second so that a slow log counts as well.
  const points: (readonly [number, number])[] = []
  for (let i = from; i < to;) {
    let k = i + 1
    while (k < to && time[k]! - time[i]! < 0.5) k++
    const [v0, v1] = [speed[i]! / 3.6, speed[k]! / 3.6]
    const dt = time[k]! - time[i]!
    // The mean of v² over a piece in which v falls evenly.
    if (dt > 0 && Number.isFinite(v0 + v1)) points.push([(v0 * v0 + v0 * v1 + v1 * v1) / 3, (v0 - v1) / dt])
    i = k
  }
  const n = points.length
  if (n < 4) return null
  const [mx, my] = [points.reduce((s, p) => s + p[0], 0) / n, points.reduce((s, p) => s + p[1], 0) / n]
  const sxx = points.reduce((s, p) => s + (p[0] - mx) ** 2, 0)
  const sxy = points.reduce((s, p) => s + (p[0] - mx) * (p[1] - my), 0)
  if (sxx <= 0) return null
  const c2 = sxy / sxx
  return { c0: my - c2 * mx, c2 }
}

/** Mean and standard error (GUM, 4.2.3). */
function spread(values: readonly number[]): { readonly mean: number; readonly u: number } {
  const n = values.length
  const mean = values.reduce((a, b) => a + b, 0) / n
  return { mean, u: Math.sqrt(values.reduce((s, v) => s + (v - mean) ** 2, 0) / (n - 1) / n) }
}
