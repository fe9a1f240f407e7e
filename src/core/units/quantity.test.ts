import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { convert, formatQuantity, UNIT_IDS, UNITS } from './index'

describe('convert', () => {
  // NIST SP 811, appendix B, to the digits printed there.
  it.each([
    [1, 'lbf.ft', 'Nm', 1.355818],
    [1, 'lbf.in', 'Nm', 0.1129848],
    [1, 'psi', 'kPa', 6.894757],
    [1, 'lb', 'kg', 0.45359237],
    [212, 'degF', 'degC', 100],
    [-40, 'degC', 'degF', -40],
    [25, 'km/h', 'km/h', 25],
    [1, 'Ah', 'Ah', 1],
  ])('%d %s is %d %s', (value, from, to, expected) => {
    expect(convert(value, from, to)).toBeCloseTo(expected, 6)
  })

  it('comes back to where it started for every pair of like units', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...UNIT_IDS),
        fc.constantFrom(...UNIT_IDS),
        fc.double({ min: -1e6, max: 1e6, noNaN: true }),
        (a, b, x) => {
          fc.pre(UNITS[a].dimension === UNITS[b].dimension)
          const back = convert(convert(x, a, b), b, a)
          expect(Math.abs(back - x)).toBeLessThanOrEqual(1e-9 * Math.max(1000, Math.abs(x)))
        },
      ),
      { seed: 4108 },
    )
  })

  it('refuses unlike units and quotes the value that is wrong', () => {
    expect(() => convert(3, 'V', 'A')).toThrow(/V \(voltage\).*A \(current\)/)
    expect(() => convert(3, 'furlong', 'm')).toThrow(/furlong/)
    expect(() => convert(3, 'constructor', 'm')).toThrow(/constructor/)
    expect(() => convert(Number.NaN, 'V', 'V')).toThrow(/NaN/)
  })
})

describe('formatQuantity', () => {
  it.each([
    [{ value: 45, unit: 'Nm', source: 'machine file' }, '45 N·m'],
    [{ value: 2.5, unit: 'Nm', source: 'estimated' }, '2.5 N·m'],
    [{ value: 0.1 + 0.2, unit: 'ohm', source: 'measured' }, '0.3 Ω'],
  ] as const)('writes %j as %s', (q, text) => expect(formatQuantity(q)).toBe(text))
})
