import { describe, expect, it } from 'vitest'
import { dunlin } from '../../demo/machines/dunlin'
import type { Guard, Mode } from '../machine'
import { cheapestOrder, type Item, upItems } from './order'
import { plan } from './plan'
import { secondPerson } from './tools-and-people'
import type { PlannedStep } from './types'
import type { UpAction } from './way-up'

const mode = (people: 1 | 2, likely: number): Mode => ({ poses: ['p'], tool: null, people, minutes: { low: likely, likely, high: likely } })
const item = (id: string, ...modes: Mode[]): Item => ({
  id,
  modes,
  needs: true,
  standing: new Map(),
  ways: new Map(),
  notAfter: [],
  ratherNotAfter: [],
})
const AS_IT_IS = { early: () => false, near: () => 0 }
const setting = {
  poses: ['p'],
  tools: [],
  pose: 'p',
  tool: null,
  turns: { path: () => [], cost: () => 0 } as never,
  prices: { swap: 0.25, againstPreference: 0.5 },
  limits: {},
}

describe('what an order costs', () => {
  it('counts people: ten minutes alone are less than six for two', () => {
    const found = cheapestOrder([item('lift', mode(2, 6), mode(1, 10))], { all: [] }, AS_IT_IS, setting)
    const wanted = cheapestOrder([item('lift', mode(2, 6), mode(1, 10))], { done: [0] }, AS_IT_IS, setting)
    expect(found?.placed).toEqual([])
    expect(wanted).toMatchObject({ cost: 10, placed: [{ mode: { people: 1 } }] })
    expect(cheapestOrder([item('lift', mode(2, 4), mode(1, 10))], { done: [0] }, AS_IT_IS, setting)).toMatchObject({ cost: 8 })
  })
})

describe('on the way up', () => {
  const up = (id: string, gives: readonly string[], after: readonly string[], guard?: Guard): UpAction =>
    ({
      id,
      action: { id },
      doing: { title: id, modes: [mode(1, 1)], ...(guard ? { guard } : {}) },
      answers: { id, gives },
      after,
      ratherBefore: [],
    }) as unknown as UpAction
  it('what two things make so is so until both are back', () => {
    const seen: Guard = { fact: 'exposed', of: 'screw' }
    const ups = [up('a', ['exposed screw'], []), up('screw', [], ['a'], seen), up('b', ['exposed screw'], [])]
    const { items, goal } = upItems(dunlin(), ups, {}, new Set(['exposed screw']))
    const order = cheapestOrder(items, goal, AS_IT_IS, setting)?.placed.map((p) => ups[p.index]!.id)
    expect(order).toEqual(['a', 'screw', 'b'])
    // One alone is not enough where it has to be back before.
    const alone = upItems(dunlin(), ups.slice(0, 2), {}, new Set(['exposed screw']))
    expect(cheapestOrder(alone.items, alone.goal, AS_IT_IS, setting)).toBeNull()
  })
})

describe('when a second person is wanted', () => {
  const step = (people: 1 | 2, likely: number, title: string): PlannedStep =>
    ({ people, minutes: { low: likely, likely, high: likely }, title }) as PlannedStep
  it('two lifts with less than five minutes between them are one call, with more two', () => {
    const near = secondPerson([step(1, 10, 'a'), step(2, 3, 'up'), step(1, 4, 'b'), step(2, 2, 'down')])
    expect(near).toEqual([{ from: 10, minutes: 9, titles: ['up', 'down'] }])
    const far = secondPerson([step(2, 3, 'up'), step(1, 6, 'b'), step(2, 2, 'down')])
    expect(far.map((l) => [l.from, l.minutes])).toEqual([
      [0, 3],
      [9, 2],
    ])
  })
})

describe('what a plan makes of the power', () => {
  it('the plug isolates, the pack taken out is out; on the way back it is isolated, then live', () => {
    const found = plan(dunlin(), 'untouched', ['front-motor-goal'], { variants: {} })
    if (!found.ok) throw new Error(found.error.kind)
    const powers = (limb: 'down' | 'up') => found.value[limb].steps.flatMap((s) => (s.power ? [s.power] : []))
    expect(powers('down')).toEqual(['isolated', 'out'])
    expect(powers('up')).toEqual(['isolated', 'live'])
  })
})
