import { describe, expect, it } from 'vitest'
import { dice } from '../../demo/chance'
import { feedOrder } from './feeding'
import type { Cable, Hole } from './types'

const lead = (id: string, width: number, height: number, diameter: number): Cable => ({
  id,
  name: id,
  of: 'motor',
  route: ['hole'],
  diameter,
  end: { width, height, tolerance: 0 },
})
const hole = (width: number, height: number, passing?: Hole['passing']): Hole => ({
  id: 'hole',
  part: 'frame',
  width,
  height,
  ...(passing ? { passing } : {}),
})
const ids = (list: readonly Cable[]): string[] => list.map((c) => c.id)

describe('leads through a hole', () => {
  it('go thickest plug first where nothing else leaves room', () => {
    const [phases, lamp] = [lead('phases', 14, 10, 8), lead('lamp', 9, 6, 4)]
    expect(feedOrder(hole(17, 13), [lamp, phases])).toEqual({ order: [phases, lamp], stuck: null, by: 0 })
    expect(ids(feedOrder(hole(18, 15), [lamp, phases]).order)).toEqual(['lamp', 'phases'])
  })
  it('one by one pass where a bundle of all plugs does not', () => {
    const both = [lead('a', 10, 10, 3), lead('b', 10, 10, 3)]
    expect(feedOrder(hole(14, 14), both).stuck).toBeNull()
    expect(feedOrder(hole(14, 14, 'together'), both).stuck?.id).toBe('a')
    expect(feedOrder(hole(10, 20, 'together'), both).stuck).toBeNull()
  })
  it('name the one that cannot pass in any order', () => {
    expect(feedOrder(hole(10, 16), [lead('thin', 8, 8, 2), lead('thick', 12, 12, 2)]).stuck?.id).toBe('thick')
    expect(feedOrder(hole(10, 10), [{ id: 'bare', name: 'bare', of: 'motor', route: [] }]).stuck).toBeNull()
  })
  it('go through a round hole by their diagonal, or their diameter where they are round', () => {
    const bore = (d: number): Hole => ({ ...hole(d, d), round: true })
    const square = lead('square', 8, 6, 4)
    expect(feedOrder(bore(10), [square]).stuck).toBeNull()
    expect(feedOrder(bore(9.9), [square])).toMatchObject({ stuck: { id: 'square' }, by: expect.closeTo(0.1, 6) as number })
    const barrel: Cable = { ...square, id: 'barrel', end: { width: 9, height: 9, tolerance: 0.5, round: true } }
    expect(feedOrder(bore(9.5), [barrel]).stuck).toBeNull()
    expect(feedOrder(bore(9.4), [barrel]).by).toBeCloseTo(0.1, 6)
    // One lead of 4 mm beside a plug at the wall; three in the ring round it, which has to be as wide on both sides.
    expect(
      feedOrder(bore(13.5), [{ ...lead('thin', 4, 4, 4), end: { width: 3, height: 3, tolerance: 0, round: true } }, barrel]).stuck,
    ).toBeNull()
    const three = ['a', 'b', 'c'].map((id): Cable => ({ ...lead(id, 2, 2, 2), end: { width: 2, height: 2, tolerance: 0, round: true } }))
    expect(feedOrder(bore(13.5), [...three, barrel]).stuck).toBeNull()
    expect(feedOrder({ ...bore(13.5), passing: 'together' }, [...three, barrel]).stuck?.id).toBe('barrel')
  })
  it('beside three leads a round hole has to be wider by the thickest on both sides', () => {
    const four = ['a', 'b', 'c', 'd'].map((id): Cable => ({
      ...lead(id, 9, 9, 2),
      end: { width: 9, height: 9, tolerance: 0.5, round: true },
    }))
    expect(feedOrder({ ...hole(13.5, 13.5), round: true }, four).stuck).toBeNull()
    expect(feedOrder({ ...hole(13.4, 13.4), round: true }, four).stuck).not.toBeNull()
  })
  it('are told in a moment however many there are', () => {
    const many = Array.from({ length: 40 }, (_, i) => lead(`l${i}`, 4, 4, 1))
    expect(feedOrder(hole(5, 5), many).stuck).not.toBeNull()
    expect(feedOrder(hole(60, 60), many)).toMatchObject({ stuck: null })
  })
  it('a wider hole lets through whatever a narrower one does, and never a plug larger than itself', () => {
    const roll = dice(11)
    for (let n = 0; n < 300; n++) {
      const leads = Array.from({ length: 1 + roll(4) }, (_, i) => lead(`l${i}`, 3 + roll(10), 3 + roll(10), 1 + roll(5)))
      const [w, h] = [6 + roll(12), 6 + roll(12)]
      const tight = feedOrder(hole(w, h), leads)
      expect(tight.stuck === null).toBe(tight.order.length === leads.length)
      if (!tight.stuck) {
        expect(feedOrder(hole(w + 1 + roll(4), h + roll(4)), leads).stuck, `case ${n}`).toBeNull()
        for (const l of leads) expect(Math.min(l.end!.width, l.end!.height)).toBeLessThanOrEqual(Math.min(w, h))
      }
    }
  })
})
