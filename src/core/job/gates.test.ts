import { said } from '../../../tests/said'
import { describe, expect, it } from 'vitest'
import { compareOne } from '../machine'
import { checkStatus, deadAt, expectedDone, type JobState, mayOverride, reduce, rideShut, waitingFor } from './index'
import { dunlinPlan, Logbook, MINUTE } from '../../../tests/logbook'

const state = (book: Logbook): JobState => reduce('j1', book.entries)
const upStep = (s: JobState, title: string) => s.up.find((x) => x.title.startsWith(title))!
const waits = (s: JobState, title: string): string[] => said(waitingFor(s, upStep(s, title), s.lastAt), s)

describe('the new part beside the old one', () => {
  const plan = dunlinPlan('front-motor-goal')
  const spec = plan.swap.find((s) => s.compare)!
  const rows = (fresh: Record<string, number | string | null> = {}) =>
    spec.compare!.map((c) => compareOne(c, null, c.id in fresh ? fresh[c.id]! : c.value))

  it('is wanted before the first step down, not after it', () => {
    const book = new Logbook().open()
    book.adopt()
    const first = state(book)
    expect(said(waitingFor(first, first.down[0]!, first.lastAt), first)).toEqual(['check: replacement matches'])
    book.log('step-done', { step: first.down[0]!.id })
    const later = state(book)
    expect(waitingFor(later, later.down[1]!, later.lastAt)).toEqual([])
  })

  it('stands in the way while anything differs or was not measured, by name', () => {
    const book = new Logbook().open()
    book.adopt()
    book.log('replacement-compared', { part: spec.part!.id, rows: rows({ flats: 12, lead: null }) })
    expect(said(checkStatus(state(book), 'replacement matches', 0).missing, state(book))).toEqual([
      'across the flats differs',
      'lead, axle to 6-pin not measured',
    ])
    book.log('check-overridden', { check: 'replacement matches', reason: 'filed to ten' })
    expect(checkStatus(state(book), 'replacement matches', 0)).toMatchObject({ open: true, how: 'overridden' })
    book.log('replacement-compared', { part: spec.part!.id, rows: rows() })
    expect(checkStatus(state(book), 'replacement matches', 0)).toMatchObject({ open: true, how: 'derived' })
  })
})

describe('power', () => {
  it('does not come back to a pack that nobody looked at, or that belongs outdoors', () => {
    const book = new Logbook().open()
    book.adopt()
    expect(waits(state(book), 'Pre-charge')).toContain('check: pack triage')
    book.log('pack-checked', { result: 'quarantine', signs: ['wet'] })
    expect(said(checkStatus(state(book), 'pack triage', 0).missing, state(book))).toEqual(['wet'])
    book.log('pack-checked', { result: 'sound', signs: [] })
    expect(waits(state(book), 'Pre-charge')).not.toContain('check: pack triage')
  })

  it('does not come back before the axle is held; and a nut undone opens that check again', () => {
    const book = new Logbook().open()
    book.adopt()
    const nuts = upStep(state(book), 'Nuts in turn')
    for (const s of state(book).down) book.log('step-done', { step: s.id })
    expect(waits(state(book), 'Pre-charge')).toContain('check: reaction path')
    for (const s of state(book).up.filter((x) => /nut|tab/i.test(x.title) && !x.check)) book.log('step-done', { step: s.id })
    const seated = book.log('step-done', { step: nuts.id, pass: 'seated' })
    book.log('check-passed', { check: 'reaction path', evidence: 'looked' })
    expect(checkStatus(state(book), 'reaction path', 0)).toMatchObject({ open: false, missing: [{ is: 'step', step: nuts.id }] })
    book.log('step-done', { step: nuts.id, pass: 'marked' })
    expect(checkStatus(state(book), 'reaction path', 0)).toMatchObject({ open: false, missing: [{ is: 'touched', step: nuts.id }] })
    book.log('check-passed', { check: 'reaction path', evidence: 'looked again' })
    expect(checkStatus(state(book), 'reaction path', 0).open).toBe(true)
    book.log('struck', { target: book.entries.at(-2)!.id })
    expect(checkStatus(state(book), 'reaction path', 0).open).toBe(false)
    expect(seated.kind).toBe('step-done')
  })
})

