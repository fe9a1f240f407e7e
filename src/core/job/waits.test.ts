import fc from 'fast-check'
import { standInUsed } from '../instruments'
import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { heron } from '../../demo/machines/heron'
import { wellRead } from '../../demo/figures'
import { NEWEST_FORM } from '../build'
import { proofPlaces } from '../safety'
import { plan } from '../planning'
import { deadAt, dischargeOpen, type Entry, openWaits, reduce, stillWaits, waitingFor, written } from './index'

const made = plan(heron(), 'untouched', ['inspect'], { variants: {} })
if (!made.ok) throw new Error(made.error.kind)
const PLAN = made.value
const WAIT = PLAN.down.steps.find((s) => s.waitFor === 'discharge')!
const LID = PLAN.down.steps.find((s) => s.action === 'undo:lid-screws')!
const TEN = WAIT.wait! * 60
const SETTINGS = reduce('j1', []).settings

function tractor(): Logbook {
  const book = new Logbook(NEWEST_FORM)
  book.log('job-opened', { number: '1', machine: { name: 'Heron', file: 'heron', revision: '2026-01', fullVolts: 403.2 }, complaint: 'x' })
  book.log('plan-adopted', { plan: PLAN, file: 'heron', revision: '2026-01', settings: SETTINGS })
  book.log('check-passed', { check: 'qualified', shown: 'answers for it' })
  book.log('power-changed', { to: 'isolated' })
  return book
}
const stateOf = (book: Logbook) => reduce('j1', book.entries)
const begin = (book: Logbook): string => book.log('step-done', { step: WAIT.id }).id
const ended = (book: Logbook, of: string, seconds: number) => book.log('wait-ended', { step: WAIT.id, of, seconds })
const shut = (book: Logbook): boolean => waitingFor(stateOf(book), LID, 0).some((m) => m.is === 'waiting')

describe('the ten minutes of the tractor', () => {
  it('are in its plan, for capacitors, before the lid', () => {
    expect(WAIT.wait).toBe(10)
    expect(LID.needs).toBeDefined()
  })
  it('shut the lid until so many seconds ran since the entry that began them', () => {
    const book = tractor()
    const of = begin(book)
    expect(shut(book)).toBe(true)
    book.wait(9)
    ended(book, of, TEN - 1)
    expect(shut(book)).toBe(true)
    expect(stateOf(book).flags.at(-1)).toMatchObject({ kind: 'not ready', subject: WAIT.id })
    book.wait(10)
    ended(book, of, TEN)
    expect(shut(book)).toBe(false)
  })
  it('are not over by the seconds of another entry, nor by more than can have passed as the server saw it', () => {
    const book = tractor()
    const first = begin(book)
    const of = begin(book)
    book.wait(20)
    ended(book, first, TEN)
    expect(shut(book)).toBe(true)
    const quick = tractor()
    ended(quick, begin(quick), TEN)
    expect(shut(quick)).toBe(true)
    expect(stateOf(quick).flags.at(-1)).toMatchObject({ kind: 'clock ahead' })
    ended(book, of, TEN)
    expect(shut(book)).toBe(false)
  })
  it('begin anew when power comes back, and run from when it goes', () => {
    const book = tractor()
    const of = begin(book)
    book.wait(10)
    ended(book, of, TEN)
    book.log('power-changed', { to: 'live' })
    expect(stateOf(book).waits[WAIT.id]).toEqual({ kind: 'discharge', minutes: 10 })
    ended(book, of, 9999)
    expect(dischargeOpen(stateOf(book))).toBe(true)
    const off = book.log('power-changed', { to: 'isolated' })
    expect(stateOf(book).waits[WAIT.id]).toMatchObject({ began: { entry: off.id } })
    book.wait(10)
    ended(book, off.id, TEN)
    expect(stillWaits(stateOf(book), WAIT.id)).toBe(false)
  })
  it('take the label’s minutes where they are more', () => {
    const book = tractor()
    book.log('step-done', { step: WAIT.id, label: 15 })
    expect(openWaits(stateOf(book))[0]![1].minutes).toBe(15)
    book.log('step-done', { step: WAIT.id, label: 5 })
    expect(openWaits(stateOf(book))[0]![1].minutes).toBe(10)
  })
  it('are not shortened by a reading above 60 V; the lid belongs to whoever is qualified', () => {
    const book = tractor()
    const of = begin(book)
    const proof = {
      instrument: { name: 'two-pole' },
      rotor: 'no phases' as const,
      readings: [
        { volts: 400, role: 'tester before' as const },
        { volts: 0, role: 'poles' as const },
        { volts: 0, role: 'plus to frame' as const },
        { volts: 0, role: 'minus to frame' as const },
        { volts: 400, role: 'tester after' as const },
      ],
    }
    book.log('proof-taken', proof)
    expect(deadAt(stateOf(book).power, 0)).toBe(false)
    book.wait(10)
    ended(book, of, TEN)
    book.log('proof-taken', proof)
    expect(deadAt(stateOf(book).power, 0)).toBe(true)
    const nobody = { ...stateOf(book), checks: {} }
    expect(waitingFor(nobody, LID, 0)).toContainEqual({ is: 'check', check: 'qualified' })
  })
  it('up to 60 V a reading ends them', () => {
    const book = tractor()
    const low = {
      ...book.entries[0]!,
      body: { ...(book.entries[0]!.body as object), machine: { name: 'x', file: 'heron', fullVolts: 42 } },
    } as Entry
    begin(book)
    book.log('proof-taken', {
      instrument: { name: 'meter' },
      readings: [
        { volts: 41, role: 'tester before' },
        { volts: 0.1, role: 'poles' },
      ],
    })
    expect(stillWaits(reduce('j1', [low, ...book.entries.slice(1)]), WAIT.id)).toBe(false)
  })
})

