import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Guard, holds, settled } from './index'

const IDS = ['a', 'b', 'c']
const fact = fc.constantFrom(...IDS).map((of): Guard => ({ fact: 'off', of }))
const variant = fc.constantFrom('x', 'y').map((is): Guard => ({ variant: 'v', is }))
const { guard } = fc.letrec<{ guard: Guard }>((tie) => ({
  guard: fc.oneof(
    { depthSize: 'small' },
    fact,
    variant,
    fact.map((not): Guard => ({ not })),
    variant.map((not): Guard => ({ not })),
    fc.array(tie('guard'), { maxLength: 3 }).map((all): Guard => ({ all })),
    fc.array(tie('guard'), { maxLength: 3 }).map((any): Guard => ({ any })),
  ),
}))
const sets = Array.from({ length: 8 }, (_, n) => new Set(IDS.filter((_id, i) => n & (1 << i))))

/** Lists of a sort directly within one of the same sort, and lists of one. */
const longer = (g: Guard): readonly Guard[] => {
  const list = 'all' in g ? g.all : 'any' in g ? g.any : []
  const loose = list.filter(
    (x) => ('all' in g ? 'all' in x : 'any' in x) || ('all' in x && x.all.length === 0) || ('any' in x && x.any.length === 0),
  )
  return [...(list.length === 1 ? [g] : []), ...loose, ...list.flatMap(longer)]
}

describe('a guard with its variants decided', () => {
  it('holds exactly when the guard did, whatever is off, and has nothing in it that says nothing', () => {
    fc.assert(
      fc.property(guard, fc.constantFrom('x', 'y', 'z'), (g, v) => {
        const short = settled(g, { v })
        for (const off of sets) {
          const has = (f: { readonly of: string }): boolean => off.has(f.of)
          expect(holds(short, has, {})).toBe(holds(g, has, { v }))
        }
        expect(longer(short)).toEqual([])
        expect(JSON.stringify(short)).not.toContain('variant')
      }),
      { numRuns: 500 },
    )
  })
})
