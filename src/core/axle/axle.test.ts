import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  armForce,
  beltNote,
  beltTension,
  flatLength,
  flatPressure,
  gapOfSheets,
  inside,
  overTheOpening,
  type Piece,
  type Reaction,
  reactionOf,
  rimShift,
  runningGap,
  type SpacersAsked,
  spacerWays,
  threadLeft,
  wheelTorque,
  widthOf,
} from './index'

const mm = (value: number, u = 0.05) => ({ value, u })
const piece = (width: number, more: Partial<Piece> = {}): Piece => ({ width: mm(width), clamped: true, turns: false, ...more })
/** From the outside in. */
const SIDE: readonly Piece[] = [
  piece(10, { purpose: 'nut' }),
  piece(2, { purpose: 'washer' }),
  piece(2.5, { purpose: 'tab' }),
  piece(6, { purpose: 'frame' }),
  piece(1.5, { purpose: 'washer' }),
]

describe('a stack against its frame', () => {
  it('counts what is clamped inside the frame, and nothing that turns', () => {
    expect(widthOf(inside(SIDE)).value).toBe(1.5)
    expect(widthOf([...inside(SIDE), piece(4, { turns: true }), piece(7, { clamped: false })]).value).toBe(1.5)
    expect(inside([piece(3), piece(4)])).toHaveLength(2)
  })
  it('fits, spreads by a millimetre and a half, is loose, or cannot be told', () => {
    const both = [...inside(SIDE), ...inside(SIDE)]
    expect(overTheOpening(mm(97), both, mm(100)).verdict).toBe('fits')
    const wide = overTheOpening(mm(98.5), both, mm(100))
    expect(wide.verdict).toBe('spreads the frame')
    expect(wide.spread.value).toBeCloseTo(1.5, 9)
    expect(overTheOpening(mm(95), both, mm(100)).verdict).toBe('loose in the frame')
    expect(overTheOpening(mm(97.5), both, mm(100, 0.3)).verdict).toBe('cannot tell')
    expect(() => overTheOpening(mm(-3), both, mm(100))).toThrow(/got -3/)
  })
  it('leaves a full nut and a turn or two, or says that it does not', () => {
    // Stack 22 mm on a pitch of 1.25.
    expect(threadLeft(mm(24.5), SIDE, 1.25).verdict).toBe('full nut')
    expect(threadLeft(mm(24.5), SIDE, 1.25).turns).toBeCloseTo(2, 6)
    expect(threadLeft(mm(21), SIDE, 1.25).verdict).toBe('not a full nut')
    expect(threadLeft(mm(30), SIDE, 1.25).verdict).toBe('more than usual')
    expect(threadLeft(mm(23.25), SIDE, 1.25).verdict).toBe('cannot tell')
  })
  it('knows when a cap nut bottoms before it clamps', () => {
    const capped = [piece(13, { purpose: 'cap' }), ...SIDE.slice(1)]
    // 12 mm of pieces below the cap: 10.5 mm of thread go into it.
    expect(threadLeft(mm(22.5), capped, 1.25, mm(12)).verdict).toBe('full nut')
    expect(threadLeft(mm(25), capped, 1.25, mm(12)).verdict).toBe('cap bottoms')
  })
  it('says how far the rim stands to one side', () => {
    const shift = rimShift(mm(40), [piece(3)], mm(38), [piece(3)])
    expect(shift.value).toBe(-1)
    expect(rimShift(mm(38), [piece(5)], mm(38), [piece(3)]).value).toBe(-1)
  })
})

/** Every way by trying all places of every piece: left, right, or left in the box. */
function byHand({ have, left, right, both, most = 3 }: SpacersAsked): string[] {
  const found = new Set<string>()
  for (let code = 0; code < 3 ** have.length; code++) {
    const [l, r]: [number[], number[]] = [[], []]
    for (let i = 0, c = code; i < have.length; i++, c = Math.floor(c / 3))
      if (c % 3 === 1) l.push(have[i]!)
      else if (c % 3 === 2) r.push(have[i]!)
    if (l.length > most || r.length > most) continue
    const [a, b] = [l, r].map((x) => x.reduce((s, w) => s + w, 0)) as [number, number]
    const fits = (x: number, w: { low: number; high: number }): boolean => x >= w.low - 1e-6 && x <= w.high + 1e-6
    if (fits(a, left) && fits(b, right) && fits(a + b, both))
      found.add(`${l.sort((p, q) => p - q).join(' ')} | ${r.sort((p, q) => p - q).join(' ')}`)
  }
  return [...found].sort()
}

