import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { HEARD, wasIt, whichBearing } from './index'

const mm = (value: number, u = 0.01) => ({ value, u })

describe('which bearing it is', () => {
  it('the one that grinds or knocks most, whatever the others give', () => {
    expect(whichBearing([{ heard: 'quiet', play: mm(0.2) }, { heard: 'a grind' }, { heard: 'an even hum' }])).toEqual({
      at: 1,
      is: 'this one',
    })
    expect(whichBearing([{ heard: 'a grind' }, { heard: 'a knock at each turn' }])).toEqual({ at: 1, is: 'this one' })
    expect(whichBearing([{ heard: 'a grind' }])).toEqual({ at: 0, is: 'this one' })
  })
  it('of those that sound alike the one that gives more, by more than the doubt of the difference', () => {
    const two = (a: number, b: number) =>
      whichBearing([
        { heard: 'a grind', play: mm(a) },
        { heard: 'a grind', play: mm(b) },
      ])
    expect(two(0.02, 0.06)).toEqual({ at: 1, is: 'this one' })
    // 0.028 mm is twice the doubt of two readings of 0.01 mm each.
    expect(two(0.02, 0.047).is).toBe('cannot tell')
    expect(two(0.049, 0.02)).toEqual({ at: 0, is: 'this one' })
    expect(whichBearing([{ heard: 'a grind', play: mm(1) }, { heard: 'a grind' }]).is).toBe('cannot tell')
    expect(
      whichBearing([
        { heard: 'quiet', play: mm(0.3) },
        { heard: 'quiet', play: mm(0.02) },
      ]),
    ).toEqual({ at: 0, is: 'this one' })
  })
  it('a hum is no fault: none of them', () => {
    expect(whichBearing([{ heard: 'an even hum' }, { heard: 'quiet' }])).toEqual({ at: null, is: 'none of them' })
    expect(whichBearing([{ heard: 'quiet' }])).toEqual({ at: null, is: 'none of them' })
    expect(() => whichBearing([])).toThrow(/one bearing or more/)
  })
  it('it was that one where the new one is heard less, and another where it is not', () => {
    expect(wasIt('a grind', 'quiet')).toBe(true)
    expect(wasIt('a grind', 'a grind')).toBe(false)
    expect(wasIt('an even hum', 'a grind')).toBe(false)
  })
  it('never depends on the order in which they were listened to', () => {
    const one = fc.record({
      heard: fc.constantFrom(...HEARD),
      play: fc.option(
        fc.double({ min: 0, max: 1, noNaN: true }).map((v) => mm(v)),
        { nil: undefined },
      ),
    })
    fc.assert(
      fc.property(fc.array(one, { minLength: 1, maxLength: 4 }), (all) => {
        const there = whichBearing(all)
        const back = whichBearing([...all].reverse())
        expect(back.is).toBe(there.is)
        expect(back.at === null ? null : all.length - 1 - back.at).toBe(there.at)
      }),
      { seed: 1117, numRuns: 500 },
    )
  })
})
