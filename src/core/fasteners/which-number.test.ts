import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { adviceOf, SAID_BY, type Said } from './index'

describe('numbers that disagree', () => {
  it('the most trusted counts; of two alike the lower; and what it does not explain is told', () => {
    expect(
      adviceOf([
        { value: 30, by: 'somebody said' },
        { value: 45, by: 'in the file' },
      ]),
    ).toMatchObject({ value: 45, by: 'in the file', against: [] })
    expect(
      adviceOf([
        { value: 50, by: 'in the manual' },
        { value: 45, by: 'in the manual' },
      ]).value,
    ).toBe(45)
    expect(
      adviceOf([
        { value: 20, by: 'stamped on it' },
        { value: 45, by: 'in the manual' },
      ]).against,
    ).toEqual([0])
    expect(() => adviceOf([])).toThrow(/above 0/)
    expect(() => adviceOf([{ value: 0, by: 'in the file' }])).toThrow(/above 0/)
  })
  it('does not hang on the order in which they were said, and advises a number that somebody said', () => {
    const said = fc.array(fc.record({ value: fc.double({ min: 0.1, max: 500, noNaN: true }), by: fc.constantFrom(...SAID_BY) }), {
      minLength: 1,
      maxLength: 5,
    })
    fc.assert(
      fc.property(said, (list: readonly Said[]) => {
        const advice = adviceOf(list)
        const turned = adviceOf([...list].reverse())
        expect([turned.value, turned.by, turned.against.length]).toEqual([advice.value, advice.by, advice.against.length])
        expect(list.some((s) => s.value === advice.value && s.by === advice.by)).toBe(true)
        const best = Math.min(...list.map((s) => SAID_BY.indexOf(s.by)))
        expect(SAID_BY.indexOf(advice.by)).toBe(best)
      }),
      { seed: 102, numRuns: 300 },
    )
  })
})
