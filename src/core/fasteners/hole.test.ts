import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  CLASSES,
  type InHole,
  isShort,
  LENGTHS,
  metricSize,
  metricThread,
  PITCHES,
  reaches,
  readThread,
  roomTo,
  shearAreas,
  strips,
} from './index'

const lid: InHole = {
  length: { value: 10, u: 0.1 },
  washers: { value: 0, u: 0 },
  stack: { value: 2, u: 0.05 },
  depth: { value: 10.5, u: 0.2 },
  behind: 'winding',
  d: 4,
  into: 'aluminium',
}
const long = { ...lid, length: { value: 14, u: 0.1 } }

describe('length in the hole', () => {
  it('is clear with the screw of the file, and stopped with one of the other length', () => {
    const own = reaches(lid)
    expect(own.verdict).toBe('clear')
    expect(own.clearance!.value).toBeCloseTo(2.5, 9)
    expect(own.clearance!.u).toBeCloseTo(0.2291, 4)
    const other = reaches(long)
    expect(other).toMatchObject({ verdict: 'stop', longest: 10 })
    expect(other.clearance!.value).toBeCloseTo(-1.5, 9)
    expect(other.touches).toBeGreaterThan(0.99)
  })

  it('offers the least washer that makes it clear and leaves its thread, and none where the thread would be gone', () => {
    const washer = reaches(long).washer!
    expect(washer).toBe(3)
    expect(reaches({ ...long, washers: { value: washer, u: 0 } }).verdict).toBe('clear')
    expect(reaches({ ...long, washers: { value: washer - 0.1, u: 0 } }).verdict).toBe('stop')
    expect(reaches({ ...long, stack: { value: 6, u: 0 }, depth: { value: 4, u: 0.2 } })).not.toHaveProperty('washer')
  })

  it('never passes a depth that nobody knows, unless nothing is behind', () => {
    const { depth: _, ...unknown } = lid
    expect(reaches(unknown).verdict).toBe('depth not known')
    expect(reaches({ ...unknown, behind: 'nothing' }).verdict).toBe('nothing behind')
  })

  it('says when too little thread is held', () => {
    expect(isShort(reaches(lid))).toBe(false)
    expect(isShort(reaches({ ...lid, length: { value: 6, u: 0.1 } }))).toBe(true)
    expect(reaches({ ...lid, length: { value: 1.5, u: 0.1 } }).engaged).toBeLessThan(0)
  })

  const any = fc.record({
    length: fc.double({ min: 3, max: 40, noNaN: true }),
    stack: fc.double({ min: 0.5, max: 12, noNaN: true }),
    depth: fc.double({ min: 1, max: 30, noNaN: true }),
    u: fc.double({ min: 0, max: 0.4, noNaN: true }),
    behind: fc.constantFrom('winding', 'lead', 'cell', 'bearing') as fc.Arbitrary<'winding' | 'lead' | 'cell' | 'bearing'>,
  })
  const made = (x: {
    length: number
    stack: number
    depth: number
    u: number
    behind: 'winding' | 'lead' | 'cell' | 'bearing'
  }): InHole => ({
    length: { value: x.length, u: x.u },
    washers: { value: 0, u: 0 },
    stack: { value: x.stack, u: x.u },
    depth: { value: x.depth, u: x.u },
    behind: x.behind,
    d: 5,
    into: 'steel',
  })

  it('every washer and length that it offers is clear with its thread, and no shorter washer or longer usual screw is', () => {
    fc.assert(
      fc.property(any, (x) => {
        const hole = made(x)
        const r = reaches(hole)
        const need = 0.8 * r.wanted
        const fits = (length: number): boolean => {
          const it = reaches({ ...hole, length: { value: length, u: x.u } })
          return it.verdict === 'clear' && it.engaged >= need - 1e-9
        }
        expect(r.longest).toBe(LENGTHS.filter(fits).at(-1))
        if (r.washer !== undefined) {
          const withIt = reaches({ ...hole, washers: { value: r.washer, u: 0 } })
          expect(withIt.verdict).toBe('clear')
          expect(withIt.engaged).toBeGreaterThanOrEqual(need - 1e-6)
          expect(reaches({ ...hole, washers: { value: r.washer - 0.11, u: 0 } }).verdict).toBe('stop')
        }
        // A longer screw is never further away.
        expect(reaches(made({ ...x, length: x.length + 1 })).touches!).toBeGreaterThanOrEqual(r.touches! - 1e-9)
      }),
      { seed: 17 },
    )
  })

  it('keeps more room to a cell than to a winding, and less to a bearing', () =>
    expect(['cell', 'winding', 'lead', 'bearing', 'nothing'].map((b) => roomTo(b as never))).toEqual([2, 1, 1, 0.5, null]))
})

