import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64'
import { uniformInt } from 'pure-rand/distribution/uniformInt'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

/** Numbers from 0 up to, not with, 1 that look like chance: the same seed, the same numbers. */
export function chance(seed: number): () => number {
  const generator = xoroshiro128plus(seed)
  // The first numbers of small seeds are all alike; a few on they are not.
  for (let i = 0; i < 16; i++) generator.next()
  return () => uniformFloat64(generator)
}

/** Whole numbers from 0 up to, not with, `below`. */
export function dice(seed: number): (below: number) => number {
  const generator = xoroshiro128plus(seed)
  return (below) => uniformInt(generator, 0, below - 1)
}
