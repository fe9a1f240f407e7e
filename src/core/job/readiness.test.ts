import { expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { isSettled, type JobState, reduce } from './index'

it('a step on which two devices disagree is not settled, whatever holds of it', () => {
  const book = new Logbook().open()
  book.adopt()
  const state = reduce('j1', book.entries)
  const step = state.down[0]!
  const as = (own: Partial<JobState['steps'][string]>): JobState => ({
    ...state,
    steps: { [step.id]: { status: 'done', differs: [], photos: [], notes: [], ...own } },
  })
  expect(isSettled(as({}), step)).toBe(true)
  expect(isSettled(as({ status: 'left' }), step)).toBe(true)
  expect(isSettled(as({ disputed: ['done', 'left'] }), step)).toBe(false)
})
