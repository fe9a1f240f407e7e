import { said } from '../../../tests/said'
import { describe, expect, it } from 'vitest'
import { dunlin } from '../../demo/machines/dunlin'
import { Logbook } from '../../../tests/logbook'
import { planOnce } from '../planning/plan-once'
import { expectedDone, type JobState, looseCount, presentStep, reduce, startOf, tally, waitingFor } from './index'

const file = dunlin()
const variants = { 'lid-edge': 'dry' }

/** Goes in to look at the plugs, changes the job to a new front motor after `steps`, and goes on to the top. */
function changedAfter(steps: number) {
  const book = new Logbook().open()
  const now = (): JobState => reduce('j1', book.entries)
  const waits: string[] = []
  const does = (limb: 'down' | 'up', most = Infinity): void => {
    for (let n = 0; n < most; n++) {
      const state = now()
      const step = presentStep(state, limb, state.lastAt)
      if (!step) return
      if (step.check === 'spin test') book.wait(30).log('note-added', { text: 'waited for the locker' })
      waits.push(...said(waitingFor(now(), step, now().lastAt), now()).map((w) => `${step.id}: ${w}`))
      if (step.check === 'dead')
        book.log('proof-taken', { instrument: { name: 'meter 3' }, readings: [{ between: 'front feed', volts: 0.2 }] })
      if (step.check && limb === 'up') book.log('check-passed', { check: step.check as never, evidence: 'looked', step: step.id })
      else book.log('step-done', expectedDone(state, step))
    }
  }
  book.ready(book.adopt('inspect', variants))
  does('down', steps)
  const state = now()
  const second = planOnce(file, startOf(state, file), ['front-motor-goal'], { variants })
  if (!second.ok) throw new Error(second.error.kind)
  book.log('plan-adopted', {
    plan: second.value,
    file: 'dunlin',
    revision: '2026-03',
    settings: state.settings,
    reason: 'the motor is to come out',
  })
  if (steps < 6)
    expect(waitingFor(now(), presentStep(now(), 'down', now().lastAt)!, now().lastAt)).toContainEqual({
      is: 'check',
      check: 'replacement matches',
    })
  book.ready(second.value)
  does('down')
  const bottom = now()
  for (const s of second.value.swap)
    if (s.part) book.log('part-replaced', { part: s.part.id, step: s.id })
    else book.log('step-done', { step: s.id })
  does('up')
  return { bottom, top: now(), waits }
}

describe('another job, chosen half-way down', () => {
  it.each([0, 1, 2, 3, 4, 5, 6])('after %i steps still gets everything out, into cells of its own, and everything back', (steps) => {
    const { bottom, top, waits } = changedAfter(steps)
    expect(waits).toEqual([])
    const sizes = new Map<string, Set<string>>()
    for (const f of Object.values(bottom.fixings))
      if (f.condition === 'cell') sizes.set(f.where!, (sizes.get(f.where!) ?? new Set()).add(`${f.joint} ${f.label}`))
    for (const [cell, held] of sizes) expect([...held], cell).toHaveLength(1)
    expect(looseCount(top)).toEqual({ fixings: 0, parts: 0 })
    expect(tally(top)).toMatchObject({ open: 0, balanced: true, removed: tally(changedAfter(0).top).removed })
    expect(top.power.state).toBe('live')
  })
})
