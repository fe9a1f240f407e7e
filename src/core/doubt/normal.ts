/** Density of the standard normal distribution at z standard deviations. */
export const normal = (z: number): number => Math.exp(-0.5 * z * z) / Math.sqrt(2 * Math.PI)

/** Share of it below z standard deviations (Abramowitz and Stegun 26.2.17; error below 1e-7). */
export function below(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail = normal(z) * t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return z >= 0 ? 1 - tail : tail
}

/** Standard deviations below which a share p of it lies, 0 < p < 1 (Abramowitz and Stegun 26.2.23; error below 5e-4). */
export function quantile(p: number): number {
  if (p > 0.5) return -quantile(1 - p)
  const t = Math.sqrt(-2 * Math.log(p))
  return -(t - (2.515517 + 0.802853 * t + 0.010328 * t * t) / (1 + 1.432788 * t + 0.189269 * t * t + 0.001308 * t * t * t))
}
