import { describe, expect, it } from 'vitest'
import { bevelAtSeal, FACES, PURPOSES, readStack, TOWARD, type TypedPiece, typedPieces, typedText } from './index'
import { dice } from '../../demo/chance'

const read = (text: string, u = 0) => {
  const found = readStack(text, u)
  if ('fault' in found) throw new Error(JSON.stringify(found.fault))
  return found.pieces
}
const fault = (text: string) => {
  const found = readStack(text)
  return 'fault' in found ? found.fault : null
}

describe('a stack in words', () => {
  it('is read outside in: what, how wide, which way it faces', () => {
    expect(read('nut 10; washer 1,5 bevel in; tab 3 up; frame 6; cog 12.5 turns; seal 4; cap 11 room 14', 0.05)).toEqual([
      { purpose: 'nut', width: { value: 10, u: 0.05 }, clamped: true, turns: false },
      { purpose: 'washer', width: { value: 1.5, u: 0.05 }, clamped: true, turns: false, face: 'bevel', to: 'in' },
      { purpose: 'tab', width: { value: 3, u: 0.05 }, clamped: true, turns: false, to: 'up' },
      { purpose: 'frame', width: { value: 6, u: 0.05 }, clamped: true, turns: false },
      { purpose: 'cog', width: { value: 12.5, u: 0.05 }, clamped: true, turns: true },
      { purpose: 'seal', width: { value: 4, u: 0.05 }, clamped: false, turns: false },
      { purpose: 'cap', width: { value: 11, u: 0.05 }, clamped: true, turns: false, room: 14 },
    ])
    expect(read('  Nut 10 mm'.replace(' mm', 'mm') + ' ;; \n washer bevel 2 out ')).toMatchObject([
      { purpose: 'nut', width: { value: 10 } },
      { purpose: 'washer', width: { value: 2 }, face: 'bevel', to: 'out' },
    ])
    expect(read('')).toEqual([])
    expect(read('bearing 12 free; washer 2').map((p) => p.clamped)).toEqual([false, true])
  })
  it('says which piece is wrong, and what comes nearest', () => {
    expect(fault('nut 10; washr 1.5')).toEqual({ why: 'no such piece', at: 2, nearest: ['washer'] })
    expect(fault('nut 10; washer')).toEqual({ why: 'no width', at: 2, nearest: [] })
    expect(fault('washer bevel')).toEqual({ why: 'no width', at: 1, nearest: [] })
    for (const width of ['0', '-3', '200.1', '1e2', '1..5', 'x'])
      expect(fault(`nut ${width}`), width).toEqual({ why: 'not a width', at: 1, nearest: [] })
    expect(fault('nut 200')).toBeNull()
    expect(fault('washer 2 bevl in')).toEqual({ why: 'not a word of it', at: 1, nearest: ['bevel'] })
    expect(fault('cap 10 room 0')).toEqual({ why: 'not a width', at: 1, nearest: [] })
    expect(fault('cap 10 room')).toMatchObject({ why: 'not a word of it', at: 1 })
    expect(fault('frame 6; spacer 2; frame 6')).toEqual({ why: 'two frames', at: 3, nearest: [] })
    expect(fault(Array.from({ length: 24 }, () => 'washer 1').join(';'))).toBeNull()
    expect(fault(Array.from({ length: 25 }, () => 'washer 1').join(';'))).toEqual({ why: 'too many', at: 0, nearest: [] })
  })
  it('is written as it is read, whatever it is of', () => {
    const roll = dice(17)
    const pick = <T>(list: readonly T[]): T => list[roll(list.length)]!
    const once = (in_: number): boolean => roll(in_) === 0
    for (let i = 0; i < 300; i++) {
      const pieces = Array.from({ length: roll(8) }, (): TypedPiece => ({
        purpose: pick([...PURPOSES, 'washr']),
        width: pick(['', '1.5', '0,2', '12', '1..5']),
        ...(once(2) ? { face: pick(FACES) } : {}),
        ...(once(2) ? { to: pick(TOWARD) } : {}),
        ...(once(3) ? { turns: true as const } : {}),
        ...(once(4) ? { free: true as const } : {}),
        ...(once(5) ? { room: '14' } : {}),
      }))
      expect(typedPieces(typedText(pieces))).toEqual(pieces)
    }
    expect(typedText(typedPieces('washer 2 shiny; NUT bevel 3'))).toBe('washer 2 shiny; nut 3 bevel')
  })
  it('odd text is told, never thrown', () => {
    for (const text of ['😀', ';;;', 'nut\u0000 1', 'nut 1e999', '__proto__ 3', 'constructor 1', 'room', 'turns', 'x'.repeat(600)])
      expect(() => readStack(text), text).not.toThrow()
    expect(fault('constructor 1')).toMatchObject({ why: 'no such piece' })
  })
  it('knows a bevel that points at a seal', () => {
    expect(bevelAtSeal(read('nut 8 bevel in; bearing 9'))).toBe(true)
    expect(bevelAtSeal(read('nut 8 bevel out; bearing 9'))).toBe(false)
    expect(bevelAtSeal(read('nut 8 flat in; bearing 9'))).toBe(false)
    expect(bevelAtSeal(read('seal 4; spacer 8 bevel out; washer 2'))).toBe(true)
    expect(bevelAtSeal(read('nut 8 bevel in; washer 1; bearing 9'))).toBe(false)
    expect(bevelAtSeal(read('nut 8 bevel in'))).toBe(false)
  })
})
