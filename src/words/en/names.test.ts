import { describe, expect, it } from 'vitest'
import { conversionOf, inWords, reduce, rungs } from '../../core/job'
import { Logbook } from '../../../tests/logbook'
import { NEWEST_FORM } from '../../core/build'
import { plan, wordingOf } from '../../core/planning'
import { demoMachines } from '../../demo/machines'
import { roleName, signNames } from './names'
import { pillOf, setText } from './pill'

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
  it('names a set of two lengths by both, as they are now', () => {
    expect(setText(['M5×12'])).toBe('M5×12')
    expect(setText(['M8×20', 'M8×35', 'M8×20'])).toBe('3 × M8×20/35')
    expect(setText(['M8×20', 'M6×20', 'M8×20'])).toBe('2 × M8×20, M6×20')
    expect(setText(['tab', 'flat', 'flat'])).toBe('tab, 2 × flat')
    const file = demoMachines().find((f) => f.id === 'godwit')!
    const found = plan(file, 'untouched', ['motor-goal'], { variants: {} })
    if (!found.ok) throw new Error('no plan')
    const book = new Logbook(NEWEST_FORM)
    book.log('job-opened', { number: '1', machine: { name: file.name, file: file.id, revision: file.revision }, complaint: 'x' })
    book.log('plan-adopted', { plan: found.value, file: file.id, revision: file.revision, settings: reduce('j1', book.entries).settings })
    const said = (): string => {
      const state = reduce('j1', book.entries)
      const worded = inWords(state, wordingOf(file, ['motor-goal']))
      return pillOf(
        worded,
        rungs(worded, 'down').find((r) => r.down?.action === 'undo:motor-bolts')!,
      )!.text
    }
    expect(said()).toBe('3 × M8×20/35')
    book.log('width-converted', conversionOf(file, file.widths![0]!, 'shell-100', 'shell-120'))
    expect(said()).toBe('3 × M8×30/45')
  })
})
