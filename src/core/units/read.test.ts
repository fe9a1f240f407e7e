import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readValue } from './index'

describe('readValue', () => {
  it.each([
    ['4.98', 'V', 4.98],
    ['4,98', 'V', 4.98],
    [' −0.2 ', 'V', -0.2],
    ['4980 mV', 'V', 4.98],
    ['0,19 Ω', 'mohm', 190],
    ['190 mΩ', 'mohm', 190],
    ['190', 'mΩ', 190],
    ['2 MΩ', 'Mohm', 2],
    ['2e1', 'V', 20],
    ['8 turns', 'turns', 8],
    ['95 °F', 'degC', 35],
  ])('%s as %s is %d', (text, unit, value) => {
    const read = readValue(text, unit, [-1e6, 1e6])
    expect(read.ok && read.value).toBeCloseTo(value, 9)
  })
  it.each([
    ['', 'V', { kind: 'empty' }],
    ['abc', 'V', { kind: 'not a number' }],
    ['4.9.8', 'V', { kind: 'unknown unit', unit: '.8' }],
    ['--3', 'V', { kind: 'not a number' }],
    ['5 furlongs', 'V', { kind: 'unknown unit', unit: 'furlongs' }],
    ['5 A', 'V', { kind: 'wrong unit', unit: 'A' }],
    ['5 V', 'turns', { kind: 'wrong unit', unit: 'V' }],
    ['1e9 V', 'V', { kind: 'out of range', value: 1e9 }],
    ['−3', 'V', { kind: 'out of range', value: -3 }],
    ['1e999', 'V', { kind: 'not a number' }],
  ])('%j as %s is refused', (text, unit, error) => {
    expect(readValue(text, unit, [0, 1000])).toMatchObject({ ok: false, error })
  })
  it('never takes a value outside its range, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 12 }), (text) => {
        const read = readValue(text, 'V', [0, 60])
        if (read.ok) expect(read.value >= 0 && read.value <= 60).toBe(true)
      }),
      { seed: 5, numRuns: 2000 },
    )
  })
})
