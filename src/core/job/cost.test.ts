import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { shutFor, stateOf } from '../../../tests/shut'
import { NEWEST_FORM } from '../build'
import { agreedUpTo, checkStatus, estimateOf } from './index'

/** A job with a sum named at the door, its plan taken up. */
function priced(ceiling: number): Logbook {
  const book = new Logbook(NEWEST_FORM)
  book.log('job-opened', {
    number: '1',
    machine: { name: 'Dunlin', file: 'dunlin', fullVolts: 58.8, class: 'scooter' },
    complaint: 'x',
    ceiling,
  })
  book.ready(book.adopt('front-motor-goal'))
  return book
}

describe('what it may cost', () => {
  it('is nothing that binds where no sum was named', () => {
    const book = new Logbook(NEWEST_FORM).open()
    book.ready(book.adopt('front-motor-goal'))
    book.log('cost-told', { rate: 90, parts: [{ name: 'Front motor', price: 10_000 }] })
    expect(shutFor(book, 'down:undo:deck-screws')).toEqual([])
  })

  it('is parts and the likely minutes of the plan, down, swap and up', () => {
    const book = priced(100)
    expect(estimateOf(stateOf(book))).toBeNull()
    book.log('cost-told', {
      rate: 60,
      parts: [
        { name: 'Front motor', price: 140 },
        { name: 'tie', price: 0.5 },
      ],
    })
    const now = stateOf(book)
    const minutes = [...now.down, ...now.swap, ...now.up].reduce((n, s) => n + s.minutes.likely, 0)
    expect(estimateOf(now)).toEqual({ parts: 140.5, minutes, total: Math.round(140.5 + minutes) })
    book.log('cost-told', { rate: 0, parts: [] })
    expect(estimateOf(stateOf(book))).toMatchObject({ parts: 0, total: 0 })
  })

  it('above what was named shuts what goes deeper until the owner has answered; never making safe, never putting back', () => {
    const book = priced(150)
    expect(shutFor(book, 'down:undo:deck-screws')).toContain('price agreed')
    expect(shutFor(book, 'down:unplug:pack-plug')).not.toContain('price agreed')
    book.log('cost-told', { rate: 60, parts: [{ name: 'Front motor', price: 140 }] })
    const total = estimateOf(stateOf(book))!.total
    expect(checkStatus(stateOf(book), 'price agreed', 0).missing).toEqual([{ is: 'price', estimate: total, agreed: 150, refused: false }])
    for (const step of stateOf(book).up) expect(shutFor(book, step.id)).not.toContain('price agreed')
    book.log('owner-asked', { estimate: total, who: 'Ida', said: 'no' })
    expect(checkStatus(stateOf(book), 'price agreed', 0).missing).toEqual([{ is: 'price', estimate: total, agreed: 150, refused: true }])
    book.log('owner-asked', { estimate: total, who: 'Ida', said: 'up to', amount: total - 1 })
    expect(agreedUpTo(stateOf(book))).toBe(total - 1)
    expect(shutFor(book, 'down:undo:deck-screws')).toContain('price agreed')
    book.log('owner-asked', { estimate: total, who: 'Ida', said: 'yes' })
    expect(shutFor(book, 'down:undo:deck-screws')).toEqual([])
    // It turns out dearer: what was agreed stands, and they are asked again.
    book.log('cost-told', { rate: 60, parts: [{ name: 'Front motor', price: 300 }] })
    expect(shutFor(book, 'down:undo:deck-screws')).toContain('price agreed')
  })

  it('once refused is not agreed by an older yes', () => {
    const book = priced(100)
    book.log('owner-asked', { estimate: 180, who: 'Ida', said: 'yes' })
    book.log('owner-asked', { estimate: 260, who: 'Ida', said: 'no' })
    expect(agreedUpTo(stateOf(book))).toBe(180)
  })
})
