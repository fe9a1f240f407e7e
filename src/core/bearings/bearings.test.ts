import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  BALL,
  bearingsOf,
  contradicted,
  EXPANSION,
  HOUSING_IDS,
  HOUSINGS,
  inHousing,
  limitsOf,
  onShaft,
  readBearing,
  seatGap,
  SHAFT_IDS,
  shaftInHole,
  SHAFTS,
  shimFor,
  warmBy,
  wrongUnit,
} from './index'

describe('sizes of ISO 15', () => {
  it.each([
    ['608', [8, 22, 7]],
    ['6001', [12, 28, 8]],
    ['6203', [17, 40, 12]],
    ['6304', [20, 52, 15]],
    ['6902', [15, 28, 7]],
    ['6803', [17, 26, 5]],
    ['16004', [20, 42, 8]],
  ])('%s is %j', (name, size) => expect(BALL[name]).toEqual(size))
  it('grow with the bore in a series, and with the series at a bore: 68 below 69 below 60 below 62 below 63', () => {
    const series = (s: string) => Object.entries(BALL).filter(([n]) => n.length === 4 && n.startsWith(s))
    for (const s of ['68', '69', '60', '62', '63']) {
      const rows = series(s)
      expect(rows).toHaveLength(11)
      rows.slice(1).forEach(([n, size], i) => {
        const [, before] = rows[i]!
        expect(size[0] > before[0] && size[1] > before[1] && size[2] >= before[2], n).toBe(true)
        // Bore code times five from 04 on.
        if (Number(n.slice(2)) >= 4) expect(size[0]).toBe(5 * Number(n.slice(2)))
      })
    }
    for (let i = 0; i < 11; i++) {
      const at = ['68', '69', '60', '62', '63'].map((s) => series(s)[i]![1])
      at.slice(1).forEach((size, k) => expect(size[1] > at[k]![1] && size[2] >= at[k]![2]).toBe(true))
    }
    for (const [n, [bore, outside, width]] of Object.entries(BALL).filter(([n]) => n.startsWith('160'))) {
      const twin = BALL[`60${n.slice(3)}`]!
      expect([bore, outside]).toEqual([twin[0], twin[1]])
      expect(width).toBeLessThan(twin[2])
    }
  })
})

describe('a designation', () => {
  it.each([
    ['6001-2RS C3', { designation: '6001-2RS C3', size: [12, 28, 8], seals: 'sealed', clearance: 'C3', widthUnsure: false }],
    ['608ZZ', { designation: '608-2Z', size: [8, 22, 7], seals: 'shielded', clearance: 'CN' }],
    ['61902', { designation: '6902', size: [15, 28, 7], seals: 'open' }],
    ['688-2rs', { size: [8, 16, 4], widthUnsure: true }],
    ['HK1012', { designation: 'HK1012', kind: 'needle cup', size: [10, 14, 12] }],
    ['6203 2RS1', { size: [17, 40, 12], seals: 'sealed' }],
  ])('%s', (text, is) => expect(readBearing(text)).toMatchObject(is))
  it.each([
    ['6030', ['6000', '6003', '6010']],
    ['6011', ['6001', '6010']],
    ['62003', ['6200', '6203']],
    ['6010-ZZ', null],
    ['HK1112', ['HK10', 'HK12', 'HK14', 'HK15']],
    ['bearing', []],
    ['', []],
  ])('%s: the nearest are named, none is guessed', (text, nearest) => {
    const read = readBearing(text)
    if (nearest === null) expect(read).toHaveProperty('size')
    else expect((read as { nearest: readonly string[] }).nearest.filter((n) => nearest.includes(n))).toEqual(nearest)
  })
  it('reads every one of the lists back, with any seals and clearance', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...Object.keys(BALL)),
        fc.constantFrom('', '-2RS', ' ZZ', '-2Z'),
        fc.constantFrom('', ' C3', ' C2'),
        (n, seals, c) => {
          expect(readBearing(`${n}${seals}${c}`)).toMatchObject({ size: BALL[n], clearance: c.trim() || 'CN' })
        },
      ),
      { seed: 15 },
    ))
  it('is found by what was measured, and by no more than was measured', () => {
    expect(bearingsOf({ bore: 12.05, outside: 27.9, width: 8.1 })).toEqual(['6001'])
    expect(bearingsOf({ bore: 12, outside: 28 })).toEqual(['6001', '16001'])
    expect(bearingsOf({})).toEqual([])
  })
})

