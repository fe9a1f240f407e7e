import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../../tests/logbook'
import { stateOf } from '../../../../tests/shut'
import { SHAPES } from '../../../../tests/samples'
import { NEWEST_FORM } from '../../build'
import { type Bodies, hangsAsked, type JobState, looseCount, OFF_AT, presentStep, relevantChecks, tally, waitingFor } from '../index'
import { orphanLaws, putBack, upLaws } from '../../../../tests/take-down-laws'

const open = (): Logbook => {
  const book = new Logbook(NEWEST_FORM)
  book.log('job-opened', { number: '0420', machine: { name: 'delivery trike', class: 'scooter', fullVolts: 42 }, complaint: 'grinds' })
  return book
}
const off = (book: Logbook, id: string, sort: Bodies['came-off']['sort'], count = 1, more: Partial<Bodies['came-off']> = {}) =>
  book.log('came-off', { step: `off:${id}`, sort, count, ...more })
const titles = (s: JobState, limb: 'down' | 'up' = 'up'): string[] => s[limb].map((x) => x.title)
const waits = (s: JobState, id: string): string[] =>
  waitingFor(
    s,
    s.up.find((x) => x.pair === `off:${id}`)!,
    s.lastAt,
  ).flatMap((m) => (m.is === 'step' ? [m.step] : []))
/** A deck cover with its screws, three plugs under it, and the controller. */
function scooter(): Logbook {
  const book = open()
  off(book, 'screws', 'screw', 8, { text: 'M4×10', cell: 'A1', thread: 'M4' })
  off(book, 'cover', 'part', 1, { text: 'deck cover' })
  off(book, 'plug1', 'plug', 1, { text: 'hall plug' })
  off(book, 'plug2', 'plug', 1, { text: 'phase plug' })
  off(book, 'ctrl', 'part', 1, { text: 'controller' })
  return book
}

