import { said } from '../../../tests/said'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { looseCount, CHECK_IDS, CHECKS, reduce, tally, trayMissing, waitingFixings } from './index'
import { dunlinPlan, Logbook } from '../../../tests/logbook'
import { plausible } from './times'

const plan = dunlinPlan('front-motor-goal')
const MEMBERS = ['deck-screw-1', 'deck-screw-7', 'front-tie-1', 'front-right-nut-1', 'front-left-flat', 'pack-strap-1']

type Deed = 'out' | 'own hole' | 'carrier' | 'started' | 'final' | 'lost' | 'found' | 'replaced' | 'kept out'
const deeds: readonly Deed[] = ['out', 'own hole', 'carrier', 'started', 'final', 'lost', 'found', 'replaced', 'kept out']

function write(book: Logbook, member: string, deed: Deed): void {
  const members = [member]
  if (deed === 'out') book.log('fixing-out', { members, to: 'cell', cell: 'A1' })
  else if (deed === 'own hole' || deed === 'carrier') book.log('fixing-out', { members, to: deed })
  else if (deed === 'started' || deed === 'final') book.log('fixing-in', { members, pass: deed })
  else if (deed === 'lost') book.log('fixing-lost', { members })
  else if (deed === 'found') book.log('fixing-found', { members, cell: 'A1' })
  else if (deed === 'replaced') book.log('fixing-replaced', { members, label: 'new', reason: 'worn' })
  else book.log('fixing-kept-out', { members, reason: 'not needed' })
}

describe('the two-way count', () => {
  it('balances exactly when every fixing that was off is tight again or not going back, whatever happened between', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...MEMBERS), fc.constantFrom(...deeds)), { maxLength: 25 }), (list) => {
        const book = new Logbook().open()
        book.adopt()
        for (const [member, deed] of list) write(book, member, deed)
        const state = reduce('j1', book.entries)
        const t = tally(state)
        expect(t.removed + t.fresh).toBe(t.refitted + t.notGoingBack + t.open)
        const away = Object.values(state.fixings).filter((f) => f.hasBeenOut && !['final', 'marked', 'kept out'].includes(f.condition))
        expect(t.open).toBe(away.length)
        expect(t.balanced).toBe(away.length === 0 && t.unexplained.length === 0)
        // What is loose, and what waits quietly, together are all that is away but for what stays in on purpose.
        const homeless = Object.values(state.fixings).filter((f) => !['on', 'left in', 'final', 'marked', 'kept out'].includes(f.condition))
        expect(looseCount(state).fixings + waitingFixings(state).length).toBe(homeless.length)
      }),
      { seed: 2207, numRuns: 120 },
    )
  })

  it('finds what was refitted though it never came off', () => {
    const book = new Logbook().open()
    book.adopt()
    write(book, 'deck-screw-1', 'final')
    expect(tally(reduce('j1', book.entries)).unexplained.map((f) => f.id)).toEqual(['deck-screw-1'])
  })

  it('names every loose piece, lost ones first', () => {
    const book = new Logbook().open()
    book.adopt()
    write(book, 'deck-screw-7', 'out')
    write(book, 'deck-screw-1', 'lost')
    book.log('part-off', { parts: ['deck-lid'] })
    expect(said(trayMissing(reduce('j1', book.entries)), reduce('j1', book.entries))).toEqual([
      'M4×10, hole 1, clockwise from front left (lost)',
      'M4×14, hole 7, clockwise from front left (A1)',
      'deck lid',
    ])
  })

  it('does not count as loose what lies in its own hole, on its carrier or is captive', () => {
    const book = new Logbook().open()
    book.adopt()
    write(book, 'front-left-flat', 'carrier')
    write(book, 'deck-screw-1', 'own hole')
    book.log('fixing-out', { members: ['pack-strap-1'], to: 'captive' })
    expect(looseCount(reduce('j1', book.entries))).toEqual({ fixings: 0, parts: 0 })
    expect(tally(reduce('j1', book.entries)).open).toBe(3)
  })
})

describe('checks', () => {
  it('leave nobody to pass over what protects hands and riders', () => {
    const nobody = CHECK_IDS.filter((c) => CHECKS[c].without === 'nobody')
    expect(nobody).toEqual([
      'qualified',
      'dead',
      'support',
      'reaction path',
      'brakes',
      'full cure',
      'under power',
      'whole',
      'steering',
      'steering again',
    ])
  })
  it('of the plan are all known', () => {
    for (const s of [...plan.down.steps, ...plan.up.steps]) if (s.check) expect(CHECK_IDS).toContain(s.check)
  })
})

describe('plausible', () => {
  const receipts = [0, 1000, 5000, 9000]
  it.each([
    ['inside its bounds it is believed', { at: 6000, base: 2, receivedAt: 8000 }, { at: 6000, earliest: 6000, latest: 6000 }],
    ['not sent yet: only bounded from below', { at: 6000, base: 2, receivedAt: null }, { at: 6000, earliest: 6000, latest: 6000 }],
    ['ahead of the server', { at: 99_000, base: 2, receivedAt: 8000 }, { at: 8000, earliest: 5000, latest: 8000, odd: 'clock ahead' }],
    ['before what it had seen', { at: 1000, base: 2, receivedAt: 8000 }, { at: 5000, earliest: 5000, latest: 8000, odd: 'clock behind' }],
    ['a base beyond what is known', { at: 9500, base: 70, receivedAt: 9600 }, { at: 9500, earliest: 9500, latest: 9500 }],
  ] as const)('%s', (_, entry, expected) => expect(plausible(entry, receipts)).toEqual(expected))
  it('never leaves its bounds', () => {
    fc.assert(
      fc.property(fc.integer({ min: -1e6, max: 1e6 }), fc.nat(3), fc.integer({ min: 9000, max: 90_000 }), (at, base, receivedAt) => {
        const p = plausible({ at, base, receivedAt }, receipts)
        expect(p.earliest).toBeLessThanOrEqual(p.latest)
        expect(p.at).toBeLessThanOrEqual(receivedAt)
        expect(p.at).toBeGreaterThanOrEqual(receipts[base]! - 2000)
      }),
      { seed: 3 },
    )
  })
})
