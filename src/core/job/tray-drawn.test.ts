import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { stateOf } from '../../../tests/shut'
import { NEWEST_FORM } from '../build'
import { cellName, inTray, isCell, readCell, USUAL_TRAY } from '../machine'
import { bagOf, cellApart, checkStatus, readBag, stepOfBag, strayLike, trayDrawn } from './index'
import { bagCode } from './bag'
import { alike, sizeWritten } from './alike'

function twelve(): Logbook {
  const book = new Logbook(NEWEST_FORM)
  book.log('job-opened', { number: '0420', machine: { name: 'trike', class: 'scooter', fullVolts: 42 }, complaint: '' })
  book.log('came-off', { step: 'off:s', sort: 'screw', count: 12, text: 'M5×12', thread: 'M5', cell: 'A1' })
  book.log('came-off', { step: 'off:t', sort: 'screw', count: 2, text: 'M5×16', thread: 'M5', cell: 'B1' })
  book.log('came-off', { step: 'off:k', sort: 'tie', count: 1 })
  return book
}
const drawn = (book: Logbook, tray = USUAL_TRAY) => trayDrawn(stateOf(book), tray, stateOf(book).lastAt)
const adds = (book: Logbook) => checkStatus(stateOf(book), 'tray adds up', stateOf(book).lastAt)

describe('the tray as it stands on the bench', () => {
  it('shows what lies where, what goes back next, and what would be taken for what', () => {
    const { cells, beside } = drawn(twelve())
    expect([...cells.keys()]).toEqual(['A1', 'B1'])
    expect(cells.get('A1')!.sets[0]).toMatchObject({ label: 'M5×12', of: 12, next: false, alike: ['B1'] })
    const mixed = twelve()
    mixed.log('off-corrected', { step: 'off:t', cell: 'A1' })
    expect(
      drawn(mixed)
        .cells.get('A1')!
        .sets.map((s) => s.alike),
    ).toEqual([['A1'], ['A1']])
    expect(beside.map((f) => [f.label, f.condition])).toEqual([['tie', 'bin']])
    const book = twelve()
    book.log('step-done', { step: 'up:off:k', pass: 'final', in: { members: ['off:k:f1'], pass: 'final', tightened: { is: 'not read' } } })
    expect(drawn(book).cells.get('B1')!.sets[0]!.next).toBe(true)
  })
  it('names what is missing of a set, and a piece that belongs to nothing with what it looks like', () => {
    const book = twelve()
    book.log('step-done', { step: 'up:off:k', pass: 'final', in: { members: ['off:k:f1'], pass: 'final' } })
    book.log('off-corrected', { step: 'off:t', text: 'M8×40' })
    book.log('fixing-in', { members: ['off:t:f1', 'off:t:f2'], pass: 'final' })
    book.log('fixing-in', { members: Array.from({ length: 11 }, (_, i) => `off:s:f${i + 1}`), pass: 'final' })
    book.log('stray-found', { stray: 'x', text: 'M5×16', cell: 'A1' })
    expect(adds(book).open).toBe(false)
    expect(adds(book).missing).toEqual([
      { is: 'fixing', id: 'off:s:f12', label: 'M5×12', place: '12 of 12', how: 'loose', cell: 'A1' },
      { is: 'stray', text: 'M5×16', cell: 'A1', like: { label: 'M5×12', cells: ['A1'] } },
    ])
    book.log('stray-settled', { stray: 'x', is: 'of another machine' })
    expect(adds(book).missing.map((m) => m.is)).toEqual(['fixing'])
    book.log('fixing-in', { members: ['off:s:f12'], pass: 'final' })
    expect(adds(book).open).toBe(true)
  })
  it('a stray that is one of these after all lies where that belongs', () => {
    const book = twelve()
    book.log('fixing-lost', { members: ['off:s:f3'] })
    expect(drawn(book).lost).toHaveLength(1)
    book.log('stray-found', { stray: 'x', text: 'M5×12' })
    book.log('stray-settled', { stray: 'x', is: 'one of these', member: 'off:s:f3' })
    expect(stateOf(book).fixings['off:s:f3']).toMatchObject({ condition: 'cell', where: 'A1' })
    expect(drawn(book).lost).toEqual([])
  })
  it('tells of cells that this tray has not', () => {
    expect(drawn(twelve(), { rows: 1, columns: 6 }).outside).toEqual(['B1'])
    expect(drawn(twelve()).outside).toEqual([])
  })
  it('keeps look-alikes apart by place, as long as there is room', () => {
    const state = stateOf(twelve())
    const names = Array.from({ length: 48 }, (_, n) => cellName(n))
    // A1 and B1 are taken, A2, B2 and C1 are beside one of the two: A3 is the first that is not.
    expect(cellApart(state, 'M5×14', names)).toBe('A3')
    expect(cellApart(state, 'M8×30', names)).toBe('A2')
    expect(cellApart(state, 'M5×14', ['A1', 'A2', 'B1', 'B2'])).toBe('A2')
    expect(cellApart(state, 'M5×14', ['A1', 'B1'])).toBeUndefined()
  })
})

