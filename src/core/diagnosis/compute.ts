import type { Compute } from './types'

/**
 * The value of a test from the figures that were keyed in, so that no subtraction or ratio is ever typed.
 * `imbalance`: (largest − smallest) over the mean, in %; `first over second` in %.
 * @returns null where it cannot be formed (a mean or divisor of 0)
 * @example computeValue('imbalance', [190, 192, 230]) // 19.6 %
 */
export function computeValue(compute: Compute, figures: readonly number[]): number | null {
  const [a, b] = figures
  if (a === undefined || figures.some((x) => !Number.isFinite(x))) return null
  switch (compute) {
    case 'single':
      return a
    case 'first less second':
      return b === undefined ? null : a - b
    case 'first over second':
      return b === undefined || b === 0 ? null : (100 * a) / b
    case 'imbalance': {
      const mean = figures.reduce((s, x) => s + x, 0) / figures.length
      return mean === 0 ? null : (100 * (Math.max(...figures) - Math.min(...figures))) / mean
    }
  }
}
