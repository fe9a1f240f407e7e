import type { Hypothesis } from './hypotheses'
import { standing } from './likelihood'
import type { Catalogue, Test } from './types'

/**
 * What is taken off a likelihood where answers share a cause that the fault does not explain: the same plug, the same temperature.
 * As a Gaussian copula: `−½·ln|R| − ½·zᵀ(R⁻¹ − I)z` (Sklar 1959; Nelsen, An Introduction to Copulas, 2006, 2.5), with `z` where each
 * value lies among its own. 0 where nothing hangs together.
 * @param values of tests, one each, in the test’s unit
 */
export function logTogether(
  { together }: Pick<Catalogue, 'together'>,
  h: Hypothesis,
  tests: ReadonlyMap<string, Test>,
  values: ReadonlyMap<string, number>,
): number {
  const known = together[h.faults[0] ?? 'healthy'] ?? []
  const pairs = known.filter(([a, b]) => values.has(a) && values.has(b))
  if (pairs.length === 0) return 0
  const ids = [...new Set(pairs.flatMap(([a, b]) => [a, b]))].sort()
  const z = ids.map((id) => {
    const answer = tests.get(id)?.answer
    return answer?.kind === 'number' ? standing(answer, h, values.get(id)!) : 0
  })
  const r = ids.map((a, i) =>
    ids.map((b, k) => (i === k ? 1 : (pairs.find(([x, y]) => (x === a && y === b) || (x === b && y === a))?.[2] ?? 0))),
  )
  const root = cholesky(r)
  if (!root) return 0
  // R = L·Lᵀ: ln|R| = 2·Σ ln Lᵢᵢ, zᵀR⁻¹z = |L⁻¹z|².
  let log = 0
  let inverse = 0
  const y: number[] = []
  for (let i = 0; i < z.length; i++) {
    let sum = z[i]!
    for (let k = 0; k < i; k++) sum -= root[i]![k]! * y[k]!
    y.push(sum / root[i]![i]!)
    log += Math.log(root[i]![i]!)
    inverse += y[i]! ** 2
  }
  return -log - 0.5 * (inverse - z.reduce((s, x) => s + x * x, 0))
}

/** The lower root of a matrix that is positive definite; null where it is not. */
function cholesky(r: readonly (readonly number[])[]): number[][] | null {
  const l = r.map((row) => row.map(() => 0))
  for (let i = 0; i < r.length; i++) {
    for (let k = 0; k <= i; k++) {
      let sum = r[i]![k]!
      for (let m = 0; m < k; m++) sum -= l[i]![m]! * l[k]![m]!
      if (i === k && sum <= 1e-6) return null
      l[i]![k] = i === k ? Math.sqrt(sum) : sum / l[k]![k]!
    }
  }
  return l
}
