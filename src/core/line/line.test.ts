import { readFileSync } from 'node:fs'
import path from 'node:path'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { headText, type Line, lineTitle, readLine, writeLine } from './index'
import { readInches } from '../fasteners'
import { inchesText, metric, ownThread, unified } from './threads'
import { HEADS, LOCKS, NOT_COUNTED, type Sort, SORTS, STATES } from './words'
import { TORQUE_UNIT_IDS } from './read'

const some = <T>(of: fc.Arbitrary<T>): fc.Arbitrary<T | undefined> => fc.option(of, { nil: undefined })
const keys = <K extends string>(list: Readonly<Record<K, unknown>>): fc.Arbitrary<K> => fc.constantFrom(...(Object.keys(list) as K[]))
const sizes = fc.oneof(
  fc
    .tuple(fc.constantFrom([2.5, 0.45], [5, 0.8], [10, 1.25], [12, 1.75], [12, 1.25], [25, 1]), some(fc.integer({ min: 3, max: 400 })))
    .map(([[d, pitch], length]) => (length === undefined ? metric(d!, pitch!) : metric(d!, pitch!, length))!),
  fc
    .tuple(fc.constantFrom(['#10', 32], ['1/4', 20], ['5/16', 24], ['3/8', 16]), some(fc.integer({ min: 4, max: 256 })))
    .map(([[size, perInch], length]) => unified(size as string, perInch as number, length === undefined ? undefined : length / 64)!),
  fc
    .tuple(fc.constantFrom(['wood', 4.5], ['wood', 6], ['tapping', 4.2], ['tapping', 2.9]), some(fc.integer({ min: 8, max: 120 })))
    .map(([[system, d], length]) => ownThread(system as 'wood', d as number, length)!),
)
const WORDS = ['chain guard', 'under the mat', 'Deckel', 'frame, left', 'brake lever', '九', 'no. 7', '36 V', 'long']
const lines: fc.Arbitrary<Line> = fc
  .record({
    count: fc.integer({ min: 1, max: 60 }),
    sized: some(sizes),
    sort: some(keys(SORTS)),
    size: some(
      fc.array(
        fc.integer({ min: 1, max: 200 }).map((x) => x / 2),
        { minLength: 1, maxLength: 3 },
      ),
    ),
    head: some(keys(HEADS)),
    recess: some(
      fc.constantFrom<NonNullable<Line['recess']>>(
        { form: 'hex', size: 2.5 },
        { form: 'hex' },
        { form: 'hexagon', size: 13 },
        { form: 'hexagon' },
        { form: 'hexagon', size: 7 / 16, unit: 'in' },
        { form: 'six-lobe', size: 25 },
        { form: 'six-lobe' },
        { form: 'six-lobe with pin', size: 20 },
        { form: 'PH', size: 2 },
        { form: 'PZ' },
        { form: 'slot' },
        { form: 'square', size: 2 },
        { form: 'square' },
        { form: 'two-hole' },
        { form: 'spline', size: 8 },
      ),
    ),
    strength: some(fc.constantFrom('8.8', '10.9', '12.9', 'A2-70', 'A4-80')),
    lock: some(keys(LOCKS)),
    states: fc.uniqueArray(keys(STATES), { maxLength: 3 }),
    torque: some(fc.record({ value: fc.integer({ min: 1, max: 4000 }).map((x) => x / 10), unit: fc.constantFrom(...TORQUE_UNIT_IDS) })),
    cell: some(fc.constantFrom('A1', 'B12', 'M5', 'T3', 'H40')),
    note: fc.constantFrom('', ...WORDS),
  })
  .filter(({ sized, sort }) =>
    sized === undefined ? sort !== undefined : sized.length === undefined || sort === undefined || sort === 'screw',
  )
  .map(({ sized, sort, size, ...rest }): Line => {
    const clean = Object.fromEntries(Object.entries(rest).filter(([, x]) => x !== undefined)) as unknown as Line
    const what: Sort | undefined = sized && sort === 'screw' ? undefined : sort
    return {
      ...clean,
      count: what !== undefined && NOT_COUNTED.has(what) && !sized ? 0 : clean.count,
      ...(what === undefined ? {} : { sort: what }),
      ...(sized ?? {}),
      ...(size && what !== undefined ? { size } : {}),
      unread: [],
    }
  })

