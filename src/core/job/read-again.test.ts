import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { shutFor, stateOf } from '../../../tests/shut'
import { NEWEST_FORM } from '../build'
import { checkStatus } from './index'

describe('a machine that was moved since it was shown dead', () => {
  const volts = (value: number) => ({ quantity: 'voltage', result: { is: 'value', value }, unit: 'V', live: false }) as const
  const shownDead = (): Logbook => {
    const book = new Logbook(NEWEST_FORM).open()
    book.ready(book.adopt('front-motor-goal'))
    book.log('power-changed', { to: 'isolated' })
    book.log('proof-taken', {
      instrument: { name: 'm' },
      readings: [
        { role: 'tester before', volts: 54 },
        { role: 'poles', volts: 0.1 },
      ],
    })
    return book
  }
  const PLUG = 'down:unplug:front-hall'

  it('up to 60 V wants one reading before the next plug, and no second one until it is moved again', () => {
    const book = shownDead()
    expect(shutFor(book, PLUG)).not.toContain('read again')
    book.log('pose-changed', { to: 'left-side', name: 'on its left side', people: 1 })
    expect(shutFor(book, PLUG)).toContain('read again')
    expect(stateOf(book).power.proof?.ended).toBeUndefined()
    book.log('reading-taken', volts(6))
    expect(shutFor(book, PLUG)).toContain('read again')
    book.log('reading-taken', { ...volts(0), live: true })
    expect(shutFor(book, PLUG)).toContain('read again')
    book.log('reading-taken', volts(5))
    expect(shutFor(book, PLUG)).not.toContain('read again')
    book.log('pose-changed', { to: 'upright', name: 'upright', people: 1 })
    expect(shutFor(book, PLUG)).toContain('read again')
    // Shown dead anew: nothing was moved since.
    book.log('proof-taken', {
      instrument: { name: 'm' },
      readings: [
        { role: 'tester before', volts: 54 },
        { role: 'poles', volts: 0.1 },
      ],
    })
    expect(shutFor(book, PLUG)).not.toContain('read again')
  })

  it('binds no screw, nothing on the way up, and is gone with the proof', () => {
    const book = shownDead()
    book.log('pose-changed', { to: 'left-side', name: 'on its left side', people: 1 })
    expect(shutFor(book, 'down:undo:deck-screws')).not.toContain('read again')
    for (const step of stateOf(book).up) expect(shutFor(book, step.id)).not.toContain('read again')
    book.log('power-changed', { to: 'live' })
    expect(checkStatus(stateOf(book), 'read again', 0).open).toBe(true)
  })
})
