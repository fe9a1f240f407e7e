import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Mode } from '../machine'
import { type Item, sequence, type SequenceInput } from './sequence'

const POSES = ['p', 'q']
const TURN = (a: string, b: string): number => (a === b ? 0 : 2)

interface Sketch {
  readonly after: readonly number[]
  readonly modes: readonly { readonly pose: number; readonly tool: number; readonly minutes: number }[]
}

const mode = (m: Sketch['modes'][number]): Mode => ({
  poses: [POSES[m.pose]!],
  tool: m.tool === 0 ? null : `t${m.tool}`,
  people: 1,
  minutes: { low: m.minutes, likely: m.minutes, high: m.minutes },
})

const toInput = (sketches: readonly Sketch[], width = 100_000): SequenceInput => ({
  items: sketches.map(
    (s, i): Item => ({
      id: `a${i}`,
      modes: s.modes.map(mode),
      ready: (done) => s.after.filter((j) => j < i).every(done),
      prefersAfter: [],
    }),
  ),
  pose: 'p',
  tool: null,
  turn: TURN,
  swap: 0.5,
  againstPreference: 0,
  width,
})

/** All permutations × modes, with nothing cut off. */
function bruteForce(input: SequenceInput): number {
  let best = Infinity
  const go = (done: Set<number>, pose: string, tool: string | null, cost: number): void => {
    if (done.size === input.items.length) best = Math.min(best, cost)
    input.items.forEach((item, i) => {
      if (done.has(i) || !item.ready((j) => done.has(j))) return
      for (const m of item.modes) {
        const here = m.poses[0]!
        const swap = m.tool !== null && m.tool !== tool ? input.swap : 0
        go(new Set([...done, i]), here, m.tool ?? tool, cost + TURN(pose, here) + swap + m.minutes.likely)
      }
    })
  }
  go(new Set(), input.pose, input.tool, 0)
  return best
}

const sketch = fc.array(
  fc.record({
    after: fc.uniqueArray(fc.nat(5), { maxLength: 2 }),
    modes: fc.array(fc.record({ pose: fc.nat(1), tool: fc.nat(2), minutes: fc.integer({ min: 1, max: 4 }) }), { minLength: 1, maxLength: 2 }),
  }),
  { minLength: 1, maxLength: 6 },
)

describe('sequence', () => {
  it('finds the cheapest of all permutations × modes', () => {
    fc.assert(
      fc.property(sketch, (sketches) => {
        const input = toInput(sketches)
        const found = sequence(input)
        expect(found?.proved).toBe(true)
        expect(found?.cost).toBeCloseTo(bruteForce(input), 9)
      }),
      { seed: 907, numRuns: 150 },
    )
  })

  it('never claims a bound above the best there is, however narrow it searches', () => {
    fc.assert(
      fc.property(sketch, fc.integer({ min: 1, max: 3 }), (sketches, width) => {
        const found = sequence(toInput(sketches, width))!
        expect(found.bound).toBeLessThanOrEqual(bruteForce(toInput(sketches)) + 1e-9)
        expect(found.cost).toBeGreaterThanOrEqual(found.bound - 1e-9)
      }),
      { seed: 908, numRuns: 100 },
    )
  })

  it('says so when an item waits for itself', () => {
    const stuck: Item = { id: 'x', modes: [mode({ pose: 0, tool: 0, minutes: 1 })], ready: () => false, prefersAfter: [] }
    expect(sequence({ ...toInput([]), items: [stuck] })).toBeNull()
  })
})
