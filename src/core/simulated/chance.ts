/** A number from 0 up to, not with, 1. Always an argument: the same seed gives the same machines. */
export type Chance = () => number

/** One of a list, all alike. */
export const oneOf = <T>(chance: Chance, list: readonly T[]): T => list[Math.min(list.length - 1, Math.floor(chance() * list.length))]!

/** Evenly between two. */
export const between = (chance: Chance, low: number, high: number): number => low + chance() * (high - low)

/** A standard normal (Box & Muller 1958). */
export function normal(chance: Chance): number {
  return Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance())
}

/** A figure of a series: spread by a share of itself as one standard deviation, at most three of them, never below a tenth. */
export function about(chance: Chance, x: number, share: number): number {
  const z = Math.max(-3, Math.min(3, normal(chance)))
  return x * Math.max(0.1, 1 + share * z)
}

/** From `low` to `high` as `s` goes from 0 to 1, by equal factors; both above 0. */
export const grows = (s: number, low: number, high: number): number => low * (high / low) ** s
