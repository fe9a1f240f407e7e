import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { breakaway, crissCrossOrder, cureAt, cureFactor, fitsWrench, readScale, starOrder, tighteningOrder, wrenchSetting } from './index'

describe('a wrench with an extension', () => {
  it.each([
    [45, 400, 0, 0, 45],
    [45, 400, 40, 0, 40.909],
    [45, 400, 40, 90, 45],
    [45, 400, 40, 180, 50],
    [10, 250, 50, 45, 8.761],
  ])('%d N·m on %d mm with %d mm at %d° is set to %d', (torque, length, extension, angle, set) => {
    expect(wrenchSetting(torque, length, extension, angle)).toBeCloseTo(set, 2)
  })
  it('refuses an extension that eats its own lever', () => expect(() => wrenchSetting(10, 100, 120, 180)).toThrow(/leaves no lever/))
  it.each([
    ['10–60', 45, true],
    ['10–60', 11.9, false],
    ['10–60', 12, true],
    ['10–60', 60.1, false],
    ['4–20', 3.9, false],
    ['1-6', 2.5, true],
  ])('a scale of %s and %d N·m: %s', (scale, set, fits) => {
    expect(fitsWrench({ name: 'w', ...readScale(scale)! }, set).fits).toBe(fits)
  })
  it('reads no scale where there is none', () =>
    expect([readScale('18'), readScale(undefined), readScale('60–10')]).toEqual([null, null, null]))
  it('expects a locked nut to let go late', () =>
    expect(breakaway(45, 'high-strength lock, cold', 300)).toEqual({ low: 58.5, high: 112.5, pull: 375 }))
})

describe('orders of tightening', () => {
  it('goes round a ring of six, five and four as on the card', () => {
    expect(starOrder(6).slice(0, 2)).toEqual([0, 3])
    expect(starOrder(5)).toEqual([0, 2, 4, 1, 3])
    expect(starOrder(4)).toEqual([0, 2, 1, 3])
    expect(starOrder(1)).toEqual([0])
  })

  it('takes each hole once; on an even ring each is followed by its opposite', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), (n) => {
        const order = starOrder(n)
        expect([...order].sort((a, b) => a - b)).toEqual(Array.from({ length: n }, (_, i) => i))
        if (n % 2 === 0) for (let i = 0; i < n; i += 2) expect((order[i]! + n / 2) % n).toBe(order[i + 1])
      }),
      { seed: 99 },
    )
  })

  it('closes a lid from the middle out, side by side across', () => {
    // Two rows of seven.
    const holes = Array.from({ length: 14 }, (_, i) => ({ x: (i % 7) * 80, y: i < 7 ? 0 : 120 }))
    const order = crissCrossOrder(holes)
    expect(order.slice(0, 2)).toEqual([3, 10])
    const far = (i: number): number => Math.abs(holes[i]!.x - 240)
    for (let i = 2; i < 14; i += 2) expect(far(order[i]!)).toBeGreaterThanOrEqual(far(order[i - 2]!) - 1e-9)
    expect(new Set(order).size).toBe(14)
  })

  it('falls back to a star where the file does not say where the holes are', () => {
    expect(tighteningOrder('criss-cross', [undefined, undefined, undefined, undefined])).toEqual([0, 2, 1, 3])
    expect(tighteningOrder('in turn', [undefined, undefined])).toEqual([0, 1])
    expect(tighteningOrder(undefined, [])).toEqual([])
  })
})

describe('curing', () => {
  it('takes twice as long ten degrees colder, and no less when warm', () => {
    expect([cureFactor(22), cureFactor(12), cureFactor(2), cureFactor(35)]).toEqual([1, 2, 4, 1])
    expect(cureAt({ handlingMinutes: 20, cureHours: 24 }, 12)).toEqual({ handlingMinutes: 40, cureHours: 48 })
    expect(cureAt({ handlingMinutes: 20, cureHours: 24 }, undefined)).toEqual({ handlingMinutes: 20, cureHours: 24 })
  })
})
