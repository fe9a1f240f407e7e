import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { demoInstruments } from '../../demo/instruments'
import { NEWEST_FORM } from '../build'
import type { Instrument } from '../instruments'
import type { PlannedStep } from '../planning'
import {
  clickedWith,
  checkStatus,
  methodFor,
  nothingReached,
  reduce,
  rideShut,
  settingOf,
  tightEntry,
  torqueDoubts,
  wrenchesFor,
} from './index'
import { readBefore, type Tightened, writeBefore } from './tightened'

const DAY = 86_400_000
const NOW = Date.UTC(2026, 10, 28)
const SHOP = demoInstruments(NOW)
const wrench = (id: string): Instrument => SHOP.find((i) => i.id === id)!
const NUTS = 'up:undo:front-right-nut'

/** A front motor job with its axle nuts seated; what follows makes them final. */
function seated(): Logbook {
  const book = new Logbook(NEWEST_FORM).open()
  book.adopt()
  for (const nut of ['front-right-nut-1', 'front-left-nut-1']) {
    book.log('fixing-out', { members: [nut], to: 'carrier' })
    book.log('fixing-in', { members: [nut], pass: 'seated' })
  }
  book.log('step-done', { step: NUTS, pass: 'seated' })
  return book
}
const stateOf = (book: Logbook) => reduce('j1', book.entries)
const nuts = (book: Logbook): PlannedStep => stateOf(book).up.find((s) => s.id === NUTS)!

describe('how tight, as older builds wrote it', () => {
  it('a number with a wrench was clicked, by feel has no band, and a number with nothing was read by nobody', () => {
    expect(readBefore({ torque: 40, how: 'wrench', tool: 'torque 10–60' }, 'final')).toEqual({
      is: 'clicked',
      torque: 40,
      tool: 'torque 10–60',
    })
    expect(readBefore({ how: 'feel', tool: '200 mm lever' }, 'final')).toEqual({ is: 'felt', tool: '200 mm lever' })
    expect(readBefore({ torque: 40 }, 'final')).toEqual({ is: 'not read', early: true })
    expect(readBefore({}, 'final')).toEqual({ is: 'not read', early: true })
    expect(readBefore({}, 'seated')).toBeUndefined()
  })
  it('no number is ever read where none was reached, whatever is written and read again', () => {
    const figure = fc.double({ min: 0.1, max: 500, noNaN: true })
    const one: fc.Arbitrary<Tightened> = fc.oneof(
      fc.record({ is: fc.constant('clicked' as const), torque: figure }),
      fc.record({ is: fc.constant('felt' as const), band: fc.tuple(figure, figure) }),
      fc.record({ is: fc.constant('not read' as const) }),
    )
    fc.assert(
      fc.property(one, (t) => {
        const again = readBefore(writeBefore(t), 'final')!
        expect(again.is).toBe(t.is)
        expect('torque' in again).toBe(t.is === 'clicked')
      }),
    )
  })
})

describe('critical fixings', () => {
  it('are asked one by one; the step is done with the last', () => {
    const book = seated()
    const how = clickedWith(45, wrench('i-torque-60'))
    const first = tightEntry(stateOf(book), nuts(book), how, 'front-left-nut-1')
    expect(first).toMatchObject({ kind: 'fixing-in', body: { members: ['front-left-nut-1'], pass: 'final' } })
    book.log('fixing-in', first.body as never)
    const second = tightEntry(stateOf(book), nuts(book), how)
    expect(second).toMatchObject({ kind: 'step-done', body: { pass: 'final', in: { members: ['front-right-nut-1'] } } })
    book.log('step-done', second.body as never)
    expect(stateOf(book).fixings['front-left-nut-1']).toMatchObject({ condition: 'final', tightened: { is: 'clicked', torque: 45 } })
    expect(stateOf(book).steps[NUTS]).toMatchObject({ pass: 'final' })
    expect(nothingReached(stateOf(book))).toEqual([])
  })

  const ends = (how?: Tightened): Logbook => {
    const book = seated()
    const members = ['front-right-nut-1', 'front-left-nut-1']
    book.log('step-done', { step: NUTS, pass: 'final', in: { members, pass: 'final', ...(how ? { tightened: how } : {}) } })
    return book
  }
  const shut = (book: Logbook): boolean => rideShut(stateOf(book), 'walking pace', NOW).some((s) => s.check === 'tightness')

  it('with nothing reached bind the ride until a lead decides; a click and a band do not, calibrated or not', () => {
    expect(shut(ends({ is: 'not read' }))).toBe(true)
    expect(shut(ends())).toBe(true)
    expect(shut(ends({ is: 'felt', band: [30, 50] }))).toBe(false)
    expect(shut(ends({ is: 'clicked', torque: 40, wrench: { name: 'old', calibratedTo: '2020-01-01' } }))).toBe(false)
    const book = ends({ is: 'not read' })
    expect(checkStatus(stateOf(book), 'tightness', NOW).missing).toHaveLength(2)
    book.log('check-overridden', { check: 'tightness', reason: 'wrench comes tomorrow, walked home' })
    expect(shut(book)).toBe(false)
  })
  it('what was reached is gone once it is loosened, and once it is made tight again without a word', () => {
    const book = ends({ is: 'clicked', torque: 45 })
    book.log('fixing-out', { members: ['front-left-nut-1'], to: 'loosened' })
    expect(stateOf(book).fixings['front-left-nut-1']).not.toHaveProperty('tightened')
    book.log('fixing-in', { members: ['front-left-nut-1'], pass: 'final' })
    expect(nothingReached(stateOf(book)).map((n) => n.fixing?.id)).toEqual(['front-left-nut-1'])
  })
  it('of a journal that an older build wrote bind nothing afterwards', () => {
    const book = new Logbook().open()
    book.adopt()
    book.log('fixing-out', { members: ['front-left-nut-1'], to: 'carrier' })
    book.log('fixing-in', { members: ['front-left-nut-1'], pass: 'final' })
    expect(stateOf(book).fixings['front-left-nut-1']!.tightened).toMatchObject({ is: 'not read' })
    expect(nothingReached(stateOf(book))).toEqual([])
  })
})

