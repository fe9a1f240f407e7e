import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  bleedSeconds,
  fullCharge,
  capacitorEnergy,
  isolationReasons,
  packSigns,
  predictDead,
  type ProofReading,
  proofFaults,
  proofPlaces,
  voltageClass,
} from './index'

describe('voltage class, at full charge', () => {
  it.each([
    [58.8, 'A'],
    [60, 'A'],
    [60.01, 'B'],
    [67.2, 'B'],
    [0, 'A'],
    [400, 'B'],
  ] as const)('%d V is class %s', (volts, cls) => expect(voltageClass(volts)).toBe(cls))
})

const feed = (volts: number): ProofReading => ({ between: 'feed', volts })
const FIVE: readonly ProofReading[] = [
  { between: 'cell', volts: 12.1, role: 'tester before' },
  { between: '+ and −', volts: 0.3, role: 'poles' },
  { between: '+ to frame', volts: 0.1, role: 'plus to frame' },
  { between: '− to frame', volts: 0, role: 'minus to frame' },
  { between: 'cell', volts: 12.1, role: 'tester after' },
]

describe('a proof up to 60 V', () => {
  it('is a reading at or below the limit at every feed', () => {
    expect(proofFaults([feed(0.2), feed(-5)], 'A', 5)).toEqual([])
    expect(proofFaults([feed(0.2), feed(5.1)], 'A', 5)).toEqual([{ kind: 'above the limit', reading: feed(5.1) }])
    expect(proofFaults([], 'A', 5)).toEqual([{ kind: 'missing', role: 'poles' }])
    expect(proofFaults([feed(Number.NaN)], 'A', 5)).toHaveLength(1)
  })
})

describe('a proof above 60 V', () => {
  it('is five readings, the tester proved first and last', () => expect(proofFaults(FIVE, 'B', 5)).toEqual([]))
  it('asks for all of them, in order', () =>
    expect(proofPlaces('B', [{ between: '+ and −' }]).map((p) => p.role)).toEqual(FIVE.map((r) => r.role)))
  it('is none with any one of the five left out', () => {
    for (const left of FIVE) {
      expect(
        proofFaults(
          FIVE.filter((r) => r !== left),
          'B',
          5,
        ),
      ).toContainEqual({ kind: 'missing', role: left.role })
    }
  })
  it('is none when the tester shows nothing on its source, before or after', () => {
    for (const role of ['tester before', 'tester after']) {
      const faults = proofFaults(
        FIVE.map((r) => (r.role === role ? { ...r, volts: 0 } : r)),
        'B',
        5,
      )
      expect(faults).toMatchObject([{ kind: 'tester shows nothing', reading: { between: 'cell', volts: 0 } }])
    }
  })
  it('is none with the tester proved twice before', () => {
    const moved = [FIVE[4]!, FIVE[0]!, ...FIVE.slice(1, 4)]
    expect(proofFaults(moved, 'B', 5)).toEqual([{ kind: 'out of order' }])
  })
  it('is none when any pole still carries voltage, either way round', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3 }), fc.double({ min: 5.0001, max: 900, noNaN: true }), fc.boolean(), (at, volts, minus) => {
        const faults = proofFaults(
          FIVE.map((r, i) => (i === at ? { ...r, volts: minus ? -volts : volts } : r)),
          'B',
          5,
        )
        expect(faults.map((f) => f.kind)).toEqual(['above the limit'])
      }),
      { seed: 6469 },
    )
  })
})

