import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { catalogueOf, LIFE, weigh, YOUNG } from './index'

const hub = catalogueOf('hub direct', 58.8)
const motor = hub.actions.find((a) => a.id === 'motor')!
const controller = hub.actions.find((a) => a.id === 'controller')!
const of = (over: Partial<Parameters<typeof weigh>[1]>) =>
  weigh(motor, { fault: 'hall-wire', kilometres: 2000, partPrice: 180, hourPrice: 60, ...over })

describe('swap, mend or leave', () => {
  it('adds work and parts, and spreads them over the kilometres to come', () => {
    const [swap, mend] = of({}).ways
    expect(swap).toMatchObject({ kind: 'swap', cost: 95 + 180, lasts: LIFE, perThousand: ((95 + 180) / LIFE) * 1000 })
    expect(mend).toMatchObject({ kind: 'mend', cost: 140 + 18, lasts: 0.7 * LIFE })
  })
  it('mends a motor with life in it when a new one is dear, swaps one that is worn out', () => {
    expect(of({ partPrice: 600 }).best.kind).toBe('mend')
    expect(of({ partPrice: 60 }).best.kind).toBe('swap')
    expect(of({ partPrice: 600, kilometres: LIFE - 200 })).toMatchObject({ best: { kind: 'swap' }, reason: 'worn out' })
  })
  it('sends a young one to its maker before anything is opened', () =>
    expect(of({ kilometres: YOUNG - 1, partPrice: 900 })).toMatchObject({ best: { kind: 'swap' }, reason: 'young' }))
  it('leaves a worn bearing that still runs, and never a broken Hall wire or a shorted bridge', () => {
    expect(of({ fault: 'bearing' })).toMatchObject({ best: { kind: 'leave' }, reason: 'still runs' })
    expect(of({ fault: 'hall-wire' }).ways.find((w) => w.kind === 'leave')).toMatchObject({ lasts: 0, perThousand: Infinity })
    expect(weigh(controller, { fault: 'bridge', kilometres: 5000, partPrice: 90, hourPrice: 60 })).toMatchObject({
      best: { kind: 'swap' },
      reason: 'never left',
    })
  })
  it('takes the plan’s minutes where there is one', () => expect(of({ minutes: 123 }).ways[0]!.cost).toBeCloseTo(123 + 180, 9))
  it('has the best at or below every other for its kilometres, past the young ones', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: YOUNG, max: 20_000 }),
        fc.integer({ min: 0, max: 2000 }),
        fc.integer({ min: 1, max: 200 }),
        fc.constantFrom('hall-wire', 'bearing', 'winding'),
        (kilometres, partPrice, hourPrice, fault) => {
          const { ways, best } = of({ kilometres, partPrice, hourPrice, fault })
          for (const w of ways) expect(best.perThousand).toBeLessThanOrEqual(w.perThousand)
        },
      ),
    )
  })
  it.each([-1, Number.NaN, Infinity])('refuses %d kilometres', (kilometres) => expect(() => of({ kilometres })).toThrow(RangeError))
})