describe('spacers', () => {
  it('500 random cases: every way is found, none twice, none that breaks a rule; the fewest pieces stand first', () => {
    const window = fc
      .tuple(fc.double({ min: 0, max: 5, noNaN: true }), fc.double({ min: 0, max: 2, noNaN: true }))
      .map(([low, w]) => ({ low, high: low + w }))
    const asked = fc.record({
      have: fc.array(fc.constantFrom(0.5, 1, 1, 1.5, 2, 2.5, 3), { maxLength: 7 }),
      left: window,
      right: window,
      both: window,
    })
    let some = 0
    fc.assert(
      fc.property(asked, (a) => {
        const ways = spacerWays(a)
        const keys = ways.map((w) => `${w.left.join(' ')} | ${w.right.join(' ')}`)
        expect([...keys].sort()).toEqual(byHand(a))
        const pieces = ways.map((w) => w.left.length + w.right.length)
        expect(pieces).toEqual([...pieces].sort((x, y) => x - y))
        if (ways.length > 0) some++
      }),
      { seed: 114, numRuns: 500 },
    )
    expect(some).toBeGreaterThan(30)
  })
  it('lays one piece on one side only', () => {
    const one = { low: 1, high: 1 }
    expect(spacerWays({ have: [1], left: one, right: one, both: { low: 0, high: 9 } })).toEqual([])
    expect(spacerWays({ have: [1, 1], left: one, right: one, both: { low: 0, high: 9 } })).toEqual([{ left: [1], right: [1] }])
  })
  it('refuses widths that are none', () =>
    expect(() => spacerWays({ have: [-1], left: { low: 0, high: 1 }, right: { low: 0, high: 1 }, both: { low: 0, high: 2 } })).toThrow(
      /-1/,
    ))
})

/** An axle’s flats in a slot, on a one-sided elastic foundation without play: the moment that a turn gives, summed over strips. */
function foundation(thickness: number, length: number, stiffness: number, turn: number): { moment: number; most: number } {
  const strips = 20_000
  let [moment, most] = [0, 0]
  for (let i = 0; i < strips; i++) {
    const x = ((i + 0.5) / strips - 0.5) * length
    // Upper flat: pressed where it goes up; lower flat: where it goes down.
    for (const way of [1, -1]) {
      const p = stiffness * Math.max(0, way * x * turn)
      moment += way * x * p * thickness * (length / strips)
      most = Math.max(most, p)
    }
  }
  return { moment: moment / 1000, most }
}

const FORK: Reaction = {
  drive: 18,
  regen: 5,
  ends: 2,
  diameter: 12,
  flats: 10,
  thickness: 6,
  material: 'steel',
  nutPull: 15_000,
  radii: [8, 8.5],
  play: 0,
  asDelivered: true,
  slotWorn: false,
  tabWasher: true,
}

