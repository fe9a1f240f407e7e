/** A motor as two bodies: its copper, and all round it. J/K above 0, K/W above 0. */
export interface Heat {
  readonly copper: number
  readonly body: number
  readonly toBody: number
  readonly toAir: number
}
/** How much warmer than the air each is, K. */
export interface Warm {
  readonly copper: number
  readonly body: number
}

/** What both come to with the same loss for ever, K above the air. */
export function warmAtLast(heat: Heat, watts: number): Warm {
  const body = watts * heat.toAir
  return { copper: body + watts * heat.toBody, body }
}

/**
 * Two bodies after a time with a steady loss in the copper, by the two exponentials of their equations
 * (`C₁·x' = P − (x − y)/R₁`, `C₂·y' = (x − y)/R₁ − y/R₂`).
 * @param watts 0 or more; @param seconds 0 or more
 */
export function warmAfter(heat: Heat, from: Warm, watts: number, seconds: number): Warm {
  const [a, b] = [1 / (heat.copper * heat.toBody), 1 / (heat.body * heat.toBody)]
  const c = b + 1 / (heat.body * heat.toAir)
  const last = warmAtLast(heat, watts)
  const [x, y] = [from.copper - last.copper, from.body - last.body]
  // Eigenvalues of [[−a, a], [b, −c]]: both real and below 0.
  const half = (a + c) / 2
  const root = Math.sqrt(half * half - a * (c - b))
  const [fast, slow] = [-half - root, -half + root]
  const [ef, es] = [Math.exp(fast * seconds), Math.exp(slow * seconds)]
  // (M − slow)/(fast − slow) takes out the fast one.
  const d = fast - slow
  const part = (m: number, n: number, p: number, q: number, e: number): readonly [number, number] => [
    ((m * x + n * y) * e) / d,
    ((p * x + q * y) * e) / d,
  ]
  const [fx, fy] = part(-a - slow, a, b, -c - slow, ef)
  const [sx, sy] = part(a + fast, -a, -b, c + fast, es)
  return { copper: last.copper + fx + sx, body: last.body + fy + sy }
}
