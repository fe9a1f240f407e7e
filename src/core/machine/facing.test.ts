import { describe, expect, it } from 'vitest'
import { dice } from '../../demo/chance'
import { directionOf, pointing, sidesIn, turned } from './facing'
import type { Vec3 } from './types'

const axes: readonly Vec3[] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
]
const dot = (a: Vec3, b: Vec3): number => a.reduce((sum, x, i) => sum + x * b[i]!, 0)
const upsideDown = { rotation: [180, 0, 0] as Vec3 }
const onLeft = { rotation: [-90, 0, 0] as Vec3 }

describe('a direction in a pose', () => {
  it('keeps lengths and angles, and is never mirrored, whatever the pose', () => {
    const roll = dice(5)
    for (let n = 0; n < 200; n++) {
      const rotation: Vec3 = [roll(360) - 180, roll(360) - 180, roll(360) - 180]
      const [x, y, z] = axes.map((axis) => turned(axis, rotation)) as [Vec3, Vec3, Vec3]
      for (const [a, b, want] of [
        [x, x, 1],
        [y, y, 1],
        [z, z, 1],
        [x, y, 0],
        [y, z, 0],
        [z, x, 0],
      ] as const)
        expect(dot(a, b)).toBeCloseTo(want, 9)
      expect(dot([x[1] * y[2] - x[2] * y[1], x[2] * y[0] - x[0] * y[2], x[0] * y[1] - x[1] * y[0]], z)).toBeCloseTo(1, 9)
    }
  })
  it('is that of a hand that turns a model: upside down, on its left side, nose up', () => {
    expect(pointing([0, 0, -1], upsideDown)).toEqual({ own: 'down', now: 'up' })
    expect(pointing([1, 0, 0], upsideDown)).toEqual({ own: 'forward', now: 'forward' })
    expect(pointing([0, 1, 0], onLeft)).toEqual({ own: 'left', now: 'down' })
    expect(pointing([0, 0, -1], onLeft)).toEqual({ own: 'down', now: 'right' })
    expect(pointing([1, 0, 0], { rotation: [0, -90, 0] })).toEqual({ own: 'forward', now: 'up' })
    expect(pointing([0, 0, -1], { rotation: [0, -12, 0] })).toEqual({ own: 'down', now: 'down' })
  })
  it('is told in one word or two, the longer first', () => {
    expect(directionOf([-1, 0, 2])).toBe('up and rearward')
    expect(directionOf([0.1, 0, -1])).toBe('down')
    expect(() => directionOf([0, 0, 0])).toThrow(/length/)
    expect(() => directionOf([Number.NaN, 0, 0])).toThrow(/length/)
  })
  it('says what becomes of left and right, and nothing where they stay', () => {
    expect(sidesIn({ rotation: [0, -20, 0] })).toBeNull()
    expect(sidesIn(upsideDown)).toEqual({ left: 'right', right: 'left' })
    expect(sidesIn(onLeft)).toEqual({ left: 'down', right: 'up' })
  })
})