describe('a locked joint', () => {
  it('holds a spin from handling strength and a ride from its full cure, whoever is looking', () => {
    const book = new Logbook().open()
    book.adopt()
    for (const s of state(book).down) book.log('step-done', { step: s.id })
    const rim = upStep(state(book), 'Fit 6')
    book.log('step-done', { step: rim.id, pass: 'final', lock: { product: 'medium', handlingMinutes: 20, cureHours: 24 } })
    const s = state(book)
    const spin = upStep(s, 'Spin test')
    expect(said(waitingFor(s, spin, s.lastAt + 19 * MINUTE), s)).toContain('check: handling strength')
    expect(said(waitingFor(s, spin, s.lastAt + 20 * MINUTE), s)).not.toContain('check: handling strength')
    expect(rideShut(s, 'wheel off the ground', s.lastAt + 20 * MINUTE).map((c) => c.check)).not.toContain('full cure')
    expect(rideShut(s, 'walking pace', s.lastAt + 1439 * MINUTE).map((c) => c.check)).toContain('full cure')
    expect(rideShut(s, 'walking pace', s.lastAt + 1440 * MINUTE).map((c) => c.check)).not.toContain('full cure')
    book.log('ride-added', { text: 'early', rungs: ['walking pace'], outcome: 'passed' })
    expect(state(book).flags.map((f) => f.kind)).toContain('check shut')
  })
})

describe('a check that was made and not passed', () => {
  it('names what was wrong, and is open once it is made again and right', () => {
    const book = new Logbook().open()
    book.adopt()
    book.log('check-failed', {
      check: 'spin test',
      items: [
        { name: 'direction', result: 'wrong' },
        { name: 'noise', result: 'right' },
      ],
    })
    expect(checkStatus(state(book), 'spin test', 0)).toMatchObject({ open: false, missing: [{ is: 'item', of: { name: 'direction' } }] })
    book.log('check-passed', {
      check: 'spin test',
      evidence: 'spun',
      items: [
        { name: 'direction', result: 'right' },
        { name: 'lights', result: 'not tested' },
      ],
    })
    expect(checkStatus(state(book), 'spin test', 0)).toMatchObject({ open: true, how: 'passed' })
    expect(state(book).checks['spin test']?.passed?.items).toHaveLength(2)
  })
})

