import type { Bell } from '../../src/core/diagnosis'
import { normal, quantile } from '../../src/core/doubt'

/** Bells that a set of values is told by at the most. */
const MOST = 3
const ROUNDS = 60

interface Part {
  m: number
  s: number
  w: number
}

const density = (x: number, { m, s }: Part): number => normal((x - m) / s) / s

/** Expectation and maximisation (Dempster, Laird & Rubin 1977) from the quantiles on; no part narrower than `floor`. */
function mixture(values: readonly number[], n: number, floor: number): { readonly parts: readonly Part[]; readonly log: number } {
  const sorted = [...values].sort((a, b) => a - b)
  const spread = Math.max(floor, (sorted.at(-1)! - sorted[0]!) / (2 * n))
  let parts: Part[] = Array.from({ length: n }, (_, i) => ({
    m: sorted[Math.floor(((i + 0.5) / n) * sorted.length)]!,
    s: spread,
    w: 1 / n,
  }))
  let log = 0
  for (let round = 0; round < ROUNDS; round++) {
    const sums = parts.map(() => ({ w: 0, x: 0, xx: 0 }))
    log = 0
    for (const x of values) {
      const p = parts.map((part) => part.w * density(x, part) + 1e-300)
      const all = p.reduce((a, b) => a + b, 0)
      log += Math.log(all)
      p.forEach((pi, i) => {
        const r = pi / all
        sums[i]!.w += r
        sums[i]!.x += r * x
        sums[i]!.xx += r * x * x
      })
    }
    parts = sums.map(({ w, x, xx }, i) => {
      if (w < 1e-6) return { ...parts[i]!, w: 0 }
      const m = x / w
      return { m, s: Math.max(floor, Math.sqrt(Math.max(0, xx / w - m * m))), w: w / values.length }
    })
  }
  return { parts: parts.filter((p) => p.w > 0.004), log }
}

const short = (x: number): number => Number(x.toPrecision(3))

/**
 * Where a set of values lies, as few bells as explain it (Bayesian information criterion; Schwarz 1978).
 * @param log on the logarithm: values above 0
 * @param floor the least standard deviation of a bell, in the values’ unit (for `log` as a share)
 */
export function fitted(values: readonly number[], log: boolean, floor: number): Bell[] {
  const on = log ? values.map(Math.log) : values
  const tries = Array.from({ length: MOST }, (_, i) => mixture(on, i + 1, floor))
  const score = ({ parts, log: l }: (typeof tries)[number]): number => -2 * l + (3 * parts.length - 1) * Math.log(on.length)
  const best = tries.reduce((a, b) => (score(b) < score(a) - 2 ? b : a))
  const all = best.parts.reduce((s, p) => s + p.w, 0)
  return best.parts.map(({ m, s, w }) => ({
    mean: short(log ? Math.exp(m) : m),
    sd: short(log ? Math.exp(s) : s),
    ...(log ? { log: true } : {}),
    ...(best.parts.length > 1 ? { share: short(w / all) } : {}),
  }))
}

/** The greatest distance between two sets of values as shares below each (Kolmogorov & Smirnov), 0 … 1. */
export function apart(a: readonly number[], b: readonly number[]): number {
  const [x, y] = [[...a].sort((p, q) => p - q), [...b].sort((p, q) => p - q)]
  let [i, k, most] = [0, 0, 0]
  while (i < x.length && k < y.length) {
    const at = Math.min(x[i]!, y[k]!)
    while (i < x.length && x[i]! <= at) i++
    while (k < y.length && y[k]! <= at) k++
    most = Math.max(most, Math.abs(i / x.length - k / y.length))
  }
  return most
}

/** Correlation of the normal scores of two sets of values that belong together one by one. */
export function ranked(a: readonly number[], b: readonly number[]): number {
  const scores = (v: readonly number[]): number[] => {
    const order = v.map((x, i) => [x, i] as const).sort((p, q) => p[0] - q[0] || p[1] - q[1])
    const z: number[] = []
    order.forEach(([, i], r) => (z[i] = quantile((r + 0.5) / v.length)))
    return z
  }
  const [x, y] = [scores(a), scores(b)]
  const dot = (p: readonly number[], q: readonly number[]): number => p.reduce((s, v, i) => s + v * q[i]!, 0)
  return dot(x, y) / Math.sqrt(dot(x, x) * dot(y, y))
}
