import { describe, expect, it } from 'vitest'
import { type Attempt, ATTEMPTS, attemptsFor, COOLS_IN, heatFaults, hotFor, LETS_GO, NEAR_BEARS, nextAttempt, STUCK } from './attempts'

describe('what does not let go', () => {
  it.each(STUCK)('%s: is met with one thing after the other, none twice, and given over last', (on) => {
    const tried: Attempt[] = []
    for (let way = nextAttempt(tried, on); way; way = nextAttempt(tried, on)) tried.push({ way, on })
    expect(tried.map((t) => t.way)).toEqual(attemptsFor(on))
    expect(new Set(tried.map((t) => t.way)).size).toBe(tried.length)
    expect(tried.at(-1)!.way).toBe('give over')
  })
  it('never meets force before what is gentler', () => {
    const before = (on: (typeof STUCK)[number], gentle: string, hard: string): void => {
      const ways: readonly string[] = attemptsFor(on)
      expect(ways.indexOf(gentle), `${on}: ${gentle}`).toBeGreaterThanOrEqual(0)
      expect(ways.indexOf(gentle), `${on}: ${gentle}`).toBeLessThan(ways.indexOf(hard))
    }
    before('turned', 'tap', 'lever')
    before('turned', 'soak', 'warm')
    before('locked', 'warm', 'lever')
    before('plug', 'find the catch', 'rock')
    before('washer', 'soak', 'turn it')
    before('wheel', 'look for what holds', 'tap')
    before('cover', 'count again', 'pry at a corner')
    before('press fit', 'soak', 'pull straight')
    before('broken', 'grip what stands out', 'drill left-hand')
    before('torn thread', 'chase it', 'insert')
    expect(attemptsFor('locked')).not.toContain('tap')
    expect(attemptsFor('plug')).not.toContain('lever')
  })
  it('is left alone once given over, whatever was not tried', () => expect(nextAttempt([{ way: 'give over' }], 'turned')).toBeNull())
  it('begins anew where a screw broke that did not let go; tries of before there were kinds were on what is turned', () => {
    expect(nextAttempt([{ way: 'clean' }, { way: 'give over', on: 'turned' }], 'broken')).toBe('grip what stands out')
    expect(nextAttempt([{ way: 'clean' }], 'locked')).toBe('warm')
    expect(nextAttempt([{ way: 'clean', on: 'locked' }], 'turned')).toBe('soak')
    expect(nextAttempt([{ way: 'clean' }], 'washer')).toBe('clean')
  })
  it('has every way in some ladder once', () => expect(new Set(ATTEMPTS).size).toBe(ATTEMPTS.length))
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
  it.each([
    [{}, []],
    [{ celsius: LETS_GO.from, nearCelsius: NEAR_BEARS }, []],
    [{ celsius: LETS_GO.to }, []],
    [{ celsius: LETS_GO.from - 1 }, ['too cool']],
    [{ celsius: LETS_GO.to + 1, nearCelsius: NEAR_BEARS + 1 }, ['too hot', 'near too hot']],
  ] as const)('read at two places: %o', (read, faults) => expect(heatFaults(read)).toEqual(faults))
})
