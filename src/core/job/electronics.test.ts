import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { shutFor, stateOf } from '../../../tests/shut'
import { NEWEST_FORM } from '../build'
import type { Opened } from '../machine'
import { mayBePaired, withSettings } from './electronics'
import { checkStatus, rideShut, rollOut, rolled } from './index'

describe('electronics have settings', () => {
  const controller = (): Logbook => {
    const book = new Logbook(NEWEST_FORM).open()
    const plan = book.adopt('front-controller-goal')
    book.log('pack-checked', { result: 'sound', signs: [] })
    expect(plan.swap.some((s) => s.opens?.includes('controller'))).toBe(true)
    return book
  }
  const first = (book: Logbook) => shutFor(book, stateOf(book).down.find((s) => s.number !== undefined)!.id)

  it('are read, and pairing asked, before anything is undone; a motor alone is not asked', () => {
    const book = controller()
    expect(first(book)).toContain('settings read')
    book.log('settings-noted', { part: 'front-controller', of: 'old', rows: [], paired: 'free' })
    expect(checkStatus(stateOf(book), 'settings read', 0).missing).toEqual([{ is: 'settings', name: expect.any(String), wants: 'old' }])
    book.log('settings-noted', { part: 'front-controller', of: 'old', rows: [], cannot: 'dead' })
    expect(first(book)).not.toContain('settings read')
    const motor = new Logbook(NEWEST_FORM).open()
    motor.ready(motor.adopt('front-motor-goal'))
    expect(first(motor)).not.toContain('settings read')
  })

  it('are asked of a display as of a controller, and a pack is only asked what it is tied to', () => {
    const swap = (opens: Opened[]) => [{ id: 's', title: 's', part: 'p', opens, minutes: { low: 1, likely: 1, high: 1 } }] as never
    expect(withSettings({ swap: swap(['display', 'plug']) })).toHaveLength(1)
    expect(mayBePaired({ swap: swap(['display', 'plug']) })).toHaveLength(1)
    expect(withSettings({ swap: swap(['pack']) })).toHaveLength(0)
    expect(mayBePaired({ swap: swap(['pack']) })).toHaveLength(1)
    expect(mayBePaired({ swap: swap(['motor', 'plug']) })).toHaveLength(0)
  })

  it('are made in the new one before the ride, and its speed is proved by rolling', () => {
    const book = controller()
    book.log('part-replaced', { part: 'front-controller', newSerial: 'x' })
    const wants = () => checkStatus(stateOf(book), 'settings made', 0).missing.map((m) => (m.is === 'settings' ? m.wants : m.is))
    expect(rideShut(stateOf(book), 'gentle', 0).map((s) => s.check)).toContain('settings made')
    expect(rideShut(stateOf(book), 'wheel off the ground', 0).map((s) => s.check)).not.toContain('settings made')
    expect(wants()).toEqual(['new'])
    book.log('settings-noted', { part: 'front-controller', of: 'new', rows: [{ setting: 'wheel size', value: 700 }] })
    expect(wants()).toEqual(['rolled'])
    book.log('settings-noted', { part: 'front-controller', of: 'new', rows: [], roll: { turns: 3, metres: 2.4 } })
    // Three turns on 2.4 m are 800 mm once round; 700 shows 12.5 % too little.
    expect(rolled(stateOf(book), 'front-controller')).toMatchObject({ round: 800, right: false })
    expect(wants()).toEqual(['right'])
    // That some of them cannot be read takes nothing from what was set.
    book.log('settings-noted', {
      part: 'front-controller',
      of: 'new',
      rows: [{ setting: 'wheel size', value: 700 }],
      cannot: 'no firmware shown',
    })
    expect(wants()).toEqual(['right'])
    book.log('settings-noted', { part: 'front-controller', of: 'new', rows: [{ setting: 'wheel size', value: 798 }] })
    expect(wants()).toEqual([])
    expect(rideShut(stateOf(book), 'gentle', 0).map((s) => s.check)).not.toContain('settings made')
  })

  it('show a speed that is off by as much as the wheel size; three parts in a hundred are right', () => {
    expect(rollOut(824, { turns: 1, metres: 0.8 })).toMatchObject({ right: true, off: expect.closeTo(0.03, 9) as number })
    expect(rollOut(825, { turns: 1, metres: 0.8 }).right).toBe(false)
    expect(rollOut(776, { turns: 1, metres: 0.8 }).right).toBe(true)
    expect(rollOut(775, { turns: 1, metres: 0.8 }).right).toBe(false)
    expect(rollOut(1600, { turns: 2, metres: 3.2 }).off).toBeCloseTo(0, 9)
  })
})