describe('above 60 V', () => {
  const readings = [
    { between: 'cell', volts: 12, role: 'tester before' as const },
    { between: '+ −', volts: 0, role: 'poles' as const },
    { between: '+ frame', volts: 0, role: 'plus to frame' as const },
    { between: '− frame', volts: 0, role: 'minus to frame' as const },
    { between: 'cell', volts: 12, role: 'tester after' as const },
  ]
  const book = (): Logbook => {
    const b = new Logbook()
    b.log('job-opened', { number: '1', machine: { name: 'cart', fullVolts: 67.2 }, complaint: '' })
    b.log('check-passed', { check: 'qualified', evidence: 'answers for it' })
    b.log('power-changed', { to: 'isolated' })
    return b
  }
  it('only the proof of whoever answers for it counts', () => {
    const b = book()
    b.log('proof-taken', { instrument: { name: 'm' }, readings }, { by: 'tobias' })
    expect(deadAt(state(b).power, state(b).lastAt)).toBe(false)
    expect(state(b).flags).toEqual([expect.objectContaining({ kind: 'not ready', subject: 'qualified' })])
  })
  it('making it safe and live again waits for somebody who is qualified; nobody passes over that', () => {
    const b = new Logbook()
    b.log('job-opened', { number: '1', machine: { name: 'tractor', fullVolts: 403.2 }, complaint: '' })
    b.adopt()
    const waits = (id: string): string[] =>
      said(
        waitingFor(
          state(b),
          [...state(b).down, ...state(b).up].find((s) => s.power === id)!,
          0,
        ),
        state(b),
      )
    expect(waits('isolated')).toContain('check: qualified')
    expect(waits('live')).toContain('check: qualified')
    b.log('check-overridden', { check: 'qualified', reason: 'in a hurry' })
    expect(waits('isolated')).toContain('check: qualified')
    b.log('check-passed', { check: 'qualified', evidence: 'answers for it' })
    expect(waits('isolated')).not.toContain('check: qualified')
  })
  it('one reading is no proof, five are, and they last half an hour', () => {
    const one = book()
    one.log('proof-taken', { instrument: { name: 'm' }, readings: [readings[1]!] })
    expect(deadAt(state(one).power, state(one).lastAt)).toBe(false)
    const five = book()
    five.log('proof-taken', { instrument: { name: 'm' }, readings })
    const s = state(five)
    expect([29, 30].map((m) => deadAt(s.power, s.lastAt + m * MINUTE))).toEqual([true, false])
  })
  it('a proof ends when the job goes to another; below 60 V it does not', () => {
    const high = book()
    high.log('proof-taken', { instrument: { name: 'm' }, readings })
    high.log('handed-over', { to: 'tobias', text: '' })
    expect(state(high).power.proof?.ended).toBe('taken over by another')
    const low = new Logbook().open()
    low.log('power-changed', { to: 'isolated' })
    low.log('proof-taken', { instrument: { name: 'm' }, readings: [{ between: 'feed', volts: readings[1]!.volts }] })
    low.log('handed-over', { to: 'tobias', text: '' })
    expect(deadAt(state(low).power, state(low).lastAt)).toBe(true)
  })
})

describe('the ladder of rides', () => {
  it('counts as ridden only with the needed stages passed, and a stop takes the upper ones back', () => {
    const book = new Logbook().open()
    const missing = (): readonly string[] => said(checkStatus(state(book), 'ridden', 0).missing, state(book))
    expect(missing()).toEqual(['nothing is logged that proves it'])
    for (const stage of ['wheel off the ground', 'walking pace', 'brake stops', 'gentle'] as const)
      book.log('ride-added', { text: 'fine', rungs: [stage], outcome: 'passed' })
    expect(missing()).toEqual([])
    book.log('ride-added', { text: 'noise', rungs: ['brake stops'], outcome: 'stopped' })
    expect(missing()).toEqual(['brake stops not passed', 'gentle not passed'])
  })
  it('a ride logged in one line still counts', () => {
    const book = new Logbook().open()
    book.log('ride-added', { text: 'round the fish hall' })
    expect(checkStatus(state(book), 'ridden', 0).open).toBe(true)
  })
})

describe('the early test under power', () => {
  const built = () => {
    const book = new Logbook().open()
    const plan = book.adopt('front-controller-goal')
    book.ready(plan)
    for (const s of plan.down.steps)
      if (s.check === 'dead')
        book.log('proof-taken', { readings: [{ between: 'feed', volts: 0, role: 'feed' }], instrument: { name: 'm' } } as never)
      else book.log('step-done', { ...expectedDone(state(book), s) })
    for (const s of plan.swap) book.log('part-replaced', { part: s.part!.id, step: s.id })
    for (const s of plan.up.steps) {
      if (s.check === 'spin test') break
      if (s.check) book.log('check-passed', { check: s.check as never, shown: 'the step', step: s.id })
      else for (const _ of s.passes ?? ['one']) book.log('step-done', expectedDone(state(book), s))
    }
    return book
  }
  const before = (book: Logbook): string[] => waits(state(book), 'Leads in their grooves')

  it('stands before the lid; a lead goes on without it, with a reason, and what comes after it is open then', () => {
    const book = built()
    expect(mayOverride('spin test')).toBe('lead')
    expect(before(book)).toEqual(['Spin test here, before the lid'])
    const on = book.log('check-overridden', { check: 'spin test', reason: 'its wheel is at the paint shop' })
    expect(before(book)).toEqual([])
    book.log('struck', { target: on.id, reason: 'x' })
    expect(before(book)).toEqual(['Spin test here, before the lid'])
  })
})