/** Of each range: geometric mean of its ends in mm (ISO 286-1, 2.1). */
const MEANS = [Math.sqrt(3), Math.sqrt(3 * 6), Math.sqrt(6 * 10), Math.sqrt(10 * 18), Math.sqrt(18 * 30), Math.sqrt(30 * 50)]
const width = ([low, high]: readonly [number, number]): number => high - low

describe('ISO 286', () => {
  it('grades are those of the standard’s formula, to its rounding', () => {
    MEANS.forEach((mean, i) => {
      const unit = 0.45 * Math.cbrt(mean) + 0.001 * mean
      // IT5, IT6, IT7, IT8 = 7, 10, 16 and 25 units; the smallest range is rounded most.
      for (const [of, units] of [
        [SHAFTS.h5[i]!, 7],
        [SHAFTS.h6[i]!, 10],
        [SHAFTS.h7[i]!, 16],
        [HOUSINGS.H8[i]!, 25],
      ] as const)
        expect(Math.abs(width(of) - units * unit)).toBeLessThan(i === 0 ? 1.4 : 0.7)
    })
  })
  it('every class is as wide as its grade', () => {
    for (const c of SHAFT_IDS) SHAFTS[c].forEach((d, i) => expect(width(d), c).toBe(width(SHAFTS[`h${c.slice(1)}` as 'h5' | 'h6'][i]!)))
    for (const c of HOUSING_IDS)
      HOUSINGS[c].forEach((d, i) => expect(width(d), c).toBe(width(HOUSINGS[`H${c.slice(1)}` as 'H6' | 'H7'][i]!)))
  })
  it('K, M, N and P of grade 7 follow k, m, n and p by Δ = IT7 − IT6 (ISO 286-1, 4.3.2.4)', () => {
    const p = [6, 12, 15, 18, 22, 26]
    for (let i = 1; i < 6; i++) {
      const delta = width(HOUSINGS.H7[i]!) - width(HOUSINGS.H6[i]!)
      expect(HOUSINGS.K7[i]![1]).toBe(-SHAFTS.k6[i]![0] + delta)
      expect(HOUSINGS.M7[i]![1]).toBe(-SHAFTS.m6[i]![0] + delta)
      expect(HOUSINGS.N7[i]![1]).toBe(-SHAFTS.n6[i]![0] + delta)
      expect(HOUSINGS.P7[i]![1]).toBe(-p[i]! + delta)
    }
  })
  // As printed in ISO 286-2.
  it.each([
    [20, SHAFTS.k5[4], 20.002, 20.011],
    [12, SHAFTS.j6[3], 11.997, 12.008],
    [30, SHAFTS.m6[4], 30.008, 30.021],
    [8, SHAFTS.h6[2], 7.991, 8],
    [28, HOUSINGS.H7[4], 28, 28.021],
    [42, HOUSINGS.K7[5], 41.982, 42.007],
    [22, HOUSINGS.N7[4], 21.972, 21.993],
    [10, HOUSINGS.P7[2], 9.976, 9.991],
  ])('%d mm: %j is %d to %d mm', (size, of, low, high) => {
    expect(limitsOf(size, of)[0]).toBeCloseTo(low, 9)
    expect(limitsOf(size, of)[1]).toBeCloseTo(high, 9)
  })
  it('tells a press from a slip fit at both ends of both tolerances', () => {
    expect(onShaft(20, 'k5')).toMatchObject({ most: -2, least: -21, is: 'press' })
    expect(onShaft(12, 'h6')).toMatchObject({ most: 11, least: -8, is: 'either' })
    expect(inHousing(28, 'H7')).toMatchObject({ most: 30, least: 0, is: 'slips on' })
    expect(inHousing(42, 'P7')).toMatchObject({ most: -6, least: -42, is: 'press' })
    expect(shaftInHole(20, 'h6', 'H7')).toMatchObject({ most: 34, least: 0, is: 'slips on' })
    expect(() => onShaft(0, 'h6')).toThrow(/got 0/)
    expect(() => inHousing(52, 'H7')).toThrow(/to 50 mm/)
  })
  it('is as tight and as loose as the tightest and loosest pair, by trying them', () => {
    for (const shaft of SHAFT_IDS)
      for (const hole of HOUSING_IDS)
        for (const size of [2, 5, 9, 15, 25, 45]) {
          const { most, least } = shaftInHole(size, shaft, hole)
          const at = [3, 6, 10, 18, 30, 50].findIndex((r) => size <= r)
          const rooms = HOUSINGS[hole][at]!.flatMap((h) => SHAFTS[shaft][at]!.map((s) => h - s))
          expect([most, least]).toEqual([Math.max(...rooms), Math.min(...rooms)])
        }
  })
  it('warms a housing for a press fit', () => {
    // 21 µm of press and 20 µm to slip on, at 42 mm in aluminium.
    expect(warmBy(21, 20, 42, EXPANSION.aluminium)).toBeCloseTo(42.4, 1)
    expect(() => warmBy(-1, 0, 42, EXPANSION.steel)).toThrow(/-1/)
  })
})