describe('a wait on the way up', () => {
  it('shuts what comes after it', () => {
    const book = tractor()
    const bleed = stateOf(book).up.find((s) => s.wait !== undefined)!
    const after = stateOf(book).up.find((s) => s.after?.includes(bleed.id))!
    const of = book.log('step-done', { step: bleed.id, ...wellRead(bleed) }).id
    const waits = () => waitingFor(stateOf(book), after, 0).some((m) => m.is === 'waiting' && m.step === bleed.id)
    expect(waits()).toBe(true)
    book.wait(bleed.wait!)
    book.log('wait-ended', { step: bleed.id, of, seconds: bleed.wait! * 60 })
    expect(waits()).toBe(false)
  })
})

function proved(rotor: 'chocked' | 'phases parted', instrument: { readonly name: string } = { name: 'two-pole' }): Logbook {
  const book = tractor()
  const of = begin(book)
  book.wait(10)
  ended(book, of, TEN)
  const readings = proofPlaces('B', [{}], true).map((p) => ({
    ...p,
    volts: p.role.startsWith('tester') ? 390 : 0,
    ...(p.role.startsWith('phase') ? { ac: 0 } : {}),
  }))
  book.log('proof-taken', { instrument, rotor, readings })
  return book
}

describe('a rotor that could have turned', () => {
  it('ends a proof where the machine is moved with its phases joined, and not where they are parted', () => {
    for (const [rotor, dead] of [
      ['chocked', false],
      ['phases parted', true],
    ] as const) {
      const book = proved(rotor)
      expect(deadAt(stateOf(book).power, 0)).toBe(true)
      book.log('pose-changed', { to: 'on-stands', name: 'on its stands', people: 2 })
      expect(deadAt(stateOf(book).power, 0), rotor).toBe(dead)
    }
  })
})

describe('volts on what was shown to be dead', () => {
  const after = (more: object, rotor?: 'still' | 'turning'): boolean => {
    const book = proved('chocked')
    expect(deadAt(stateOf(book).power, 0)).toBe(true)
    book.log('reading-taken', {
      quantity: 'voltage',
      result: { is: 'value', value: 120 },
      unit: 'V',
      live: false,
      ...(rotor ? { condition: { rotor } } : {}),
      ...more,
    })
    expect(stateOf(book).readings).toHaveLength(1)
    return deadAt(stateOf(book).power, 0)
  }
  it.each<[string, object, 'still' | 'turning' | undefined, boolean]>([
    ['end its proof', {}, 'still', false],
    ['either way round', { result: { is: 'value', value: -120 } }, 'still', false],
    ['in another unit', { result: { is: 'value', value: 0.12 }, unit: 'kV' }, 'still', false],
    ['more than the meter can show', { result: { is: 'over', limit: 1000 } }, 'still', false],
    ['that never stand still', { result: { is: 'unstable', low: -70, high: 5 } }, 'still', false],
    ['are meant where the rotor was turned for them', {}, 'turning', true],
    ['say nothing where they are a source’s own', {}, undefined, true],
    ['up to the limit are none', { result: { is: 'value', value: 50 }, unit: 'mV' }, 'still', true],
    ['less than the meter can show are none', { result: { is: 'under', limit: 0 } }, 'still', true],
    ['ohms say nothing of it', { quantity: 'resistance', unit: 'ohm' }, 'still', true],
  ])('%s', (_, more, rotor, dead) => {
    expect(after(more, rotor)).toBe(dead)
  })
  it('a stand-in shows nothing dead, whatever it showed', () => {
    const book = proved('chocked', standInUsed('multimeter'))
    expect(stateOf(book).power.proof?.dead).toBe(false)
    expect(deadAt(stateOf(book).power, 0)).toBe(false)
  })
})

