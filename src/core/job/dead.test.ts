import { describe, expect, it } from 'vitest'
import { checkStatus, deadAt, emptyState, type JobState, type PowerState } from './index'

const proof = { entry: 'e', by: 'ines', at: 0, readings: [], of: { full: 36 }, instrument: { name: 'm' }, dead: true, lasts: 60, from: 0 }
const isolated: PowerState = { state: 'isolated', proof }

describe('shown to be dead', () => {
  it.each([
    ['isolated and proved', isolated, true],
    ['two devices disagree on the power', { ...isolated, disputed: ['live', 'isolated'] }, false],
    ['the pack out', { ...isolated, state: 'out' }, true],
    ['live', { ...isolated, state: 'live' }, false],
    ['never proved', { state: 'isolated' }, false],
    ['a proof that showed a voltage', { state: 'isolated', proof: { ...proof, dead: false } }, false],
    ['a proof that ended', { state: 'isolated', proof: { ...proof, ended: 'reconnected' } }, false],
  ] as readonly (readonly [string, PowerState, boolean])[])('%s: %s', (_, power, dead) => expect(deadAt(power, 59 * 60_000)).toBe(dead))
  it('lapses with its time while the pack is aboard, and not once it is out', () => {
    expect(deadAt(isolated, 60 * 60_000)).toBe(false)
    expect(deadAt({ ...isolated, state: 'out' }, 60 * 60_000)).toBe(true)
  })
})

it('a check that one device passed and another did not is open, whichever came last', () => {
  const mark = { entry: 'e', by: 'ines', at: 0 }
  const state: JobState = {
    ...emptyState('j'),
    checks: { brakes: { passed: { ...mark, evidence: 'firm' }, disputed: ['failed', 'passed'] } },
  }
  expect(checkStatus(state, 'brakes', 0)).toEqual({ check: 'brakes', open: false, missing: [{ is: 'disputed' }] })
})