describe('a seat and its shim', () => {
  const mm = (value: number, u = 0.01) => ({ value, u })
  it('works the play out of three figures, and their doubt', () => {
    const gap = seatGap({ collar: mm(1.2), bearing: mm(8), depth: mm(9) })
    expect(gap.value).toBeCloseTo(0.2, 9)
    expect(gap.u).toBeCloseTo(0.01732, 5)
  })
  it('chooses the surest of the shop’s shims, and says how sure', () => {
    const shimmed = shimFor(mm(0.42), 0.05, 0.15, [0.1, 0.2, 0.3, 0.5])
    expect(shimmed).toMatchObject({ verdict: 'too loose', shim: 0.3 })
    expect(shimmed.chance).toBeLessThan(0.01)
    expect(shimFor(mm(0.1), 0.05, 0.15, [0.1])).toMatchObject({ verdict: 'sits' })
    expect(shimFor(mm(-0.1), 0.05, 0.15, [0.1, 0.2])).toMatchObject({ verdict: 'rubs' })
    expect(shimFor(mm(-0.1), 0.05, 0.15, [0.1, 0.2])).not.toHaveProperty('shim')
    expect(shimFor(mm(0.06, 0.03), 0.05, 0.15, []).verdict).toBe('cannot tell')
  })
  it('no other shim of the shop is surer', () =>
    fc.assert(
      fc.property(fc.double({ min: -0.2, max: 1, noNaN: true }), fc.double({ min: 0.002, max: 0.05, noNaN: true }), (play, u) => {
        const shims = [0.05, 0.1, 0.15, 0.2, 0.3, 0.5]
        const best = shimFor(mm(play, u), 0.05, 0.15, shims)
        for (const s of shims) expect(shimFor(mm(play, u), 0.05, 0.15, [s]).chance).toBeGreaterThanOrEqual(best.chance - 1e-9)
      }),
      { seed: 106 },
    ))
  it('recomputes a typed difference and contradicts it', () => {
    expect(contradicted(12.34, 9.9, 2.44, 0.01)).toBeNull()
    expect(contradicted(12.34, 9.9, 2.54, 0.01)).toBeCloseTo(2.44, 9)
  })
  it.each([
    [0.315, 8, 'inches'],
    [315, 8, 'thousandths of an inch'],
    [8.5, 8, 'half a turn of the drum'],
    [8.01, 8, null],
    [7, 8, null],
  ])('%d where about %d is due: %s', (value, near, unit) => expect(wrongUnit(value, near)).toBe(unit))
})
