import { describe, expect, it } from 'vitest'
import { Logbook } from '../../tests/logbook'
import { NEWEST_FORM } from '../core/build'
import { reduce } from '../core/job'
import { writeReport } from './hand-back'

const page = (book: Logbook) => {
  const state = reduce('j1', book.entries)
  return writeReport(state, { nameOf: (p) => p, when: String, now: state.lastAt, shop: 'Slipway Works' })
}
const lines = (book: Logbook, id: string): readonly string[] => page(book).sections.find((s) => s.id === id)?.lines ?? []
const read = (book: Logbook, test: string, value: number): void =>
  void book.log('reading-taken', { test, drive: 'front-drive', quantity: 'voltage', result: { is: 'value', value }, unit: 'V', live: true })

/** A tyre job as far as its bottom, with a reading of before. */
function tyre(): Logbook {
  const book = new Logbook(NEWEST_FORM).open()
  read(book, 'pack-rest', 31)
  const plan = book.adopt('front-tyre-goal')
  book.log('step-done', { step: plan.down.steps.find((s) => s.opens?.includes('tyre'))!.id })
  book.log('part-replaced', { part: 'front-tyre', step: plan.swap[0]!.id })
  return book
}

describe('the page that goes home', () => {
  it('says whose it is, and first what became of the complaint', () => {
    const book = tyre()
    book.log('handed-back', { to: 'pool', complaint: 'still there' })
    expect(page(book).shop).toBe('Slipway Works')
    expect(page(book).sections[0]).toMatchObject({ id: 'answer', look: true, lines: ['“jerks” It is still there.'] })
  })
  it('of a machine that is not repaired says so before anything, with what is open', () => {
    const book = tyre()
    book.log('handed-back', { to: 'pool', as: 'not repaired', why: 'no tyre to be had' })
    const first = page(book).sections[0]!
    expect(first.id).toBe('not repaired')
    expect(first.lines.slice(0, 2)).toEqual(['NOT TO BE RIDDEN OR RUN.', 'Why: no tyre to be had.'])
    expect(first.lines.some((l) => l.startsWith('Open: Whole again ('))).toBe(true)
  })
  it('says what its counter showed, and that it was not read as it went', () => {
    const book = new Logbook(NEWEST_FORM)
    book.log('job-opened', { number: '1', machine: { name: 'x', class: 'scooter' }, complaint: '', used: { value: 1240, unit: 'km' } })
    expect(lines(book, 'came in')).toContain('Its counter: 1240 km as it came in, not read as it went')
    book.log('handed-back', { to: 'pool', used: { value: 1243, unit: 'km' } })
    expect(lines(book, 'came in')).toContain('Its counter: 1240 km as it came in, 1243 km as it went')
  })
  it('of a shop that writes older forms says not repaired in its line of text', () => {
    const book = new Logbook(0).open()
    book.log('handed-back', { to: 'pool', as: 'not repaired', why: 'no part' })
    expect(page(book).sections[0]).toMatchObject({ id: 'said', look: true, lines: ['not repaired: no part'] })
  })
  it('names what was read before and not again, and no longer once it was', () => {
    const book = tyre()
    expect(lines(book, 'not checked')).toContain('Read before the work and not again after: pack at rest')
    read(book, 'pack-rest', 54)
    expect(lines(book, 'not checked').join()).not.toContain('not again after')
  })
  it('names a tyre that was off and not read; a tyre has no number to be missed, a motor has', () => {
    const book = tyre()
    expect(lines(book, 'not checked')).toContain('Tyre pressure: not read')
    expect(lines(book, 'not checked').join()).not.toContain('No number of the new')
    const motor = new Logbook(NEWEST_FORM).open()
    const plan = motor.adopt('front-motor-goal')
    motor.log('part-replaced', { part: 'front-motor', step: plan.swap.find((s) => s.part)!.id })
    // Without the words of its file a part goes by its id.
    expect(lines(motor, 'not checked')).toContain('No number of the new front-motor was noted')
  })
  it('says of a brake what was measured by tape, else that it is a claim', () => {
    const book = tyre()
    book.log('ride-added', {
      rungs: ['brake stops'],
      outcome: 'passed',
      metres: 90,
      minutes: 1,
      brakes: [
        { brake: 'front', stops: 3, from: 20, metres: 7 },
        { brake: 'rear', stops: 3 },
      ],
    })
    expect(lines(book, 'rides').join('\n')).toContain('Front: 3 stops, from 20 km/h in 7 m: ● 2.2 ± 0.3 m/s², at least 1.54')
    expect(lines(book, 'rides').join('\n')).toContain('Rear: 3 stops, claimed, not measured')
  })
})