describe('threads that do not exist', () => {
  it.each([
    ['M5.5', 'no such size', ['M5', 'M6']],
    ['M12×1.2', 'no such pitch', ['M12×1.25', 'M12×1']],
    ['M10 x 2', 'no such pitch', ['M10', 'M10×1.25']],
    ['five', 'not a thread', []],
    ['', 'not a thread', []],
  ])('%s: %s', (text, why, nearest) => expect(metricSize(text)).toEqual({ why, nearest }))
  it.each([
    ['m12 x 1,25', { d: 12, pitch: 1.25 }],
    ['6', { d: 6, pitch: 1 }],
    ['M8', { d: 8, pitch: 1.25 }],
  ])('%s is read', (text, size) => expect(metricSize(text)).toEqual(size))
  it('reads unified sizes with their own areas, ASME B1.1', () => {
    // Tensile stress areas in in², as printed.
    for (const [size, area] of [
      ['1/4-28', 0.0364],
      ['5/16-18', 0.0524],
      ['3/8-24', 0.0878],
      ['1/2-13', 0.1419],
      ['#10-32', 0.02],
    ] as const)
      expect(Math.abs(readThread(size)!.stressArea / 645.16 / area - 1), size).toBeLessThan(0.01)
    expect(readThread('1/4-21')).toBeNull()
  })
  it('has a stress area for every pitch that is made, within its own circle', () => {
    for (const [d, pitches] of Object.entries(PITCHES))
      for (const p of pitches) {
        const t = metricThread(Number(d), p)
        expect(t.stressArea).toBeGreaterThan((Math.PI / 4) * t.d3 ** 2)
        expect(t.stressArea).toBeLessThan((Math.PI / 4) * t.d ** 2)
      }
  })
})

describe('stripping', () => {
  it('shears on the cylinder of the mean width of its thread', () => {
    // The thread of the hole at the screw’s crest: 7/8 of a pitch wide on basic sizes.
    const { hole, screw } = shearAreas(metricThread(6, 1), 6)
    expect(hole / (Math.PI * 6 * 6 * 0.875)).toBeCloseTo(1, 3)
    expect(screw / (Math.PI * metricThread(6, 1).D1 * 6 * 0.75)).toBeCloseTo(1, 3)
  })
  it('breaks the screw in steel with its own diameter engaged, and strips aluminium that holds half', () => {
    const m6 = metricThread(6, 1)
    expect(strips(m6, '8.8', 'steel', 6).first).toBe('screw breaks')
    expect(strips(m6, '8.8', 'aluminium', 3)).toMatchObject({ first: 'hole strips' })
    expect(strips(m6, '8.8', 'aluminium', 12).first).toBe('screw breaks')
  })
  it('the engagement it calls enough is where both are equal', () => {
    for (const into of ['steel', 'aluminium', 'magnesium', 'plastic'] as const) {
      const t = metricThread(8, 1.25)
      const { enough } = strips(t, '10.9', into, 8)
      expect(strips(t, '10.9', into, enough * 1.001).first).toBe('screw breaks')
      expect(strips(t, '10.9', into, enough * 0.999).first).not.toBe('screw breaks')
      expect(strips(t, '10.9', into, enough).at).toBeCloseTo(t.stressArea * CLASSES['10.9'].tensile, 3)
    }
  })
})
