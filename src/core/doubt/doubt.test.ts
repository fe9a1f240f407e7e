import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { chanceBelow, judgeWithin, ofReadings, quantile, strayReading, sure, through, total } from './index'

describe('doubt', () => {
  it('adds by root sum of squares, with its factors', () => {
    expect(total([1, { value: 10, u: 0.3 }], [-1, { value: 4, u: 0.4 }])).toEqual({ value: 6, u: 0.5 })
    expect(total([2, { value: 1, u: 0.1 }]).u).toBeCloseTo(0.2, 12)
    expect(total().u).toBe(0)
  })
  it('goes through a product by its slopes', () =>
    expect(
      through(
        ([a, b]) => a! * b!,
        [
          { value: 3, u: 0.03 },
          { value: 2, u: 0.01 },
        ],
      ).u,
    ).toBeCloseTo(Math.hypot(0.06, 0.03), 9))
  it('takes three readings together: mean, step and limit', () => {
    const { value, u, spread, k } = ofReadings([10.02, 10.04, 10.03], { resolution: 0.01, limit: 0.02 })
    expect(value).toBeCloseTo(10.03, 9)
    expect(spread).toBeCloseTo(0.01, 9)
    // 0.01/√3, 0.01/√12 and 0.02/√3.
    expect(u).toBeCloseTo(Math.hypot(0.005774, 0.002887, 0.011547), 5)
    expect(k).toBeGreaterThanOrEqual(1.96)
    expect(ofReadings([10, 10.2], { resolution: 0, limit: 0 }).k).toBe(12.71)
  })
  it('JCGM 100, H.2 by its first column: the mean of five voltages', () => {
    const { value, u } = ofReadings([5.007, 4.994, 5.005, 4.99, 4.999], { resolution: 0, limit: 0 })
    expect(value).toBeCloseTo(4.999, 4)
    expect(u).toBeCloseTo(0.0032, 4)
  })
  it('of one reading knows the instrument only, and of none nothing', () => {
    expect(ofReadings([5], { resolution: 0.02, limit: 0 })).toMatchObject({ spread: 0, n: 1 })
    expect(() => ofReadings([], { resolution: 0, limit: 0 })).toThrow(/none/)
    expect(() => ofReadings([1], { resolution: -1, limit: 0 })).toThrow(/-1/)
  })
  it('points at the reading that stands apart', () => {
    expect(strayReading([8.01, 8.02, 3.02, 8.01], 0.01)).toBe(2)
    expect(strayReading([8.01, 8.02, 8.03], 0.01)).toBeNull()
    expect(strayReading([8, 3], 0.01)).toBeNull()
  })
  it('accepts and rejects only when it is sure', () => {
    expect(judgeWithin({ value: 1, u: 0.1 }, 0, 2).is).toBe('inside')
    expect(judgeWithin({ value: 0.1, u: 0.1 }, 0, 2).is).toBe('cannot tell')
    expect(judgeWithin({ value: -0.5, u: 0.1 }, 0, 2).is).toBe('outside')
    expect(judgeWithin(sure(2), 0, 2).is).toBe('inside')
    expect(judgeWithin(sure(2.1), 0, 2).is).toBe('outside')
    expect(judgeWithin({ value: 0, u: 1 }, -Infinity, Infinity).chance).toBe(1)
    // The edge of the guard band: 1.645 standard uncertainties inside the limit.
    expect(judgeWithin({ value: 0.1646, u: 0.1 }, 0, Infinity).is).toBe('inside')
    expect(judgeWithin({ value: 0.1643, u: 0.1 }, 0, Infinity).is).toBe('cannot tell')
  })
  it('a chance falls as the value moves away, and quantile turns it round', () =>
    fc.assert(
      fc.property(fc.double({ min: -3, max: 3, noNaN: true }), fc.double({ min: 0.01, max: 5, noNaN: true }), (z, u) => {
        expect(chanceBelow({ value: 0, u }, z * u)).toBeLessThanOrEqual(chanceBelow({ value: -0.1 * u, u }, z * u))
        expect(quantile(chanceBelow({ value: 0, u }, z * u))).toBeCloseTo(z, 2)
      }),
      { seed: 106 },
    ))
})
