import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { convertWidth, strangers, type WidthPiece, type WidthSet } from './index'

const MAKES = { width: 118, within: 0.5 }
const SET: WidthSet = {
  id: 'hub',
  name: 'hub width',
  variant: 'hub-width',
  options: [
    {
      id: 'narrow',
      label: 'Narrow',
      width: 104,
      makes: MAKES,
      pieces: [
        { name: 'spacer 9', place: 'left', width: 9 },
        { name: 'spacer 5, slotted', place: 'right', width: 5 },
        { name: 'brake cable bolt', place: 'left', bolt: 'M6×25' },
        { name: 'nut', place: 'left' },
      ],
    },
    {
      id: 'wide',
      label: 'Wide',
      width: 118,
      makes: MAKES,
      pieces: [
        { name: 'brake cable bolt', place: 'left', bolt: 'M6×16' },
        { name: 'nut', place: 'left' },
        { name: 'shim 0.2', place: 'right', later: true },
      ],
    },
  ],
  outOfScope: [{ what: 'fork', why: 'It is as wide for both.' }],
}

describe('a conversion of widths', () => {
  it('says what goes on, comes off and stays, which bolts change, and what it all makes', () => {
    const there = convertWidth(SET, 'narrow', 'wide')
    expect(there.remove.map((p) => p.name)).toEqual(['spacer 9', 'spacer 5, slotted', 'brake cable bolt'])
    expect(there.add.map((p) => p.name)).toEqual(['brake cable bolt'])
    expect(there.keep.map((p) => p.name)).toEqual(['nut'])
    expect(there.later.map((p) => p.name)).toEqual(['shim 0.2'])
    expect(there.bolts).toEqual([{ place: 'left', from: 'M6×25', to: 'M6×16' }])
    expect(there).toMatchObject({ verdict: 'makes it', sum: { value: 118 } })
    expect(convertWidth(SET, 'wide', 'narrow')).toMatchObject({
      verdict: 'makes it',
      sum: { value: 118 },
      bolts: [{ place: 'left', from: 'M6×16', to: 'M6×25' }],
    })
  })
  it('is too wide or too narrow where it is, and there is no width that is not in the set', () => {
    const making = (width: number): WidthSet => ({ ...SET, options: SET.options.map((o) => ({ ...o, makes: { width, within: 0.5 } })) })
    expect(convertWidth(making(116), 'narrow', 'wide')).toMatchObject({ verdict: 'too wide', off: 2 })
    expect(convertWidth(making(120), 'narrow', 'wide').verdict).toBe('too narrow')
    expect(() => convertWidth(SET, 'narrow', 'huge')).toThrow(/no width "huge": narrow, wide/)
  })
  it('a bolt that only one of the two has knows its joint, and a kit has no sum', () => {
    const kit: WidthSet = {
      ...SET,
      options: [
        { id: 'without', label: 'Without', pieces: [] },
        { id: 'with', label: 'With', pieces: [{ name: 'bolt', place: 'left', bolt: 'M6×20', of: 'stay-bolts', stack: 4 }] },
      ],
    }
    expect(convertWidth(kit, 'without', 'with')).toMatchObject({
      bolts: [{ place: 'left', to: 'M6×20', of: 'stay-bolts', stack: 4 }],
      sum: null,
      off: 0,
      verdict: 'makes it',
    })
    expect(convertWidth(kit, 'with', 'without').bolts).toEqual([{ place: 'left', from: 'M6×20', of: 'stay-bolts' }])
  })
  it('names what lies there and belongs to another width', () =>
    expect(strangers(SET, 'wide', ['spacer 9', 'nut', 'teaspoon'])).toEqual([{ name: 'spacer 9', belongsTo: ['Narrow'] }]))

  const piece = fc.record({
    name: fc.constantFrom('spacer 1', 'spacer 2', 'ring', 'cap'),
    place: fc.constantFrom('left', 'right'),
    width: fc.constantFrom(1, 2, 3),
  })
  const key = (p: WidthPiece): string => `${p.name} ${p.place} ${p.width}`
  /** A bag of pieces, counted. */
  const bag = (pieces: readonly WidthPiece[]): Map<string, number> => {
    const counts = new Map<string, number>()
    for (const p of pieces) counts.set(key(p), (counts.get(key(p)) ?? 0) + 1)
    return counts
  }
  it('500 random pairs, by counting: old less what comes off and plus what goes on is new, nothing comes off and goes on again, and the way back is the same turned round', () => {
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 8 }), fc.array(piece, { maxLength: 8 }), fc.nat(100), (old, next, width) => {
        const set: WidthSet = {
          ...SET,
          options: [
            { id: 'a', label: 'A', width, pieces: old },
            { id: 'b', label: 'B', width: width + 1, pieces: next },
          ],
        }
        const there = convertWidth(set, 'a', 'b')
        const back = convertWidth(set, 'b', 'a')
        const [was, is, on, off] = [old, next, there.add, there.remove].map(bag) as [
          Map<string, number>,
          Map<string, number>,
          Map<string, number>,
          Map<string, number>,
        ]
        for (const k of new Set([...was.keys(), ...is.keys()])) {
          expect((was.get(k) ?? 0) - (off.get(k) ?? 0) + (on.get(k) ?? 0)).toBe(is.get(k) ?? 0)
          expect(Math.min(on.get(k) ?? 0, off.get(k) ?? 0)).toBe(0)
        }
        expect(there.keep.length + there.remove.length).toBe(old.length)
        expect(bag(back.add)).toEqual(off)
        expect(bag(back.remove)).toEqual(on)
        expect(there.sum!.value).toBe(width + 1 + next.reduce((s, p) => s + p.width, 0))
      }),
      { seed: 115, numRuns: 500 },
    )
  })
})
