import { describe, expect, it } from 'vitest'
import { readNumber } from './number'

describe('a figure that was keyed in, or typed by an instrument', () => {
  it.each([
    ['12,5', 12.5],
    [' −3. ', -3],
    ['.5', 0.5],
    ['12.5 mm', null],
    ['1e3', null],
    ['', null],
  ])('%s without a unit', (text, value) => {
    expect(readNumber(text)).toBe(value)
  })

  it.each([
    ['12,5', 'mm', 12.5],
    ['12.50 mm', 'mm', 12.5],
    ['+0.5 in', 'mm', 12.7],
    ['64', 'teeth', 64],
    ['64 teeth', 'teeth', 64],
    ['40 N·m', 'Nm', 40],
    ['12.5 V', 'mm', null],
    ['12.5 furlongs', 'mm', null],
    ['warm', 'degC', null],
    ['', 'mm', null],
    ['9e999', 'mm', null],
  ])('%s in %s', (text, unit, value) => {
    const read = readNumber(text, unit)
    if (value === null) expect(read).toBeNull()
    else expect(read).toBeCloseTo(value, 9)
  })
})
