import { describe, expect, it } from 'vitest'
import { readQuickLine } from './quick-line'
import { freeCell } from '../machine'

describe('readQuickLine', () => {
  it.each([
    ['4 M5x12 chain guard', { title: '4 × M5×12 chain guard', count: 4, label: 'M5×12' }],
    ['4 x M5 x 12 chain guard screws in a2', { title: '4 × M5×12 chain guard screws', count: 4, label: 'M5×12', cell: 'A2' }],
    ['2 × nuts', { title: '2 × nuts', count: 2, label: 'nuts' }],
    ['lift the crate off', { title: 'lift the crate off', count: 0, label: '' }],
    ['long M6 from the middle', { title: 'long M6 from the middle', count: 1, label: 'M6' }],
    ['  12   M4   lid → B3 ', { title: '12 × M4 lid', count: 12, label: 'M4', cell: 'B3' }],
    ['500 tiny screws', { title: '500 tiny screws', count: 0, label: '' }],
    ['48 V plug', { title: '48 × V plug', count: 48, label: 'V plug' }],
  ])('reads “%s”', (line, expected) => expect(readQuickLine(line)).toEqual(expected))
  it('has nothing to say of an empty line', () => expect(readQuickLine('   ')).toBeNull())
})

it('gives the first cell that is free', () => {
  expect(freeCell(new Set())).toBe('A1')
  expect(freeCell(new Set(['A1', 'A2', 'A3', 'A4', 'A5', 'A6']))).toBe('B1')
})
