import { describe, expect, it } from 'vitest'
import { daysLeft, errorOf, hasStandIn, type Instrument, isStandIn, standInUsed, thoseFor, usedOf } from './index'

const one = (over: Partial<Instrument>): Instrument => ({
  id: 'i',
  name: 'meter 3',
  kind: 'multimeter',
  ranges: [{ unit: 'V', from: 0, to: 600 }],
  calibratedTo: null,
  struck: false,
  ...over,
})

describe('the shop’s instruments', () => {
  it('offers those in use that measure it, meter 2 before meter 10', () => {
    const all = [
      one({ name: 'meter 10' }),
      one({ name: 'meter 2', ranges: [{ unit: 'mV', from: 0, to: 400 }] }),
      one({ name: 'gone', struck: true }),
      one({ name: 'ohms only', ranges: [{ unit: 'kohm', from: 0, to: 10 }] }),
    ]
    expect(thoseFor(all, 'voltage').map((i) => i.name)).toEqual(['meter 2', 'meter 10'])
    expect(thoseFor(all, 'resistance').map((i) => i.name)).toEqual(['ohms only'])
  })

  it('knows what a reading may be off by its maker’s word, in the unit that was read; nothing where nobody says', () => {
    const meter = one({ ranges: [{ unit: 'V', from: 0, to: 600, percent: 0.5, offset: 0.02 }] })
    expect(errorOf(meter, 50, 'V')).toBeCloseTo(0.27, 9)
    expect(errorOf(meter, 50_000, 'mV')).toBeCloseTo(270, 6)
    expect(errorOf(meter, 900, 'V')).toBeUndefined()
    expect(errorOf(meter, 50, 'ohm')).toBeUndefined()
    expect(errorOf(one({}), 50, 'V')).toBeUndefined()
  })
  it('counts the last day of a calibration as 0, at any hour of it', () => {
    expect(daysLeft('2026-11-28', new Date(2026, 10, 28, 0, 1).getTime())).toBe(0)
    expect(daysLeft('2026-11-28', new Date(2026, 10, 28, 23, 59).getTime())).toBe(0)
    expect(daysLeft('2026-11-28', new Date(2026, 10, 29, 0, 1).getTime())).toBe(-1)
    expect(daysLeft('2027-11-28', new Date(2026, 10, 28, 12).getTime())).toBe(365)
  })

  it('tells a simulated one by its id, or its name where an older build kept no more, at any depth of an entry', () => {
    expect(standInUsed('clamp meter')).toEqual({ id: 'stand-in:clamp meter', name: 'stand-in clamp meter' })
    expect(isStandIn(standInUsed('multimeter'))).toBe(true)
    expect(isStandIn('stand-in multimeter')).toBe(true)
    expect(isStandIn({ name: 'stand-in multimeter' })).toBe(true)
    for (const real of [undefined, 'meter 3', { name: 'meter 3' }, { id: 'i-1', name: 'meter 3' }]) expect(isStandIn(real)).toBe(false)
    expect(hasStandIn({ step: 's', took: [{ want: 'w', instrument: standInUsed('scale') }] })).toBe(true)
    expect(hasStandIn({ tightened: { wrench: standInUsed('torque wrench') } })).toBe(true)
    expect(hasStandIn({ instrument: 'stand-in multimeter' })).toBe(true)
    expect(hasStandIn({ text: 'stand-in axle fitted', instrument: { name: 'meter 3' }, n: null })).toBe(false)
  })
  it('keeps in an entry what it was then, and nothing where nothing is known', () => {
    expect(usedOf(one({ calibratedTo: '2027-03-31' }))).toEqual({ id: 'i', name: 'meter 3', calibratedTo: '2027-03-31' })
    expect(usedOf(one({}))).toEqual({ id: 'i', name: 'meter 3' })
  })
})
