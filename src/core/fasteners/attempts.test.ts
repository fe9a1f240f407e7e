import { describe, expect, it } from 'vitest'
import { ATTEMPTS, type Attempt, attemptsFor, COOLS_IN, hotFor, nextAttempt } from './attempts'

describe('a fixing that does not let go', () => {
  it('is met with one thing after the other, none twice, and force never before what is gentler', () => {
    for (const locked of [false, true]) {
      const tried: Attempt[] = []
      for (let way = nextAttempt(tried, locked); way; way = nextAttempt(tried, locked)) tried.push({ way })
      expect(tried.map((t) => t.way)).toEqual(attemptsFor(locked))
      expect(new Set(tried.map((t) => t.way)).size).toBe(tried.length)
      expect(tried.at(-1)!.way).toBe('give over')
    }
    expect(ATTEMPTS.indexOf('tap')).toBeLessThan(ATTEMPTS.indexOf('lever'))
  })
  it('is warmed before it is levered where a strong locker holds it', () => {
    expect(nextAttempt([{ way: 'clean' }], true)).toBe('warm')
    expect(nextAttempt([{ way: 'clean' }], false)).toBe('soak')
  })
  it('is left alone once given over, whatever was not tried', () => expect(nextAttempt([{ way: 'give over' }], false)).toBeNull())
  it('is hot for a while after it was warmed, by the latest time', () => {
    expect(hotFor([])).toBe(0)
    expect(hotFor([{ way: 'soak', since: 1 }])).toBe(0)
    expect(
      hotFor([
        { way: 'warm', since: COOLS_IN + 30 },
        { way: 'warm', since: 5 },
      ]),
    ).toBe(COOLS_IN - 5)
    expect(hotFor([{ way: 'warm', since: COOLS_IN + 1 }])).toBe(0)
  })
})
