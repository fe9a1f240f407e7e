import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { FACTS } from './guard-types'
import { actionId, factKey, limbOf, offOf, poseWish, readAction, readFact, stepId, subjectOf, wishedPose } from './ids'

const id = fc.string({ minLength: 1, maxLength: 20 })

describe('ids of actions, facts and steps', () => {
  it('are read as they were written, whatever is in the id', () =>
    fc.assert(
      fc.property(fc.constantFrom('undo', 'off', 'unplug', 'step'), fc.constantFrom(...FACTS), id, (word, fact, of) => {
        expect(readAction(actionId(word, of))).toEqual({ word, of })
        expect(subjectOf(actionId(word, of))).toBe(of)
        expect(readFact(factKey({ fact, of }))).toEqual({ fact, of })
        expect(offOf(factKey({ fact, of }))).toBe(fact === 'off' ? of : null)
        expect(limbOf(stepId('up', of))).toBe('up')
        expect(wishedPose(poseWish(of))).toBe(of)
      }),
      { seed: 4108 },
    ))
  it.each(['', 'undo', 'undo:', ':x', 'undoing:x', 'off deck-lid', 'n1'])('“%s” is no action', (x) => {
    expect(readAction(x)).toBeNull()
    expect(subjectOf(x)).toBe(x)
  })
  it.each(['', 'off', 'off ', ' x', 'offline x', 'undo:x'])('“%s” is no fact', (x) => expect(readFact(x)).toBeNull())
  it('a swap is on no limb, a step is wished for by no pose', () => {
    expect(limbOf('swap:1:motor')).toBeNull()
    expect(wishedPose('undo:lid')).toBeNull()
  })
})
