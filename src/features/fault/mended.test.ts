import { describe, expect, it } from 'vitest'
import type { JobState, Stage } from '../../core/job'
import { mendedOn } from './mended'

let at = 0
const move = (to: Stage, inEffect = true): JobState['moves'][number] => ({
  entry: `m${at}`,
  by: 'p',
  at: (at += 10),
  to,
  inEffect,
  missing: [],
})
const call = (id: string, over: object = {}): JobState['faults'][number] => ({
  entry: `f${at}`,
  by: 'p',
  at: (at += 10),
  id,
  drive: 'd',
  ...over,
})

describe('what was mended before it was looked at again', () => {
  it('is what was called before the job came back from building up, and nothing as long as it did not', () => {
    at = 0
    const [found, called, built] = [move('find the fault'), call('hall-plug'), move('build up')]
    expect(mendedOn({ faults: [called], moves: [found, built] }, 'd')).toBeNull()
    const back = move('find the fault')
    expect(mendedOn({ faults: [called], moves: [found, built, back] }, 'd')).toEqual({ since: back.at, faults: ['hall-plug'] })
    // Back without having built it up, or a move that was not let through, is no repair.
    expect(mendedOn({ faults: [called], moves: [found, back] }, 'd')).toBeNull()
    expect(mendedOn({ faults: [called], moves: [found, built, { ...back, inEffect: false }] }, 'd')).toBeNull()
    const second = call('hall-wire+phase-wire')
    expect(mendedOn({ faults: [called, second], moves: [found, built, back] }, 'd')?.faults).toEqual(['hall-plug'])
    const again = [move('prove'), move('find the fault')]
    expect(mendedOn({ faults: [called, second], moves: [found, built, back, ...again] }, 'd')).toEqual({
      since: again[1]!.at,
      faults: ['hall-plug', 'hall-wire', 'phase-wire'],
    })
  })

  it('is of this drive, and nothing that was left as it is or said in words alone', () => {
    at = 0
    const moves = (): JobState['moves'] => [move('build up'), move('find the fault')]
    const of = (...faults: JobState['faults']): readonly string[] | undefined => mendedOn({ faults, moves: moves() }, 'd')?.faults
    expect(of(call('a', { drive: 'other' }))).toBeUndefined()
    expect(of(call('a', { way: 'leave' }))).toBeUndefined()
    expect(of(call('a', { drive: undefined }))).toEqual(['a'])
    expect(of(call('a'), call('a'))).toEqual(['a'])
  })
})
