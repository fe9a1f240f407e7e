import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { freeCell } from '../machine'
import { readQuickLine } from './quick-line'

describe('readQuickLine', () => {
  it.each([
    ['4 M5x12 chain guard', { title: '4 × M5×12 chain guard', count: 4, label: 'M5×12' }],
    ['4 x M5 x 12 chain guard screws in a2', { title: '4 × M5×12 chain guard screws', count: 4, label: 'M5×12', cell: 'A2' }],
    ['2 × nuts', { title: '2 × nuts', count: 2, label: 'nuts' }],
    ['lift the crate off', { title: 'lift the crate off', count: 0, label: '' }],
    ['long M6 from the middle', { title: 'long M6 from the middle', count: 1, label: 'M6' }],
    ['  12   M4   lid → B3 ', { title: '12 × M4 lid', count: 12, label: 'M4', cell: 'B3' }],
    ['48 V plug', { title: '48 V plug', count: 0, label: '' }],
    ['36 V/10 A pack', { title: '36 V/10 A pack', count: 0, label: '' }],
    ['3 mm shim', { title: '3 mm shim', count: 0, label: '' }],
    ['2 Velcro straps', { title: '2 × Velcro straps', count: 2, label: 'Velcro straps' }],
    ['2 M10x1.25x60 axle', { title: '2 × M10×1.25×60 axle', count: 2, label: 'M10×1.25×60' }],
    ['M12x1,25 nut', { title: 'M12x1,25 nut', count: 1, label: 'M12×1.25' }],
    ['6 M2,5x6 board', { title: '6 × M2.5×6 board', count: 6, label: 'M2.5×6' }],
    ['3 M3x0,5x8 lid', { title: '3 × M3×8 lid', count: 3, label: 'M3×8' }],
    ['14xM4x10 cover', { title: '14 × M4×10 cover', count: 14, label: 'M4×10' }],
    ['14 xM4x10', { title: '14 × M4×10', count: 14, label: 'M4×10' }],
    ['M10 x 1 nut', { title: 'M10 x 1 nut', count: 1, label: 'M10×1' }],
  ])('reads “%s”', (line, expected) => expect(readQuickLine(line)).toEqual({ ...expected, unread: [] }))

  it.each([
    ['0 M4x10', ['0']],
    ['500 M4x10', ['500']],
    ['500 tiny screws', ['500']],
    ['2 M13x40', ['M13x40']],
    ['2 M5x1.25x12', ['M5x1.25x12']],
    ['M6x2 somewhere', ['M6x2']],
    ['M24x3', ['M24x3']],
    ['4 M5x12x1x2 odd', ['M5x12x1x2']],
    ['M5x1200', ['M5x1200']],
    ['4 M5-12', ['M5-12']],
    ['2 M5x12 and M6x16', ['M6x16']],
  ])('makes nothing of “%s”, and says what it did not understand', (line, unread) =>
    expect(readQuickLine(line)).toEqual({ title: line, count: 0, label: '', unread }),
  )

  it('takes any size that is made, however it is written, as that size and no other', () => {
    const pitches: Readonly<Record<number, readonly number[]>> = {
      2.5: [0.45],
      4: [0.7, 0.5],
      8: [1.25, 1],
      10: [1.5, 1.25, 1],
      12: [1.75, 1.5, 1.25],
    }
    fc.assert(
      fc.property(
        fc.constantFrom(...Object.keys(pitches).map(Number)),
        fc.nat(2),
        fc.boolean(),
        fc.integer({ min: 3, max: 400 }),
        fc.constantFrom('x', '×', ' x ', '*', 'X'),
        fc.constantFrom('.', ','),
        fc.integer({ min: 1, max: 60 }),
        (d, which, pitched, length, by, point, count) => {
          const list = pitches[d]!
          const pitch = list[which % list.length]!
          const wrote = (x: number): string => String(x).replace('.', point)
          const line = `${count} M${wrote(d)}${pitched ? by + wrote(pitch) : ''}${by}${length} lid`
          const size = `M${d}${pitched && pitch !== list[0] ? `×${pitch}` : ''}×${length}`
          expect(readQuickLine(line), line).toMatchObject({ count, label: size, unread: [] })
        },
      ),
      { numRuns: 1_000 },
    )
  })
  it('has nothing to say of an empty line', () => expect(readQuickLine('   ')).toBeNull())
})

it('gives the first cell that is free', () => {
  expect(freeCell(new Set())).toBe('A1')
  expect(freeCell(new Set(['A1', 'A2', 'A3', 'A4', 'A5', 'A6']))).toBe('B1')
})
