import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { UNIT_IDS, unitLabel, UNITS } from '../core/units'
import { LONGEST_LINE, type Reading, readLine } from './line'

const read = (text: string): Reading => {
  const line = readLine(text)
  if (!line.ok || line.value.is !== 'reading') throw new Error(`${text}: ${JSON.stringify(line)}`)
  return line.value
}
const fault = (text: string): string => {
  const line = readLine(text)
  return line.ok ? `read as ${line.value.is}` : line.error.kind
}

describe('a line of an instrument', () => {
  it.each([
    ['51.83 V DC', { shown: { is: 'value', value: 51.83 }, unit: 'V', mode: 'V DC', step: 0.01, marks: [] }],
    ['51,8 V dc', { shown: { is: 'value', value: 51.8 }, unit: 'V', mode: 'V DC', step: 0.1, marks: [] }],
    ['  -0.412 V AC min ', { shown: { is: 'value', value: -0.412 }, unit: 'V', mode: 'V AC', step: 0.001, marks: ['min'] }],
    ['−12 A DC hold low-battery', { shown: { is: 'value', value: -12 }, unit: 'A', mode: 'A DC', step: 1, marks: ['hold', 'low-battery'] }],
    ['190 mΩ', { shown: { is: 'value', value: 190 }, unit: 'mohm', mode: 'ohm', step: 1, marks: [] }],
    ['4.7 k\u2126', { shown: { is: 'value', value: 4.7 }, unit: 'kohm', mode: 'ohm', step: 0.1, marks: [] }],
    ['1.5e-3 ohm continuity', { shown: { is: 'value', value: 0.0015 }, unit: 'ohm', mode: 'continuity', step: 0.0001, marks: [] }],
    ['.56 V diode', { shown: { is: 'value', value: 0.56 }, unit: 'V', mode: 'diode', step: 0.01, marks: [] }],
    [
      '320 MΩ insulation @500V',
      { shown: { is: 'value', value: 320 }, unit: 'Mohm', mode: 'insulation', step: 1, marks: [], testVolts: 500 },
    ],
    ['OL kohm', { shown: { is: 'over' }, unit: 'kohm', mode: 'ohm', marks: [] }],
    ['O.L Mohm', { shown: { is: 'over' }, unit: 'Mohm', mode: 'ohm', marks: [] }],
    ['0L ohm', { shown: { is: 'over' }, unit: 'ohm', mode: 'ohm', marks: [] }],
    ['-OL V DC', { shown: { is: 'under' }, unit: 'V', mode: 'V DC', marks: [] }],
    ['---- V DC', { shown: { is: 'nothing' }, unit: 'V', mode: 'V DC', marks: [] }],
    ['23.4 °C', { shown: { is: 'value', value: 23.4 }, unit: 'degC', step: 0.1, marks: [] }],
    ['12,34mm', { shown: { is: 'value', value: 12.34 }, unit: 'mm', step: 0.01, marks: [] }],
  ])('%s', (text, expected) => {
    const { step, ...rest } = read(text)
    const { step: wanted, ...more } = expected as unknown as Reading
    expect(rest).toEqual({ ...more, is: 'reading' })
    if (wanted === undefined) expect(step).toBeUndefined()
    else expect(step).toBeCloseTo(wanted, 12)
  })

  it.each([
    ['', 'unreadable'],
    ['\u0000\u00ff\u0007', 'unreadable'],
    ['\ufffd\ufffd 51', 'unreadable'],
    ['x'.repeat(LONGEST_LINE + 1), 'unreadable'],
    ['hello V', 'no figure'],
    ['V 12', 'no figure'],
    ['12', 'no unit'],
    ['12 furlongs', 'unknown unit'],
    ['12 MV', 'unknown unit'],
    ['12 V sideways', 'unknown word'],
    ['12 ohm DC', 'unknown word'],
    ['12 V continuity', 'unknown word'],
    ['12 V @500V', 'unknown word'],
    ['1e30 V DC', 'no figure'],
    ['#kind crystal ball', 'unknown kind'],
  ])('refuses %j: %s', (text, kind) => {
    expect(fault(text)).toBe(kind)
  })

  it('says what it is, and remarks say nothing', () => {
    expect(readLine('#kind clamp meter')).toEqual({ ok: true, value: { is: 'kind', kind: 'clamp meter' } })
    expect(readLine('#name meter 3')).toEqual({ ok: true, value: { is: 'name', name: 'meter 3' } })
    expect(readLine('#stand-in')).toEqual({ ok: true, value: { is: 'stand-in' } })
    expect(readLine('# warm-up 10 min')).toEqual({ ok: true, value: { is: 'remark' } })
    expect(readLine('101 halls')).toEqual({ ok: true, value: { is: 'halls', code: 5 } })
    expect(fault('102 halls')).toBe('unknown unit')
  })

  it('reads every unit by id and by label, and never throws on anything', () => {
    for (const unit of UNIT_IDS) {
      expect(read(`3.5 ${unit}`).unit).toBe(unit)
      expect(UNITS[read(`3.5 ${unitLabel(unit)}`).unit].dimension).toBe(UNITS[unit].dimension)
    }
    fc.assert(fc.property(fc.string({ unit: 'binary', maxLength: 200 }), (text) => void readLine(text)))
    fc.assert(
      fc.property(fc.double({ min: -1e6, max: 1e6, noNaN: true }), fc.integer({ min: 0, max: 6 }), (x, decimals) => {
        const shown = read(`${x.toFixed(decimals)} V DC`).shown
        expect(shown.is === 'value' ? shown.value : NaN).toBe(Number(x.toFixed(decimals)))
      }),
    )
  })
})