describe('look-alikes', () => {
  it.each([
    ['M5×12', 'M5×16', true],
    ['M5x12', 'm5 × 14', true],
    ['M5×12', 'M5×12', false],
    ['M5×12', 'M5×30', false],
    ['M5×12', 'M6×12', false],
    ['M10×1.25×60', 'M10×60', true],
    ['M12', 'M12×1.25', true],
    ['M5', 'M5', false],
    ['washer 5', 'washer 6', false],
    ['O-ring', 'M5×12', false],
  ])('%s and %s: %s', (a, b, is) => {
    expect(alike(a, b)).toBe(is)
    expect(alike(b, a)).toBe(is)
  })
  it('a stray looks like the set of its size, wherever that lies', () => {
    expect(strayLike(stateOf(twelve()), 'M5×12')).toEqual({ label: 'M5×12', cells: ['A1'] })
    expect(strayLike(stateOf(twelve()), 'M5×14')).toEqual({ label: 'M5×12', cells: ['A1'] })
    expect(strayLike(stateOf(twelve()), 'spring')).toBeNull()
  })
})

describe('cells', () => {
  it('are read as they are written, in every tray', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.nat(700), (columns, n) => {
        const name = cellName(n, { rows: 26, columns })
        expect(readCell(name)).toEqual({ row: Math.floor(n / columns), column: n % columns })
        expect(isCell(name)).toBe(true)
        expect(inTray(name, { rows: Math.floor(n / columns) + 1, columns })).toBe(true)
        expect(inTray(name, { rows: Math.floor(n / columns), columns })).toBe(false)
      }),
      { seed: 4, numRuns: 300 },
    )
    for (const odd of ['', 'a1', 'A0', 'A', '1', 'AAA1', 'A1 ', 'A123']) expect(isCell(odd)).toBe(false)
  })
})

describe('codes of bags', () => {
  it('are read as they are printed, small letters too, and lead to their set', () => {
    const state = stateOf(twelve())
    for (const s of state.down) {
      const read = readBag(bagOf('0420', s.id).toLowerCase())!
      expect(read.job).toBe('0420')
      expect(stepOfBag(state, read.set)).toBe(s.id)
    }
    for (const odd of ['', '0420', '0420-', '0420-OIL1', '0420-23456', 'x y-2345']) expect(readBag(odd)).toBeNull()
    expect(stepOfBag(state, '2222')).toBeUndefined()
  })
  it('of a job of 300 sets are 300', () => {
    expect(new Set(Array.from({ length: 300 }, (_, i) => bagCode(`off:n${(1e12 + i * 7919).toString(36)}`))).size).toBe(300)
  })
})

describe('a size that is typed', () => {
  it.each([
    ['m5 x 12', 'M5×12'],
    ['M10*1.25*60', 'M10×1.25×60'],
    ['M4 × 10 from the box', 'M4×10 from the box'],
    ['a hex key', 'a hex key'],
  ])('%s is written %s', (typed, written) => expect(sizeWritten(typed)).toBe(written))

  it('is known again however it is written, before what only looks like it', () => {
    // M5×16 looks like the twelve too, and is one of the two.
    expect(strayLike(stateOf(twelve()), 'm5 x 16')).toEqual({ label: 'M5×16', cells: ['B1'] })
  })
})