describe('what comes off a machine that no file knows', () => {
  it('is one entry, is off at once, and its way up is there', () => {
    const s = stateOf(scooter())
    expect(titles(s, 'down')).toEqual(['8 × M4×10', 'deck cover', 'hall plug', 'phase plug', 'controller'])
    expect(titles(s)).toEqual(['Controller back', 'Phase plug back', 'Hall plug back', 'Deck cover back', '8 × M4×10 back'])
    expect(s.down.every((x) => s.steps[x.id]?.status === 'done')).toBe(true)
    expect(looseCount(s)).toEqual({ fixings: 8, parts: 2 })
    expect(s.down[2]).toMatchObject({ kind: 'unplug', opens: ['plug'] })
  })
  it('comes back in that order, plugs without a bolt to tighten, screws by hand first', () => {
    const book = scooter()
    const s = putBack(book)
    expect(tally(s)).toMatchObject({ removed: 8, refitted: 8, balanced: true })
    expect(looseCount(s)).toEqual({ fixings: 0, parts: 0 })
    const done = book.entries.filter((e) => e.kind === 'step-done').map((e) => [e.body.step, e.body.pass])
    expect(done).toEqual([
      ['up:off:ctrl', undefined],
      ['up:off:plug2', undefined],
      ['up:off:plug1', undefined],
      ['up:off:cover', undefined],
      ['up:off:screws', 'started'],
      ['up:off:screws', 'final'],
    ])
  })
  it('a cover waits for all that came off after it, its screws for it, a plug for the part that it is of', () => {
    const s = stateOf(scooter())
    expect(waits(s, 'ctrl')).toEqual([])
    expect(waits(s, 'plug1')).toEqual(['up:off:ctrl'])
    expect(waits(s, 'cover')).toEqual(['up:off:plug1', 'up:off:plug2'])
    expect(waits(s, 'screws')).toEqual(['up:off:cover'])
  })
  it('a nut waits for the washer that lay under it; two nuts that were in two places wait for nothing', () => {
    const book = open()
    off(book, 'nut', 'nut', 1, { of: 'motor axle' })
    off(book, 'washer', 'washer')
    off(book, 'ring', 'ring')
    expect(waits(stateOf(book), 'nut')).toEqual(['up:off:washer'])
    expect(waits(stateOf(book), 'washer')).toEqual(['up:off:ring'])
    const photo = 'ab'.repeat(32)
    const two = open()
    off(two, 'a', 'nut', 1, { pin: { photo, x: 0.2, y: 0.5 } })
    off(two, 'b', 'nut', 1, { pin: { photo, x: 0.8, y: 0.5 } })
    expect(waits(stateOf(two), 'a')).toEqual([])
  })
  it('what a photo from before shows did not lie under the cover', () => {
    const photo = 'cd'.repeat(32)
    const book = open()
    book.log('photo-added', { photo, side: 'left' })
    off(book, 'cover', 'part', 1, { text: 'cover' })
    off(book, 'light', 'plug', 1, { text: 'light plug', pin: { photo, x: 0.1, y: 0.1 } })
    off(book, 'hall', 'plug', 1, { text: 'hall plug' })
    expect(waits(stateOf(book), 'cover')).toEqual(['up:off:hall'])
    expect(titles(stateOf(book))).toEqual(['Hall plug back', 'Light plug back', 'Cover back'])
    // A part that was in sight may be what the cover rests on: it goes back first all the same.
    const other = open()
    other.log('photo-added', { photo, side: 'left' })
    off(other, 'cover', 'part')
    off(other, 'bracket', 'part', 1, { pin: { photo, x: 0.5, y: 0.5 } })
    expect(waits(stateOf(other), 'cover')).toEqual(['up:off:bracket'])
  })
  it('what somebody says counts before what is worked out, and a claim that the order of removal rules out is flagged', () => {
    const book = scooter()
    book.log('order-said', { step: 'off:cover', of: 'off:plug1', is: 'free' })
    expect(waits(stateOf(book), 'cover')).toEqual(['up:off:plug2'])
    book.log('order-said', { step: 'off:plug1', of: 'off:plug2', is: 'held' })
    expect(waits(stateOf(book), 'plug1')).toEqual(['up:off:plug2'])
    book.log('order-said', { step: 'off:ctrl', of: 'off:cover', is: 'held' })
    expect(waits(stateOf(book), 'ctrl')).toEqual([])
    expect(stateOf(book).flags.map((f) => f.kind)).toEqual(['not ready'])
    // What the screws held is known: they wait for that, and for no other part.
    const other = open()
    off(other, 'screws', 'screw', 4)
    off(other, 'guard', 'part')
    off(other, 'cover', 'part')
    other.log('order-said', { step: 'off:screws', of: 'off:cover', is: 'held' })
    expect(waits(stateOf(other), 'screws')).toEqual(['up:off:cover'])
  })
  it('what may go back as the machine stands goes back before it is turned', () => {
    const photo = 'cd'.repeat(32)
    const book = open()
    book.log('photo-added', { photo, side: 'left' })
    off(book, 'guard', 'part', 1, { text: 'guard' })
    book.log('pose-changed', { to: 'upside-down', name: 'Over', people: 1 })
    off(book, 'clip', 'clip', 1, { pin: { photo, x: 0.1, y: 0.1 } })
    book.log('pose-changed', { to: '', name: 'Back', people: 1 })
    off(book, 'tie', 'tie')
    // The clip was in sight with the guard on: the guard goes back before the machine is turned for it.
    expect(titles(stateOf(book))).toEqual(['Tie back', 'Guard back', 'Clip back'])
  })
})

describe('what is dangerous to get wrong', () => {
  it('is told and asked as with a file: nuts of the motor’s axle by measure, its mounting, the spin, the brakes', () => {
    const book = open()
    off(book, 'nut', 'nut', 2, { text: 'M12×1.25 nut', thread: 'M12×1.25', of: 'motor axle', hangs: 'propped' })
    off(book, 'wheel', 'part', 1, { text: 'front wheel' })
    const s = stateOf(book)
    expect(s.down[0]!.cautions).toContain('H49')
    expect(s.up.at(-1)).toMatchObject({ reaction: true, joint: { critical: 'axle', thread: 'M12×1.25' } })
    expect(s.up.at(-1)!.cautions).toEqual(['H34', 'H33', 'H74'])
    expect(s.up[0]!.cautions).not.toContain('H34')
    // Until somebody says what was opened all of it may have been.
    for (const check of ['reaction path', 'tightness', 'spin test', 'brakes']) expect(relevantChecks(s)).toContain(check)
    book.log('opened-told', { opened: ['cover'] })
    const cover = open()
    off(cover, 'screws', 'screw', 4, { of: 'cover' })
    cover.log('opened-told', { opened: ['cover'] })
    for (const check of ['reaction path', 'tightness', 'spin test', 'brakes'] as const)
      expect(relevantChecks(stateOf(cover))).not.toContain(check)
  })
  it('every part of the machine has its rule, and what it opens is known', () => {
    for (const of of OFF_AT) {
      const book = open()
      off(book, 'x', 'screw', 1, { of })
      expect(stateOf(book).down[0]!.opens?.length).toBeGreaterThan(0)
    }
  })
})

