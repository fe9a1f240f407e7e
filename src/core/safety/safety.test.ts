import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  bleedSeconds,
  fullCharge,
  capacitorEnergy,
  isolationReasons,
  packSigns,
  predictDead,
  handTurnCap,
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
const source = (volts: number, role: ProofReading['role'] = 'tester before'): ProofReading => ({ volts, role: role! })
const FIVE: readonly ProofReading[] = [
  { between: 'cell', volts: 12.1, role: 'tester before' },
  { between: '+ and −', volts: 0.3, role: 'poles' },
  { between: '+ to frame', volts: 0.1, role: 'plus to frame' },
  { between: '− to frame', volts: 0, role: 'minus to frame' },
  { between: 'cell', volts: 12.1, role: 'tester after' },
]
const BEFORE = { full: null, before: true } as const

describe('a proof up to 60 V', () => {
  const faults = (...readings: ProofReading[]) => proofFaults(readings, 'A', 5, { full: 42 }).map((f) => f.kind)
  it('is the meter on a source above 6 V first, then a reading at or below the limit at every feed', () => {
    expect(faults(source(41.2), feed(0.2), feed(-5))).toEqual([])
    expect(faults(source(41.2), feed(0.2), feed(5.1))).toEqual(['above the limit'])
    expect(faults(feed(0.2))).toEqual(['missing'])
    expect(faults(source(41.2))).toEqual(['missing'])
    expect(faults(source(6), feed(0))).toEqual(['source too low'])
    expect(faults(source(6.1), feed(0))).toEqual([])
    expect(faults(source(0), feed(0))).toEqual(['tester shows nothing'])
    expect(faults(feed(0), source(41))).toEqual(['out of order'])
    expect(faults(source(41.2), feed(Number.NaN))).toEqual(['above the limit'])
  })
  it('that an older build took is judged by what was asked for then', () => {
    expect(proofFaults([feed(0.2), feed(-5)], 'A', 5, BEFORE)).toEqual([])
    expect(proofFaults([], 'A', 5, BEFORE)).toEqual([{ kind: 'missing', role: 'poles' }])
    expect(proofFaults(FIVE, 'B', 5, BEFORE)).toEqual([])
    expect(proofFaults(FIVE, 'B', 5, { full: 403 }).map((f) => f.kind)).toEqual([
      'missing',
      'missing',
      'source too low',
      'source too low',
      'rotor not held',
    ])
  })
})

describe('a proof above 60 V', () => {
  const FULL = 403.2
  const all = (over: (r: ProofReading, i: number) => ProofReading = (r) => r): ProofReading[] =>
    proofPlaces('B', [{ between: '+ and −' }], true)
      .map((p): ProofReading => ({
        ...p,
        volts: p.role.startsWith('tester') ? 390 : 0.2,
        ...(p.role.startsWith('phase') ? { ac: 0.1 } : {}),
      }))
      .map(over)
  const of = { full: FULL, rotor: 'chocked' } as const
  it('is every reading in its order, the tester tried first and last', () => {
    expect(proofFaults(all(), 'B', 5, of)).toEqual([])
    expect(all().map((r) => r.role)).toEqual([
      'tester before',
      'poles',
      'plus to frame',
      'minus to frame',
      ...Array<string>(3).fill('phases'),
      ...Array<string>(3).fill('phase to frame'),
      'tester after',
    ])
    expect(proofPlaces('B', [{}]).map((p) => p.role)).toEqual(FIVE.map((r) => r.role))
  })
  it('is none with any kind of reading left out, nor with the tester tried twice before', () => {
    for (const role of new Set(all().map((r) => r.role)))
      expect(
        proofFaults(
          all().filter((r) => r.role !== role),
          'B',
          5,
          of,
        ),
      ).toContainEqual({ kind: 'missing', role })
    expect(proofFaults([...all().slice(-1), ...all().slice(0, -1)], 'B', 5, of)).toEqual([{ kind: 'out of order' }])
  })
  it('wants phases on AC too, unless there are none', () => {
    const dcOnly = all(({ ac: _, ...r }) => r)
    expect(proofFaults(dcOnly, 'B', 5, of).map((f) => f.kind)).toEqual(Array<string>(6).fill('missing'))
    expect(
      proofFaults(
        all((r) => (r.ac === undefined ? r : { ...r, ac: 12 })),
        'B',
        5,
        of,
      ).map((f) => f.kind),
    ).toEqual(Array<string>(6).fill('above the limit'))
    const none = all().filter((r) => r.ac === undefined)
    expect(proofFaults(none, 'B', 5, { full: FULL, rotor: 'no phases' })).toEqual([])
  })
  it('wants the tester tried on half of full charge or on a named unit, the same within a tenth, fine enough, and the rotor held', () => {
    const tried = (volts: number, after = volts, source?: string) =>
      proofFaults(
        all((r) =>
          r.role === 'tester before'
            ? { ...r, volts, ...(source ? { source } : {}) }
            : r.role === 'tester after'
              ? { ...r, volts: after, ...(source ? { source } : {}) }
              : r,
        ),
        'B',
        5,
        of,
      ).map((f) => f.kind)
    expect(tried(FULL / 2)).toEqual([])
    expect(tried(FULL / 2 - 0.1)).toEqual(['source too low', 'source too low'])
    expect(tried(12, 12, 'proving unit')).toEqual([])
    expect(tried(400, 440)).toEqual([])
    expect(tried(400, 441)).toEqual(['tester drifted'])
    expect(proofFaults(all(), 'B', 5, { ...of, lowestStep: 6 })).toEqual([{ kind: 'tester too coarse', step: 6 }])
    expect(proofFaults(all(), 'B', 5, { ...of, lowestStep: 5 })).toEqual([])
    expect(proofFaults(all(), 'B', 5, { full: FULL }).map((f) => f.kind)).toEqual(['rotor not held'])
  })
  it('is none when anything still carries voltage, either way round', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9 }), fc.double({ min: 5.0001, max: 900, noNaN: true }), fc.boolean(), (at, volts, minus) => {
        const faults = proofFaults(
          all((r, i) => (i === at ? { ...r, volts: minus ? -volts : volts } : r)),
          'B',
          5,
          of,
        )
        expect(faults.map((f) => f.kind)).toEqual(['above the limit'])
      }),
      { seed: 6469 },
    )
  })
})

describe('a wheel turned by hand', () => {
  it('gives 30 V at 30 times its Kv', () => {
    expect(handTurnCap(1.2, 30)).toBeCloseTo(36, 9)
    expect(() => handTurnCap(0, 30)).toThrow(RangeError)
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
