import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { cut, isWellFormed, MAX_DEPTH, mended, record, tooDeep, wellFormed } from './text'

const HALF = '👍'.slice(0, 1)
const FAMILY = '👩‍👧‍👦'

describe('text', () => {
  it.each([
    ['plain', 'screw 3, left', 'screw 3, left'],
    ['half a pair at the end', `ok ${HALF}`, 'ok \ufffd'],
    ['the other half alone', `${'👍'.slice(1)}x`, '\ufffdx'],
    ['a NUL and a bell', 'a\u0000b\u0007c', 'abc'],
    ['line breaks and tabs stay', 'a\n\tb', 'a\n\tb'],
    ['a whole pair stays', '👍', '👍'],
  ])('is made well-formed: %s', (_, text, good) => expect(wellFormed(text)).toBe(good))

  it.each([
    ['inside an emoji', 'abc👍', 4, 'abc'],
    ['inside one made of several', `ab${FAMILY}c`, 6, 'ab'],
    ['a letter with its accent', 'ae\u0301x', 2, 'a'],
    ['exactly', 'abcd', 4, 'abcd'],
    ['to nothing', '👍', 1, ''],
    ['to zero', 'a', 0, ''],
  ])('is cut between letters: %s', (_, text, max, left) => expect(cut(text, max)).toBe(left))

  it('cut or mended, is always well-formed, never longer, and mending twice changes nothing', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 80 }), fc.nat(60), (text, max) => {
        const short = cut(text, max)
        expect(short.length).toBeLessThanOrEqual(max)
        expect(isWellFormed(short)).toBe(true)
        expect(wellFormed(wellFormed(text))).toBe(wellFormed(text))
        expect(wellFormed(text).startsWith(short)).toBe(true)
      }),
      { seed: 11, numRuns: 500 },
    )
  })
})

describe('a value', () => {
  it('is mended in every text and name, and is the same one where nothing is wrong', () => {
    const good = { a: ['x', { b: 1 }], c: null }
    expect(mended(good)).toBe(good)
    expect(mended({ [`k${HALF}`]: [`v\u0000`] })).toEqual({ 'k\ufffd': ['v'] })
  })
  it('is too deep past the limit only, however deep', () => {
    const deep = (n: number): unknown => {
      let v: unknown = 1
      for (let i = 0; i < n; i++) v = i % 2 ? [v] : { v }
      return v
    }
    expect(tooDeep(deep(MAX_DEPTH))).toBe(false)
    expect(tooDeep(deep(MAX_DEPTH + 1))).toBe(true)
    expect(tooDeep(deep(100_000))).toBe(true)
  })
})

describe('a record', () => {
  it.each(['__proto__', 'constructor', 'toString'])('takes %s for a key like any other', (key) => {
    const map = record<number>()
    expect(map[key]).toBeUndefined()
    map[key] = 4
    expect(record(JSON.parse(JSON.stringify(map)) as Record<string, number>)[key]).toBe(4)
    expect(({} as Record<string, unknown>)['4']).toBeUndefined()
  })
})
