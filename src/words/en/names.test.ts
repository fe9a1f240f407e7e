import { describe, expect, it } from 'vitest'
import { reduce, rungs } from '../../core/job'
import { Logbook } from '../../../tests/logbook'
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
})