describe('no wait is passed early', () => {
  // What happens at the bench, by true time: each device counts only what it has seen itself, and its clock says anything.
  const op = fc.oneof(
    {
      weight: 3,
      arbitrary: fc.record({
        does: fc.constant('end' as const),
        device: fc.integer({ min: 0, max: 2 }),
      }),
    },
    fc.record({ does: fc.constantFrom('begin' as const, 'live' as const, 'isolate' as const), device: fc.integer({ min: 0, max: 2 }) }),
    fc.record({ does: fc.constant('reload' as const), device: fc.integer({ min: 0, max: 2 }) }),
    fc.record({ does: fc.constant('cross out' as const), device: fc.constant(0), back: fc.integer({ min: 1, max: 6 }) }),
  )
  const ops = fc.array(fc.tuple(fc.integer({ min: 0, max: 700 }), fc.integer({ min: -5000, max: 5000 }), op), {
    minLength: 3,
    maxLength: 25,
  })
  it('by any clock, reload, second tablet, or crossing-out', () => {
    let passed = 0
    fc.assert(
      fc.property(ops, (list) => {
        const book = tractor()
        const start = book.entries.length
        let true_ = 1_000_000
        /** By device: true seconds at which it first saw each entry since its last reload. */
        const seen: Map<string, number>[] = [new Map(), new Map(), new Map()]
        const at = new Map<string, number>()
        for (const [pause, skew, o] of list) {
          true_ += pause
          const began = stateOf(book).waits[WAIT.id]?.began?.entry
          for (const s of seen) if (began !== undefined && !s.has(began)) s.set(began, true_)
          if (o.does === 'reload') {
            seen[o.device]!.clear()
            continue
          }
          const body =
            o.does === 'begin'
              ? written('step-done', { step: WAIT.id }, NEWEST_FORM)
              : o.does === 'end'
                ? written(
                    'wait-ended',
                    {
                      step: WAIT.id,
                      of: began ?? 'e1',
                      seconds: began === undefined ? 9e6 : true_ - seen[o.device]!.get(began)!,
                    },
                    NEWEST_FORM,
                  )
                : o.does === 'cross out'
                  ? written('struck', { target: book.entries.at(-o.back)?.id ?? 'e1', reason: 'x' }, NEWEST_FORM)
                  : written('power-changed', { to: o.does === 'live' ? 'live' : 'isolated' }, NEWEST_FORM)
          if (o.does === 'cross out' && book.entries.length - o.back < start) continue
          const entry = {
            id: `x${book.entries.length}`,
            jobId: 'j1',
            seq: book.entries.length + 1,
            base: book.entries.length,
            at: (true_ + skew) * 1000,
            receivedAt: true_ * 1000,
            by: 'ines',
            sentBy: 'ines',
            device: `d${o.device}`,
            ...body,
          } as unknown as Entry
          book.entries.push(entry)
          at.set(entry.id, true_)
          // The device that wrote it has seen it now.
          seen[o.device]!.set(entry.id, true_)
          const wait = stateOf(book).waits[WAIT.id]
          if (!wait?.over) continue
          passed++
          const since = at.get(wait.began!.entry)!
          expect(at.get(wait.over.entry)! - since).toBeGreaterThanOrEqual(TEN)
        }
      }),
      { seed: 1010, numRuns: 300 },
    )
    expect(passed).toBeGreaterThan(30)
  })
})
