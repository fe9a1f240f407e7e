import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { LONGEST_LINE } from './line'
import { Lines, Thinned } from './stream'

describe('lines out of pieces', () => {
  it('come out the same however the bytes are cut, a letter of several bytes too', () => {
    const bytes = new TextEncoder().encode('190 mΩ\r\n12 °C\n51.8 V DC\rnot ended')
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: bytes.length }), { maxLength: 8 }), (cuts) => {
        const lines = new Lines()
        const at = [0, ...cuts.sort((a, b) => a - b), bytes.length]
        const out = at.slice(1).flatMap((end, i) => lines.feed(bytes.slice(at[i]!, end)))
        expect(out.filter((l) => l !== '')).toEqual(['190 mΩ', '12 °C', '51.8 V DC'])
      }),
    )
  })

  it('throw noise without an end away, and keep the next line whole', () => {
    const lines = new Lines()
    for (let i = 0; i < 1000; i++) expect(lines.feed('\u00ff'.repeat(50))).toEqual([])
    expect(lines.feed('tail of it\n51.8 V DC\n')).toEqual(['', '51.8 V DC'])
    expect(lines.feed(`${'9'.repeat(LONGEST_LINE + 1)}\n12 V DC\n`)).toEqual(['', '12 V DC'])
  })
})

describe('a thousand lines a second', () => {
  it('become the least, the most and the last of a tenth, in the order in which they came', () => {
    const thinned = new Thinned()
    for (let i = 0; i < 100; i++) thinned.put(`${(50 + 10 * Math.sin(i)).toFixed(2)} V DC`)
    const some = thinned.take()
    expect(some.length).toBeLessThanOrEqual(3)
    const all = Array.from({ length: 100 }, (_, i) => Number((50 + 10 * Math.sin(i)).toFixed(2)))
    const figures = some.map((l) => Number(l.split(' ')[0]))
    expect(Math.min(...figures)).toBe(Math.min(...all))
    expect(Math.max(...figures)).toBe(Math.max(...all))
    expect(figures.at(-1)).toBe(all.at(-1))
    expect(thinned.leftOut).toBe(100 - some.length)
    expect(thinned.take()).toEqual([])
  })

  it('lets through what stands there now when the dial was turned, and what cannot be read a few times only', () => {
    const thinned = new Thinned()
    for (const line of ['51.8 V DC', '51.9 V DC', '52 V DC', '0.2 ohm', 'OL ohm']) thinned.put(line)
    expect(thinned.take().at(-1)).toBe('OL ohm')
    for (let i = 0; i < 500; i++) thinned.put(`noise ${i}`)
    expect(thinned.take()).toHaveLength(8)
    thinned.put('#name meter 3')
    expect(thinned.take()).toEqual(['#name meter 3'])
  })
})
