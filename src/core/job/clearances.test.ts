import { beforeEach, describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { NEWEST_FORM } from '../build'
import { demoMachines } from '../../demo/machines'
import { planOnce } from '../planning/plan-once'
import { checkStatus, clearancesMissing, type JobState, reduce } from './index'

describe('running clearances', () => {
  const file = demoMachines().find((f) => f.id === 'whimbrel')!
  const cogs = 'up:step:cog-clearance'
  let book: Logbook
  const now = (): JobState => reduce('j1', book.entries)
  const read = (least: number, most: number): unknown =>
    book.wait(1).log('check-passed', {
      check: 'running clearance',
      shown: 'the step',
      step: cogs,
      took: [
        { want: 'least', quantity: 'length', result: { is: 'value', value: least, u: 0.05 }, unit: 'mm', live: false },
        { want: 'most', quantity: 'length', result: { is: 'value', value: most, u: 0.05 }, unit: 'mm', live: false },
      ],
    })
  const off = (...ids: readonly string[]): void => ids.forEach((id) => book.log('step-done', { step: id }))
  beforeEach(() => {
    const found = planOnce(file, 'untouched', ['wheel-goal'], { variants: {} })
    if (!found.ok) throw new Error(found.error.kind)
    book = new Logbook(NEWEST_FORM)
    book.log('job-opened', {
      number: '1',
      machine: { name: file.name, file: file.id, revision: file.revision, fullVolts: 54.6 },
      complaint: 'x',
    })
    book.log('plan-adopted', { plan: found.value, file: file.id, revision: file.revision, settings: now().settings })
  })

  it('are of nothing while nothing that they hang on came off', () => {
    expect(clearancesMissing(now())).toEqual([])
    expect(checkStatus(now(), 'running clearance', now().lastAt).open).toBe(true)
  })
  it('are asked once the wheel was off, and are not passed outside their window', () => {
    off('down:undo:left-nut')
    expect(clearancesMissing(now())).toEqual([{ is: 'step', step: cogs }])
    read(1.2, 3)
    expect(clearancesMissing(now())).toEqual([{ is: 'step', step: cogs }])
    expect(now().flags).toContainEqual(expect.objectContaining({ kind: 'not measured', subject: cogs }))
    read(2.4, 3)
    expect(clearancesMissing(now())).toEqual([])
    expect(checkStatus(now(), 'running clearance', now().lastAt)).toMatchObject({ open: true, how: 'derived' })
  })
  it('fall open when a nut is touched, and once more after the first powered turn', () => {
    off('down:undo:left-nut')
    read(2.4, 3)
    book.wait(1).log('fixing-in', { members: ['left-nut-1'], pass: 'final', tightened: { is: 'felt', band: [30, 40] } })
    expect(clearancesMissing(now())).toEqual([{ is: 'touched', step: cogs }])
    read(2.4, 3)
    book.wait(1).log('check-passed', { check: 'spin test', shown: 'its list' })
    expect(clearancesMissing(now())).toEqual([{ is: 'clearance again', step: cogs }])
    // Where the file asks it once only, a powered turn opens nothing.
    const { up, ...rest } = now()
    expect(clearancesMissing({ ...rest, up: up.map(({ again: _, ...s }) => s) })).toEqual([])
    read(2.3, 3.1)
    expect(clearancesMissing(now())).toEqual([])
  })
})