describe('what hangs on a fixing', () => {
  it('is asked of screws and nuts: everywhere under a heavy machine, and at what carries a wheel or a motor on a light one', () => {
    expect(hangsAsked('tractor', { sort: 'screw' })).toBe(true)
    expect(hangsAsked('tractor', { sort: 'plug' })).toBe(false)
    expect(hangsAsked('tractor', { sort: 'part', of: 'motor mount' })).toBe(false)
    expect(hangsAsked('scooter', { sort: 'screw' })).toBe(false)
    expect(hangsAsked(undefined, { sort: 'nut', of: 'brake' })).toBe(false)
    for (const of of ['motor axle', 'wheel axle', 'motor mount', 'gearbox'] as const)
      expect(hangsAsked('scooter', { sort: 'nut', of }), of).toBe(true)
  })
})

describe('what no tablet can mean', () => {
  const body = { step: 'off:n1', sort: 'screw', count: 4 }
  const photo = 'ab'.repeat(32)
  it.each([
    ['no screw', { ...body, count: 0 }],
    ['500 screws', { ...body, count: 500 }],
    ['half a screw', { ...body, count: 1.5 }],
    ['a pin beside its photo', { ...body, pin: { photo, x: 1.2, y: 0.5 } }],
    ['a pin above it', { ...body, pin: { photo, x: 0.5, y: -0.1 } }],
    ['a pin on no photo', { ...body, pin: { photo: 'no.exe', x: 0.5, y: 0.5 } }],
    ['a sort that there is not', { ...body, sort: 'magnet' }],
    ['an id of somebody else’s', { ...body, step: 'down:undo:lid' }],
    ['spaces for a name', { ...body, text: '   ' }],
  ])('%s is refused when it comes in', (_, odd) => {
    expect(() => SHAPES['came-off'].versions[1]!.validateSync(odd)).toThrow()
    expect(() => SHAPES['came-off'].versions[1]!.validateSync(body)).not.toThrow()
  })
})

