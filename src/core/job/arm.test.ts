import { expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { foreignMotors } from './arm'
import { reduce } from './index'

it('a part that is called by a word which every object answers to is no foreign motor', () => {
  const book = new Logbook().open()
  book.log('part-replaced', { part: 'constructor' })
  // As a page gets it: its records are plain objects.
  const state = JSON.parse(JSON.stringify(reduce('j1', book.entries))) as ReturnType<typeof reduce>
  expect(state.parts['constructor']).toMatchObject({ replaced: {} })
  expect(foreignMotors(state)).toEqual([])
})