describe('the way of making tight', () => {
  const step = (value: number | undefined, over: Partial<PlannedStep> = {}): PlannedStep =>
    ({
      ...nuts(seated()),
      ...(value === undefined ? { torque: undefined } : { torque: { value, unit: 'Nm', source: 'machine file' } }),
      ...over,
    }) as PlannedStep
  const after = (...said: Tightened[]) => {
    const book = seated()
    said.forEach((tightened) => book.log('fixing-in', { members: ['front-left-nut-1'], pass: 'final', tightened }))
    return stateOf(book)
  }
  const plain = { joint: { role: 'cover' } } as const
  it('is asked once, and then by the wrench that suits: in use, in calibration, narrowest', () => {
    expect(methodFor(after(), step(45), SHOP, undefined, NOW)).toEqual({ by: 'asked' })
    const clicked = after(clickedWith(45, wrench('i-torque-60')))
    expect(methodFor(clicked, step(2.5), SHOP, undefined, NOW)).toMatchObject({ by: 'wrench', wrench: { id: 'i-torque-6' } })
    // Both suit 18 N·m. The one of 4–20 has run out; the other is in use.
    expect(methodFor(clicked, step(18), SHOP, undefined, NOW)).toMatchObject({ by: 'wrench', wrench: { id: 'i-torque-60' } })
    expect(methodFor(after(clickedWith(2, wrench('i-torque-6'))), step(18), SHOP, undefined, NOW)).toMatchObject({
      wrench: { id: 'i-torque-60' },
    })
    expect(methodFor(after(clickedWith(2, wrench('i-torque-6'))), step(18), SHOP, undefined, NOW - 30 * DAY)).toMatchObject({
      wrench: { id: 'i-torque-20' },
    })
    // Both in calibration: the one in use goes before the narrower.
    expect(methodFor(clicked, step(18), SHOP, undefined, NOW - 30 * DAY)).toMatchObject({ wrench: { id: 'i-torque-60' } })
    expect(methodFor(clicked, step(900), SHOP, undefined, NOW)).toEqual({ by: 'asked' })
    expect(methodFor(clicked, step(undefined), SHOP, undefined, NOW)).toEqual({ by: 'asked' })
    expect(methodFor(clicked, step(undefined, plain), SHOP, undefined, NOW)).toEqual({ by: 'hand' })
    const felt = { for: 'torque driver', risk: '', byFeel: true } as const
    expect(methodFor(clicked, step(2.5, { ...plain, substitute: felt }), SHOP, undefined, NOW)).toEqual({ by: 'hand' })
    expect(methodFor(clicked, step(45, { substitute: felt }), SHOP, undefined, NOW)).toEqual({ by: 'asked' })
  })
  it('by hand goes on by hand, but for what is critical; a pull by feel is asked anew', () => {
    const hand = after({ is: 'not read' })
    expect(methodFor(hand, step(2.5, plain), SHOP, undefined, NOW)).toEqual({ by: 'hand' })
    expect(methodFor(hand, step(45), SHOP, undefined, NOW)).toEqual({ by: 'asked' })
    expect(methodFor(after({ is: 'felt', band: [1, 2] }), step(2.5, plain), SHOP, undefined, NOW)).toEqual({ by: 'asked' })
  })
  it('an adapter makes the wrench longer: 45 N·m with 45 mm on 390 mm are set to 40.3 (ISO 6789-1)', () => {
    const adapter = { reach: 45, angle: 0 }
    expect(settingOf(45, wrench('i-torque-60'), adapter)).toBeCloseTo(40.34, 2)
    expect(settingOf(45, wrench('i-torque-60'), { reach: 45, angle: 90 })).toBeCloseTo(45, 9)
    expect(clickedWith(45, wrench('i-torque-60'), adapter)).toMatchObject({ torque: 45, set: 40.3, adapter, scale: [10, 60] })
    // It carries one by itself.
    expect(clickedWith(45, { ...wrench('i-torque-60'), reach: 45 })).toMatchObject({ set: 40.3, adapter })
    expect(clickedWith(45, wrench('i-torque-60'))).not.toHaveProperty('set')
    // 62 N·m are beyond its scale, and within it with the adapter.
    expect(wrenchesFor(62, [wrench('i-torque-60')])).toEqual([])
    expect(wrenchesFor(62, [wrench('i-torque-60')], adapter)).toHaveLength(1)
  })
  it('tells what is off by more than a tenth, and what is below a fifth of the scale; it refuses neither', () => {
    const is = (t: Tightened, wanted?: number) => torqueDoubts(t, wanted).map((d) => d.is)
    expect(is(clickedWith(41, wrench('i-torque-60')), 45)).toEqual([])
    expect(is(clickedWith(40, wrench('i-torque-60')), 45)).toEqual(['off'])
    expect(is(clickedWith(11, wrench('i-torque-60')), 11)).toEqual(['outside its scale'])
    expect(is(clickedWith(12, wrench('i-torque-60')), 12)).toEqual([])
    expect(is({ is: 'felt', band: [20, 30] }, 45)).toEqual(['off'])
    expect(is({ is: 'felt', band: [30, 50] }, 45)).toEqual([])
    expect(is({ is: 'not read' }, 45)).toEqual([])
  })
})
