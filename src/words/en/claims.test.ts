import { describe, expect, it } from 'vitest'
import { claimWords } from './claims'

describe('what one of two devices says', () => {
  it.each([
    ['cell|A1', 'out, in A1'],
    ['cell', 'out'],
    ['lost', 'lost'],
    ['own hole', 'in its own hole'],
    ['final', 'final'],
    ['pass:started', 'started by hand'],
    ['done', 'done'],
    ['left', 'left on'],
    ['replaced|no. 7|b', 'replaced, no. 7|b'],
    ['constructor', 'constructor'],
    ['toString|x', 'toString, x'],
  ])('“%s” is “%s”', (claim, words) => expect(claimWords(claim).toLowerCase()).toBe(words.toLowerCase()))
})
