import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { NEWEST_FORM } from '../build'
import { type Bodies, carriedTo, isOpened, type JobState, type Kind, reduce } from './index'

const state = (book: Logbook): JobState => reduce('j1', book.entries)
const to = <K extends Kind>(s: JobState, kind: K, body: Bodies[K]) => carriedTo(s, { kind, body })

describe('where what is logged carries a job', () => {
  const book = new Logbook(NEWEST_FORM).open()
  const plan = book.adopt('front-motor-goal')
  const [compare, motor] = plan.swap
  const ride = { rungs: ['push'], outcome: 'passed' } as const
  it('not from the door, nor by a step of the stage it is at', () => {
    expect(to(state(book), 'step-done', { step: compare!.id })).toBeNull()
    book.log('stage-moved', { to: 'take down' })
    expect(to(state(book), 'step-done', { step: plan.down.steps[0]!.id })).toBeNull()
    expect(to(state(book), 'ride-added', ride)).toBeNull()
  })
  it('to the swap by its first step, and no further while one of its steps is open', () => {
    expect(to(state(book), 'step-done', { step: compare!.id })).toBe('swap')
    book.log('stage-moved', { to: 'swap' })
    book.log('step-done', { step: compare!.id })
    expect(to(state(book), 'part-replaced', { part: 'front-motor', step: motor!.id })).toBeNull()
    expect(to(state(book), 'step-done', { step: plan.up.steps[0]!.id })).toBeNull()
    book.log('part-replaced', { part: 'front-motor', step: motor!.id })
  })
  it('then to the way up by its first return or turn, not by a step down, a note or a reading', () => {
    expect(to(state(book), 'step-done', { step: plan.up.steps[0]!.id })).toBe('build up')
    expect(to(state(book), 'pose-changed', { to: 'upright', name: '', people: 1 })).toBe('build up')
    expect(to(state(book), 'step-done', { step: plan.down.steps[0]!.id })).toBeNull()
    expect(to(state(book), 'note-added', { text: 'x' })).toBeNull()
    expect(to(state(book), 'fixing-out', { members: ['deck-screw-1'], to: 'cell', cell: 'A1' })).toBeNull()
    expect(to(state(book), 'check-passed', { check: 'qualified', shown: 'answers for it' })).toBeNull()
  })
  it('and to the proof by a ride', () => {
    book.log('stage-moved', { to: 'build up' })
    expect(to(state(book), 'ride-added', ride)).toBe('prove')
    book.log('stage-moved', { to: 'prove' })
    expect(to(state(book), 'ride-added', ride)).toBeNull()
  })
})

describe('opened', () => {
  it('is what lies open, loose or begun; power alone is not', () => {
    const book = new Logbook(NEWEST_FORM).open()
    book.adopt('inspect')
    expect(isOpened(state(book))).toBe(false)
    book.log('power-changed', { to: 'isolated' })
    expect(isOpened(state(book))).toBe(false)
    book.log('step-done', { step: 'down:off:deck-lid' })
    expect(isOpened(state(book))).toBe(true)
    book.log('step-done', { step: 'up:off:deck-lid' })
    expect(isOpened(state(book))).toBe(false)
    book.log('step-done', { step: 'up:undo:deck-screws', pass: 'started' })
    expect(isOpened(state(book))).toBe(true)
  })
})