describe('bleeding down', () => {
  it('takes R·C·ln(V0/V)', () => {
    expect(bleedSeconds(10_000, 1e-3, 58.8, 5)).toBeCloseTo(24.65, 2)
    expect(bleedSeconds(10_000, 1e-3, 4, 5)).toBe(0)
    expect(() => bleedSeconds(10_000, 1e-3, 50, 0)).toThrow(/got 0/)
    expect(capacitorEnergy(1.5e-3, 58.8)).toBeCloseTo(2.593, 3)
  })
  it('is foretold from two readings as the curve goes, and not at all when they do not fall', () => {
    fc.assert(
      fc.property(fc.double({ min: 2, max: 200, noNaN: true }), fc.double({ min: 1.5, max: 60, noNaN: true }), (tau, gap) => {
        const volts = (t: number): number => 58.8 * Math.exp(-t / tau)
        fc.pre(volts(gap) > 5 && volts(gap) < 58.8 * 0.99)
        const when = predictDead({ at: 0, volts: 58.8 }, { at: gap * 1000, volts: volts(gap) }, 5)!
        expect(volts(when / 1000)).toBeCloseTo(5, 6)
      }),
      { seed: 7 },
    )
    expect(predictDead({ at: 0, volts: 50 }, { at: 9000, volts: 50 }, 5)).toBeNull()
    expect(predictDead({ at: 0, volts: 50 }, { at: 500, volts: 40 }, 5)).toBeNull()
  })
})

describe('a pack at the door', () => {
  it('is sound only with no sign and no reading that says otherwise', () => {
    expect(packSigns({ signs: [], chemistry: 'Li-ion', lowestGroup: 3.4, temperature: 22 })).toEqual([])
    expect(packSigns({ signs: ['wet'] })).toEqual(['wet'])
    expect(packSigns({ signs: [], chemistry: 'Li-ion', lowestGroup: 2.49 })).toEqual(['low cell group'])
    expect(packSigns({ signs: [], chemistry: 'LFP', lowestGroup: 2.2 })).toEqual([])
    expect(packSigns({ signs: ['hot'], temperature: 46 })).toEqual(['hot'])
  })
})

it('says why this machine is isolated, the gravest first', () => {
  expect(isolationReasons({ fullVolts: 58.8, drives: 2, capacitors: true, packKilograms: 5.2 })).toEqual([
    'arc',
    'start',
    'capacitors',
    'weight',
  ])
  expect(isolationReasons({ fullVolts: null, drives: 0, capacitors: false, packKilograms: null })).toEqual(['shock'])
})

describe('full charge', () => {
  it.each([
    ['the file decides, whatever is told', 58.8, [{ from: 'label', volts: 84 }], 'A', 58.8],
    ['the file decides upward too', 84, [{ from: 'label', volts: 42 }], 'B', 84],
    ['nobody knows', null, [], 'B', null],
    ['a label', null, [{ from: 'label', volts: 54.6 }], 'A', 54.6],
    ['a label of 60 exactly', undefined, [{ from: 'label', volts: 60 }], 'A', 60],
    [
      'the highest of several stands',
      null,
      [
        { from: 'label', volts: 84 },
        { from: 'cells', volts: 42 },
      ],
      'B',
      84,
    ],
    ['the front desk cannot lower', null, [{ from: 'door', volts: 42 }], 'B', null],
    [
      'the front desk can raise',
      null,
      [
        { from: 'label', volts: 42 },
        { from: 'door', volts: 84 },
      ],
      'B',
      84,
    ],
    ['a reading of 40 V', null, [{ from: 'reading', volts: 40 }], 'A', 40],
    ['a reading of 51 V: sixteen cells at 3.2 V are 67 when full', null, [{ from: 'reading', volts: 51 }], 'B', 51],
    [
      'a reading below its label agrees with it',
      null,
      [
        { from: 'label', volts: 58.8 },
        { from: 'reading', volts: 51 },
      ],
      'A',
      58.8,
    ],
    [
      'a reading above its label says that the label is wrong',
      null,
      [
        { from: 'label', volts: 42 },
        { from: 'reading', volts: 51 },
      ],
      'B',
      51,
    ],
  ] as const)('%s', (_, file, claims, cls, volts) => expect(fullCharge(file, claims)).toMatchObject({ cls, volts }))
})
