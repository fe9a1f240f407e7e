import { describe, expect, it } from 'vitest'
import { allOrders } from '../drive'
import { matched, type Plugged, type Shown, type Trial, type Way } from './wires'

const ORDERS = allOrders(120, 120)
/** What a way truly shows on a motor whose wires are really those of `motor`. */
function truth(motor: Way, { phases, halls }: Way): Shown {
  const of = (order: Plugged, real: Plugged): string => order.map((k) => real[k]).join('')
  const { torque } = ORDERS.find((o) => o.phases.join('') === of(phases, motor.phases) && o.hallOrder.join('') === of(halls, motor.halls))!
  return torque > 0.9 ? 'right' : torque < -0.9 ? 'backward' : Math.abs(torque) > 0.2 ? 'rough' : 'stands'
}
const motors: readonly Way[] = ORDERS.map((o) => ({ phases: o.phases, halls: o.hallOrder }))

function run(motor: Way, alike: boolean, wrongAt = -1): readonly Trial[] {
  const trials: Trial[] = []
  for (let n = 0; n < 36; n++) {
    const { next, chance } = matched(trials, alike)
    if (!next) break
    expect(chance).toBeGreaterThan(0)
    const shown = n === wrongAt ? 'stands' : truth(motor, next)
    trials.push({ ...next, shown })
  }
  return trials
}

describe('wires matched by trial', () => {
  it('begins with the colours as they are, and stops at the first that runs the right way', () => {
    const { next, chance } = matched([], true)
    expect(next).toEqual({ phases: [0, 1, 2], halls: [0, 1, 2] })
    expect(chance).toBeGreaterThan(0.5)
    expect(matched([{ ...next!, shown: 'right' }], true)).toMatchObject({ next: null, found: next })
  })
  it('finds every one of the 36 motors, and never tries a way twice', () => {
    for (const alike of [true, false])
      for (const motor of motors) {
        const trials = run(motor, alike)
        expect(trials.at(-1)!.shown).toBe('right')
        expect(new Set(trials.map((t) => `${t.phases.join('')} ${t.halls.join('')}`)).size).toBe(trials.length)
      }
  })
  it('takes a third of the trials of going through them one by one: each order runs right in three of 36', () => {
    const mean = motors.reduce((s, m) => s + run(m, false).length, 0) / motors.length
    // Blind, without putting any back: (36 + 1) / (3 + 1) trials to the first of three.
    expect(mean).toBeLessThan(37 / 4 / 1.8)
    expect(Math.max(...motors.map((m) => run(m, false).length))).toBeLessThanOrEqual(9)
  })
  it('gets over one trial that was told wrong', () => {
    const runs = motors.map((motor) => run(motor, false, 1))
    for (const trials of runs) {
      expect(trials.at(-1)!.shown).toBe('right')
      expect(new Set(trials.map((t) => `${t.phases.join('')} ${t.halls.join('')}`)).size).toBe(trials.length)
    }
    expect(runs.reduce((s, t) => s + t.length, 0) / runs.length).toBeLessThan(6)
  })
  it('says so where nothing explains what was told', () => {
    const trials: Trial[] = []
    for (let n = 0; n < 12; n++) trials.push({ ...matched(trials, false).next!, shown: 'stands' })
    expect(matched(trials, false).lost).toBe(true)
    expect(matched(run(motors[5]!, false).slice(0, 2), false).lost).toBe(false)
  })
})
