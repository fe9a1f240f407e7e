import { expect, it } from 'vitest'
import { chance } from './chance'

it('looks like chance from its first number on: over many seeds it is spread evenly, and the same seed gives the same', () => {
  const firsts = Array.from({ length: 2_000 }, (_, seed) => chance(seed)())
  for (let tenth = 0; tenth < 10; tenth++) {
    const share = firsts.filter((x) => Math.floor(x * 10) === tenth).length / firsts.length
    expect(share, `from ${tenth / 10}`).toBeGreaterThan(0.07)
    expect(share).toBeLessThan(0.13)
  }
  expect(chance(5)()).toBe(firsts[5])
})
