import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { shutFor, stateOf } from '../../../tests/shut'
import { NEWEST_FORM } from '../build'
import { insulationSince, saltMissing, stageMissing, type JobState } from './index'

describe('after salt water', () => {
  const wants = (s: JobState): readonly string[] => saltMissing(s).flatMap((m) => (m.is === 'salt' ? [m.wants] : []))
  const megohms = (value: number, is: 'value' | 'over' = 'value') =>
    ({
      quantity: 'resistance',
      result: is === 'over' ? { is, limit: value } : { is, value },
      unit: 'Mohm',
      mode: 'insulation',
      live: false,
    }) as const

  it('comes rinse, dry, insulation, and only then power', () => {
    const book = new Logbook(NEWEST_FORM).open()
    book.ready(book.adopt('front-motor-goal'))
    expect(wants(stateOf(book))).toEqual([])
    book.log('reading-taken', megohms(500))
    book.log('salt-water', { is: 'was in' })
    const on = stateOf(book).up.find((s) => s.power === 'live')!
    expect(shutFor(book, on.id)).toContain('salt water')
    expect(wants(stateOf(book))).toEqual(['rinsed', 'dried', 'insulation'])
    // Dried without a rinse: the salt is still in it.
    book.log('salt-water', { is: 'dried', hours: 24 })
    expect(wants(stateOf(book))).toEqual(['rinsed', 'dried', 'insulation'])
    book.log('salt-water', { is: 'rinsed' })
    expect(wants(stateOf(book))).toEqual(['dried', 'insulation'])
    book.log('reading-taken', megohms(500))
    expect(wants(stateOf(book))).toEqual(['dried', 'insulation'])
    book.log('salt-water', { is: 'dried', hours: 24 })
    expect(wants(stateOf(book))).toEqual(['insulation'])
    book.log('reading-taken', megohms(19.9))
    expect(wants(stateOf(book))).toEqual(['drier'])
    expect(stageMissing(stateOf(book), 'handed back', 0)).toContainEqual({ is: 'check', check: 'salt water' })
    book.log('reading-taken', megohms(20))
    expect(wants(stateOf(book))).toEqual([])
    expect(shutFor(book, on.id)).not.toContain('salt water')
    // Wet again: all of it again.
    book.log('salt-water', { is: 'was in' })
    expect(wants(stateOf(book))).toEqual(['rinsed', 'dried', 'insulation'])
  })

  it('above 60 V wants more, and over its range counts as the end of the range', () => {
    const book = new Logbook(NEWEST_FORM)
    book.log('job-opened', { number: '1', machine: { name: 'x', fullVolts: 350, class: 'tractor' }, complaint: 'wet' })
    for (const is of ['was in', 'rinsed', 'dried'] as const) book.log('salt-water', { is })
    book.log('reading-taken', megohms(50, 'over'))
    expect(wants(stateOf(book))).toEqual(['drier'])
    book.log('reading-taken', megohms(100, 'over'))
    expect(wants(stateOf(book))).toEqual([])
    expect(insulationSince(stateOf(book), 0)).toBe(100)
  })

  it('in whatever order it is written, is never over before rinse, dry and a reading stand in that order', () => {
    const act = fc.constantFrom('was in', 'rinsed', 'dried', 'read')
    fc.assert(
      fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
        const book = new Logbook(NEWEST_FORM).open()
        for (const a of acts) a === 'read' ? book.log('reading-taken', megohms(200)) : book.log('salt-water', { is: a })
        const wet = acts.lastIndexOf('was in')
        const rinsed = acts.lastIndexOf('rinsed')
        const dried = acts.lastIndexOf('dried')
        const inOrder = rinsed > wet && dried > rinsed && acts.lastIndexOf('read') > dried
        expect(wants(stateOf(book)).length === 0).toBe(wet < 0 || inOrder)
      }),
    )
  })
})