describe('a typed line', () => {
  it('written and read again is the same line', () => {
    fc.assert(
      fc.property(lines, (line) => {
        fc.pre(writeLine(line).length <= 200)
        expect(readLine(writeLine(line)) ?? { ...line }, writeLine(line)).toEqual(line)
      }),
      { numRuns: 2_000 },
    )
  })

  it('says the same read twice, whatever was typed', () => {
    const odd = fc.constantFrom(
      'M5',
      '4',
      'x',
      '×',
      ',',
      '/',
      '"',
      '-',
      'hex',
      'nut',
      'in',
      'A2',
      '1/4',
      '20',
      '.5',
      'mm',
      'Nm',
      '#',
      '(',
      ')',
      'T',
      'ß',
      '😀',
      '５',
    )
    const typed = fc.oneof(
      fc.string({ unit: 'binary', maxLength: 60 }),
      fc.array(fc.tuple(odd, fc.constantFrom('', ' ')), { maxLength: 14 }).map((list) => list.flat().join('')),
    )
    fc.assert(
      fc.property(typed, (text) => {
        const once = readLine(text)
        if (once === null) return
        const again = readLine(writeLine(once))
        expect(again, JSON.stringify([text, writeLine(once)])).toEqual(once)
      }),
      { numRuns: 2_000 },
    )
  })

  it('is none where nothing was typed', () => {
    for (const empty of ['', '   ', '\u0000\u200b', '\t\n']) expect(readLine(empty)).toBeNull()
  })

  it('has a title without its cell', () => {
    expect(lineTitle(readLine('4 M5x12 in a2')!)).toBe('4 × M5×12')
  })
})

it('has its head and what turns it apart, as the tray tells kinds by them', () => {
  expect(headText(readLine('4 M5x12 T25 lid button')!)).toBe('button head, T25')
  expect(headText(readLine('M5x12 pan head')!)).toBe('pan head')
  expect(headText(readLine('M5x12 hex 4')!)).toBe('hex 4')
  expect(headText(readLine('chain guard')!)).toBe('')
})

describe('inches', () => {
  it('are read as fractions and written as the shortest', () => {
    for (let n = 1; n < 200; n++) expect(readInches(inchesText(n / 64).replace('"', ''))).toBe(n / 64)
    expect(inchesText(1.5)).toBe('1-1/2"')
    expect(readInches('1 1/2')).toBe(1.5)
    expect(readInches('.5')).toBe(0.5)
    expect(readInches('1/0')).toBeNull()
    expect(readInches('x')).toBeNull()
  })
})

describe('lines as they are typed', () => {
  // One a line: `typed => count written`, or `typed ?? what is told as not understood`.
  const cases = readFileSync(path.join(import.meta.dirname, 'cases.txt'), 'utf8')
    .split('\n')
    .filter(Boolean)
  it('has four hundred of them', () => expect(cases.length).toBeGreaterThan(400))
  it.each(cases)('%s', (row) => {
    const [typed, told] = row.split(' ?? ') as [string, string | undefined]
    if (told !== undefined) {
      expect(readLine(typed)).toMatchObject({ count: 0, note: typed, unread: told.split(' | ') })
      return
    }
    const [line, written] = row.split(' => ') as [string, string]
    const read = readLine(line)!
    expect(`${read.count} ${writeLine(read)}`).toBe(written)
    expect(read.unread).toEqual([])
  })
})

it('a line that is too long ends between two letters, and is the same once it is written', () => {
  for (const letter of ['👩', '👩‍👧‍👦', 'ﷺ', 'é'])
    for (const before of ['', 'x', 'xy']) {
      const read = readLine(`${before} ${letter.repeat(300)}`)!
      expect(read.note!.isWellFormed()).toBe(true)
      expect(readLine(writeLine(read))).toEqual(read)
    }
})