describe('the reaction of an axle', () => {
  it('presses its flats as a one-sided elastic foundation does, within two per cent', () => {
    for (const [d, w, t] of [
      [12, 10, 6],
      [14, 10, 5],
      [10, 8, 4],
      [16, 13, 10],
    ] as const) {
      const length = flatLength(d, w)
      const { moment, most } = foundation(t, length, 3000, 0.002)
      expect(Math.abs(flatPressure(moment, t, length) / most - 1)).toBeLessThan(0.02)
    }
  })
  it('holds as delivered, whatever the sum says, and with loose nuts says only more pressure', () => {
    const held = reactionOf({ ...FORK, drive: 90, material: 'magnesium' })
    expect(held).toMatchObject({ verdict: 'holds', why: [] })
    expect(held.loose).toBeGreaterThan(held.tight)
  })
  it.each([
    ['a foreign motor', { asDelivered: false }, ['foreign motor']],
    ['a worn slot', { slotWorn: true }, ['worn slot']],
    ['no tab washer', { tabWasher: false }, ['no tab washer']],
    [
      'a foreign motor on a worn aluminium slot',
      { asDelivered: false, slotWorn: true, material: 'aluminium', drive: 26 },
      ['torque', 'worn slot', 'foreign motor'],
    ],
    ['regeneration above half', { asDelivered: false, regen: 10 }, ['foreign motor', 'regeneration']],
  ] as const)('%s wants an arm', (_, more, why) => expect(reactionOf({ ...FORK, ...more })).toMatchObject({ verdict: 'arm wanted', why }))
  it('wants an arm where the sum does not hold: factor 1.5, friction at its worst', () => {
    const thin = { ...FORK, asDelivered: false, thickness: 2, drive: 60, nutPull: 2000 }
    expect(reactionOf(thin).why).toContain('sum')
    const friction = (2 * 0.1 * 2000 * 16.5) / 1000
    expect(reactionOf(thin).friction).toBeCloseTo(friction, 9)
    expect(reactionOf(thin).tight).toBeCloseTo(flatPressure((60 - friction) / 2, 2, Math.sqrt(44)), 6)
  })
  it('judges at half as much again: what would just hold is not enough', () => {
    const bare = { ...FORK, asDelivered: false, thickness: 6, nutPull: 0, regen: 0, material: 'steel' } as const
    const { stands } = reactionOf(bare)
    const least = { ...bare, drive: (stands * 2 * 6 * flatLength(FORK.diameter, FORK.flats) ** 2) / 6000 }
    expect(reactionOf(least).tight).toBeCloseTo(stands, 6)
    expect(reactionOf({ ...least, drive: least.drive / 1.4 }).why).toContain('sum')
    expect(reactionOf({ ...least, drive: least.drive / 1.6 }).why).not.toContain('sum')
  })
  it('says “at least” where there is play in the slot, or nobody measured it', () => {
    expect(reactionOf(FORK).lowerBound).toBe(false)
    expect(reactionOf({ ...FORK, play: 0.3 }).lowerBound).toBe(true)
    const { play: _, ...unmeasured } = FORK
    expect(reactionOf(unmeasured).lowerBound).toBe(true)
  })
  it('cannot say without a torque', () => expect(reactionOf({ ...FORK, asDelivered: false, drive: Number.NaN }).verdict).toBe('cannot say'))
  it('sizes the arm and the torque at the wheel', () => {
    expect(armForce(30, 100)).toBeCloseTo(450, 9)
    // Kv 11.2 rpm/V: Kt = 0.853 N·m/A.
    expect(wheelTorque(11.2, 25, 1)).toBeCloseTo(21.3, 1)
    expect(() => flatLength(10, 10)).toThrow(/below the diameter/)
  })
})

describe('running gaps and belts', () => {
  it('counts sheets of a pack', () => {
    const gap = gapOfSheets({ count: 4, pack: { value: 50, u: 0.3 }, inPack: 500 })
    expect(gap.value).toBeCloseTo(0.45, 9)
    expect(gap.u).toBeCloseTo(0.029, 3)
    expect(() => gapOfSheets({ count: 1.5, pack: mm(50), inPack: 500 })).toThrow(/whole sheets/)
  })
  it('judges the least and the most over a turn', () => {
    expect(runningGap(mm(1.2), mm(1.6), 1, 3).verdict).toBe('runs clear')
    expect(runningGap(mm(0.4), mm(1.6), 1, 3).verdict).toBe('rubs')
    expect(runningGap(mm(1.5), mm(3.6), 1, 3).verdict).toBe('too far')
    expect(runningGap(mm(1.05), mm(1.6), 1, 3).verdict).toBe('cannot tell')
    expect(runningGap(mm(1.2), mm(1.6), 1).runOut.value).toBeCloseTo(0.4, 9)
    expect(() => runningGap(mm(2), mm(1), 0)).toThrow(/the most is less/)
  })
  it('gives the same tension by how far a belt gives and by its note', () => {
    // A span of 400 mm at 200 N: 10 N in its middle give 5 mm; at 0.05 kg/m its note is √(T/m)/2L = 79.06 Hz.
    expect(beltTension(mm(10, 0), mm(400, 0), mm(5, 0)).value).toBeCloseTo(200, 9)
    expect(beltNote(mm(0.05, 0), mm(400, 0), mm(Math.sqrt(200 / 0.05) / 0.8, 0)).value).toBeCloseTo(200, 6)
    expect(beltTension(mm(10, 0.5), mm(400, 1), mm(5, 0.25)).u / 200).toBeCloseTo(Math.hypot(0.05, 0.0025, 0.05), 2)
    expect(() => beltTension(mm(10), mm(400), mm(60))).toThrow(/got 60/)
  })
})
