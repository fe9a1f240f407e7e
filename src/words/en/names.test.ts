import { describe, expect, it } from 'vitest'
import { reduce, rungs } from '../../core/job'
import { Logbook } from '../../../tests/logbook'
import { NEWEST_FORM } from '../../core/build'
import { plan } from '../../core/planning'
import { demoMachines } from '../../demo/machines'
import { roleName, signNames } from './names'
import { pillOf } from './pill'

describe('names', () => {
  it('stand in a list as they are read aloud', () => expect(signNames(['wet', 'hot'])).toBe('wet, hot'))
  it('of a role are its own; one that nobody knows is shown as it is', () => {
    expect([roleName('front desk'), roleName('owner')]).toEqual(['front desk', 'owner'])
  })
})

describe('what lies between the limbs', () => {
  it('is wrong where two devices disagree on it, whatever else it is', () => {
    const book = new Logbook().open()
    book.adopt()
    const state = reduce('j', book.entries)
    const row = rungs(state, 'down').find((r) => (r.down?.fixings.length ?? 0) > 0)!
    const id = row.down!.fixings[0]!.id
    const disputed = { ...state, fixings: { ...state.fixings, [id]: { ...state.fixings[id]!, disputed: ['lost', 'cell'] } } }
    expect(pillOf(state, row)).toMatchObject({ look: 'on' })
    expect(pillOf(disputed as never, row)).toMatchObject({ look: 'wrong', words: expect.stringContaining('disputed') })
  })
  it.each([
    ['redshank', 'gearbox-goal', 'undo:left-wheel-nut', 'left-wheel-nut +2'],
    ['dunlin', 'front-motor-goal', 'off:front-wheel', 'front-wheel +2'],
  ])('names what a step is about, and counts what comes along: %s %s', (machine, goal, action, text) => {
    const file = demoMachines().find((f) => f.id === machine)!
    const found = plan(file, 'untouched', [goal], { variants: {} })
    if (!found.ok) throw new Error('no plan')
    const book = new Logbook(NEWEST_FORM)
    book.log('job-opened', { number: '1', machine: { name: file.name, file: file.id, revision: file.revision }, complaint: 'x' })
    book.log('plan-adopted', { plan: found.value, file: file.id, revision: file.revision, settings: reduce('j1', book.entries).settings })
    const state = reduce('j1', book.entries)
    const row = rungs(state, 'down').find((r) => r.down?.action === action)!
    expect(pillOf(state, row)!.text).toBe(text)
  })
})