describe('a line that is put right', () => {
  it('keeps its place, and its pieces are as many as are said', () => {
    const book = scooter()
    book.log('off-corrected', { step: 'off:screws', count: 7, text: 'M4×12', thread: 'M4' })
    const s = stateOf(book)
    expect(titles(s, 'down')[0]).toBe('7 × M4×12')
    expect(titles(s).at(-1)).toBe('7 × M4×12 back')
    expect(Object.keys(s.fixings)).toHaveLength(7)
    expect(looseCount(s).fixings).toBe(7)
    expect(waits(s, 'screws')).toEqual(['up:off:cover'])
  })
  it('moves its pieces to another cell, becomes another sort, another place', () => {
    const book = scooter()
    book.log('off-corrected', { step: 'off:screws', cell: 'B2' })
    expect(Object.values(stateOf(book).fixings).every((f) => f.where === 'B2' && f.cell === 'B2')).toBe(true)
    book.log('off-corrected', { step: 'off:screws', after: 'off:cover' })
    expect(titles(stateOf(book), 'down').slice(0, 2)).toEqual(['deck cover', '8 × M4×10'])
    expect(waits(stateOf(book), 'cover')).toContain('up:off:screws')
    book.log('off-corrected', { step: 'off:screws', after: 'off:gone' })
    expect(titles(stateOf(book), 'down').slice(0, 2)).toEqual(['deck cover', '8 × M4×10'])
    book.log('off-corrected', { step: 'off:screws', after: null })
    expect(titles(stateOf(book), 'down')[0]).toBe('8 × M4×10')
    book.log('off-corrected', { step: 'off:plug1', sort: 'screw', count: 2, text: 'M3×6' })
    expect(looseCount(stateOf(book)).fixings).toBe(10)
    book.log('off-corrected', { step: 'off:screws', text: '' })
    expect(titles(stateOf(book), 'down')[0]).toBe('8 × screws')
  })
  it('to more, after it went back: there is more to put back, and it is offered', () => {
    const book = scooter()
    putBack(book)
    book.log('off-corrected', { step: 'off:screws', count: 9 })
    const s = stateOf(book)
    expect(presentStep(s, 'up', s.lastAt)?.id).toBe('up:off:screws')
    expect(tally(putBack(book)).balanced).toBe(true)
  })
  it('a correction that is crossed out, or a line brought back, after all went home: what is left is offered', () => {
    const fewer = scooter()
    const entry = fewer.log('off-corrected', { step: 'off:screws', count: 6 })
    putBack(fewer)
    fewer.log('struck', { target: entry.id })
    const s = stateOf(fewer)
    expect(presentStep(s, 'up', s.lastAt)?.id).toBe('up:off:screws')
    expect(tally(putBack(fewer)).balanced).toBe(true)
    const back = scooter()
    const cover = back.entries.find((e) => e.kind === 'came-off' && e.body.step === 'off:cover')!
    const out = back.log('struck', { target: cover.id })
    putBack(back)
    back.log('struck', { target: out.id })
    expect(presentStep(stateOf(back), 'up', 0)?.id).toBe('up:off:cover')
    expect(looseCount(putBack(back)).parts).toBe(0)
  })
  it('crossed out it takes its pieces along, and what came after it leaves nothing behind', () => {
    const book = scooter()
    const first = book.entries.find((e) => e.kind === 'came-off')!
    book.log('off-corrected', { step: 'off:screws', count: 6 })
    putBack(book)
    book.log('photo-added', { photo: 'ab'.repeat(32), step: 'off:screws' })
    book.log('struck', { target: first.id })
    const s = stateOf(book)
    expect(titles(s, 'down')).toEqual(['deck cover', 'hall plug', 'phase plug', 'controller'])
    expect(Object.keys(s.fixings)).toEqual([])
    expect(Object.keys(s.steps).some((id) => id.includes('screws'))).toBe(false)
    expect([...new Set(s.flags.map((f) => f.kind))]).toEqual(['stands on a crossed-out entry'])
    expect(tally(s)).toMatchObject({ removed: 0, open: 0, balanced: true })
  })
  it('beside a plan it goes back before the return of what it followed, which waits for it', () => {
    const book = new Logbook(NEWEST_FORM).open()
    const plan = book.adopt()
    book.ready(plan)
    const third = plan.down.steps.filter((s) => s.fixings.length > 0)[1]!
    book.log('step-done', { step: third.id })
    off(book, 'tie', 'tie', 1, { after: third.id })
    const s = stateOf(book)
    const at = s.up.findIndex((x) => x.pair === 'off:tie')
    expect(s.up[at + 1]?.pair).toBe(third.id)
    expect(waitingFor(s, s.up[at + 1]!, s.lastAt)).toContainEqual({ is: 'step', step: 'up:off:tie' })
    book.log('off-corrected', { step: 'off:tie', after: plan.down.steps[0]!.id })
    expect(stateOf(book).up.find((x) => x.pair === third.id)?.after ?? []).not.toContain('up:off:tie')
  })
  it('is not made by what has no such line', () => {
    const book = scooter()
    book.log('off-corrected', { step: 'off:gone', count: 3 })
    expect(stateOf(book).flags).toMatchObject([{ kind: 'stands on a crossed-out entry' }])
    expect(stateOf(book).down).toHaveLength(5)
  })
})

describe('random machines with no file, taken down and put back', () => {
  it('never puts a thing on before what it covered, and everything comes back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e9 }), (seed) => {
        expect(upLaws(seed)).toEqual([])
      }),
      { seed: 16, numRuns: 100 },
    )
  })
  it('lines put right and crossed out at any point leave no orphan, and folding one by one is the same', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e9 }), (seed) => {
        expect(orphanLaws(seed)).toEqual([])
      }),
      { seed: 17, numRuns: 60 },
    )
  })
})
