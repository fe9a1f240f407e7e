import { describe, expect, it } from 'vitest'
import { INSTRUMENT_KIND_IDS, unitsOf } from '../../core/instruments'
import { convert, UNITS } from '../../core/units'
import { chance } from '../../demo/chance'
import { type Reading, readLine } from '../line'
import { STAND_INS, standInOf } from './dials'
import { type Place, StandIn } from './stand-in'

const shows = (is: StandIn, at: number): Reading => {
  const line = readLine(is.line(at))
  if (!line.ok || line.value.is !== 'reading') throw new Error(JSON.stringify(line))
  return line.value
}
const figure = ({ shown }: Reading): number => (shown.is === 'value' ? shown.value : shown.is === 'over' ? Infinity : NaN)
/** What a meter with its dial there shows once it stands. */
function meter(dial: string, place: Place | null, seed = 1): Reading {
  const is = new StandIn('multimeter', chance(seed))
  expect(is.turn(dial, 0)).toBe(true)
  is.hold(place, 0)
  return shows(is, 5_000)
}
const V = (value: number, alternating = false): Place => ({ value, unit: 'V', alternating })

describe('instruments that are stood in for', () => {
  it('are of kinds that the shop’s list knows, and speak lines that the app reads, on every dial, on anything', () => {
    for (const { kind, dials } of STAND_INS) {
      expect(INSTRUMENT_KIND_IDS).toContain(kind)
      for (const dial of dials) {
        for (const r of dial.ranges) if (kind !== 'logger') expect(unitsOf(kind)).toContain(r.unit)
        for (const place of [null, V(51.8), V(20, true), { value: 0.19, unit: 'ohm' } as const, { value: 5, unit: 'A' } as const]) {
          const is = new StandIn(kind, chance(3))
          is.turn(dial.name, 0)
          is.hold(place, 0)
          for (let t = 0; t < 3000; t += 250) expect(readLine(is.line(t)).ok, is.line(t)).toBe(true)
        }
      }
    }
    expect(standInOf('stopwatch')).toBeNull()
    expect(() => new StandIn('stopwatch', chance(1))).toThrow(RangeError)
  })

  it('show what they are held on within their error, for whatever one of the kind it is', () => {
    for (let seed = 1; seed <= 40; seed++) {
      // ± (0.5 % + 2 digits) and the flicker of the last one.
      expect(Math.abs(figure(meter('V DC', V(51.8), seed)) - 51.8)).toBeLessThanOrEqual(0.005 * 51.8 + 0.035)
      const ohms = figure(meter('ohm', { value: 4.5, unit: 'ohm' }, seed))
      expect(Math.abs(ohms - 4.7)).toBeLessThanOrEqual(0.009 * 4.7 + 0.35)
    }
    // Both leads stand in it: a fifth of an ohm, over all of its kind.
    const mean =
      Array.from({ length: 400 }, (_, i) => figure(meter('ohm', { value: 4.5, unit: 'ohm' }, i + 1))).reduce((a, b) => a + b, 0) / 400
    expect(mean).toBeCloseTo(4.7, 1)
    const seen = new Set(Array.from({ length: 40 }, (_, i) => figure(meter('V DC', V(51.8), i + 1))))
    expect(seen.size).toBeGreaterThan(5)
  })

  it('in a wrong mode show what a meter shows', () => {
    expect(Math.abs(figure(meter('V AC', V(51.8))))).toBeLessThan(0.2)
    expect(Math.abs(figure(meter('V DC', V(20, true))))).toBeLessThan(0.1)
    expect(figure(meter('V AC', V(20, true)))).toBeCloseTo(20, 0)
    expect(meter('ohm', null).shown.is).toBe('over')
    expect(meter('diode', null).shown.is).toBe('over')
    expect(meter('continuity', { value: 4700, unit: 'ohm' }).shown.is).toBe('over')
    expect(Math.abs(figure(meter('V DC', null)))).toBeLessThan(0.01)
    expect(Math.abs(figure(meter('V DC', { value: 4.7, unit: 'ohm' })))).toBeLessThan(0.01)
    // Ohms on a live circuit: anything, and never the same for long.
    const wild = new StandIn('multimeter', chance(9))
    wild.turn('ohm', 0)
    wild.hold(V(51.8), 0)
    expect(new Set(Array.from({ length: 12 }, (_, i) => wild.line(2000 + 250 * i))).size).toBeGreaterThan(6)
  })

  it('creep to their value, and an insulation test climbs for a minute', () => {
    const is = new StandIn('multimeter', chance(4))
    is.hold(V(50), 10_000)
    expect(figure(shows(is, 10_100))).toBeLessThan(20)
    expect(figure(shows(is, 13_000))).toBeGreaterThan(49)
    const tester = new StandIn('insulation tester', chance(4))
    tester.turn('500 V test', 0)
    tester.hold({ value: 200, unit: 'Mohm' }, 0)
    const [early, late] = [shows(tester, 2_000), shows(tester, 60_000)]
    expect(convert(figure(early), early.unit, 'Mohm')).toBeLessThan(150)
    expect(convert(figure(late), late.unit, 'Mohm')).toBeGreaterThan(180)
    expect(late.testVolts).toBe(500)
  })

  it('choose their range, and say OL beyond the last', () => {
    expect(UNITS[meter('ohm', { value: 12_000, unit: 'ohm' }).unit]).toBe(UNITS.kohm)
    expect(meter('ohm', { value: 90, unit: 'Mohm' }).shown.is).toBe('over')
    expect(new StandIn('multimeter', chance(1)).end('mV')).toBe(1_000_000)
    expect(new StandIn('multimeter', chance(1)).end('A')).toBeNull()
    expect(new StandIn('multimeter', chance(1)).turn('lamp', 0)).toBe(false)
  })

  it('light the six codes of a turn by hand, fewer where a sensor is stuck', () => {
    const codes = (place: Place): Set<string> => {
      const is = new StandIn('hall lamp', chance(1))
      is.hold(place, 0)
      return new Set(Array.from({ length: 12 }, (_, i) => is.line(100 + 333 * i)))
    }
    expect(codes({ value: 7, unit: 'V' }).size).toBe(6)
    expect(codes({ value: 6, unit: 'V' }).size).toBe(4)
  })
})
