import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { curesAt, outcomeWith, passOf, passOutcome, readOutcome } from './outcomes'

describe('outcomes of claims', () => {
  it('are read as they were written, whatever the detail holds', () =>
    fc.assert(
      fc.property(fc.constantFrom('cell', 'pose-1', 'cures'), fc.string(), (outcome, detail) => {
        expect(readOutcome(outcomeWith(outcome, detail))).toEqual({ outcome, detail })
        expect(readOutcome(outcomeWith(outcome))).toEqual({ outcome })
      }),
      { seed: 4108 },
    ))
  it('stay as journals hold them', () => {
    expect([outcomeWith('cell', 'A1'), passOutcome('final'), curesAt(12)]).toEqual(['cell|A1', 'pass:final', 'cures|12'])
    expect([passOf('pass:seated'), passOf('done')]).toEqual(['seated', null])
  })
})
