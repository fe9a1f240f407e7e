import { describe, expect, it } from 'vitest'
import { expectedDone, type JobState, miscount, openItems, presentStep, reduce, standsOut, wantedFor } from './index'
import { openItemWords } from '../../words/en/open-items'
import { dunlinPlan, Logbook } from '../../../tests/logbook'

const state = (book: Logbook): JobState => reduce('j1', book.entries)
const texts = (book: Logbook): string[] => openItems(state(book), state(book).lastAt).map((i) => openItemWords(i, state(book)))

/** A Dunlin with its first `count` steps down done. */
function begun(count: number): Logbook {
  const book = new Logbook().open()
  book.ready(book.adopt())
  for (let n = 0; n < count; n++) {
    const step = presentStep(state(book), 'down', state(book).lastAt)!
    if (step.check === 'dead') book.log('proof-taken', { instrument: { name: 'm' }, readings: [{ between: 'feed', volts: 0 }] })
    book.log('step-done', expectedDone(state(book), step))
  }
  return book
}

describe('what is open on a job', () => {
  it('says that it is live before anything else, and what is next', () => {
    const book = begun(0)
    expect(openItems(state(book), 0)[0]).toEqual({ is: 'power', power: 'live', dead: false })
    expect(standsOut(openItems(state(book), 0)[0]!)).toBe(true)
    expect(texts(book)[0]).toBe('It is live: nobody has isolated it')
    expect(texts(book)).toContain(`Next: ${presentStep(state(book), 'down', 0)!.title}`)
  })
  it('names what is off, where it lies, and what is lost', () => {
    const book = begun(12)
    const s = state(book)
    const off = Object.values(s.parts)
      .filter((p) => p.condition === 'off')
      .map((p) => p.name)
    expect(off.length).toBeGreaterThan(0)
    for (const name of off) expect(texts(book).join()).toContain(name)
    const loose = Object.values(s.fixings).find((f) => f.condition === 'cell')!
    expect(texts(book).join()).toContain(loose.where!)
    book.log('fixing-lost', { members: [loose.id], text: '' })
    expect(texts(book)).toContain(`Lost: ${loose.label}, ${loose.place}`)
    expect(
      openItems(state(book), state(book).lastAt)
        .filter(standsOut)
        .map((i) => i.is),
    ).toContain('lost')
  })
  it('does not call dead what was shown to be dead too long ago', () => {
    const book = begun(9)
    expect(texts(book)[0]).toMatch(/shown to be dead, the pack aboard|The pack is out, and it was shown/)
    if (state(book).power.state !== 'isolated') return
    expect(openItems(state(book), state(book).lastAt + 48 * 3_600_000)[0]).toMatchObject({ is: 'power', dead: false })
  })
  it('says what is short of what should have come, until it is counted anew', () => {
    const book = begun(3)
    const wanted = wantedFor(dunlinPlan('front-motor-goal'))
    expect(wanted[0]).toEqual({ name: 'front motor', expected: 1 })
    expect(wanted).toContainEqual({ name: 'cable tie 200 × 4.8', expected: 3 })
    const counted = (less: number, more: number) =>
      wanted.map((w, i) => ({ ...w, found: w.expected + (w.name.startsWith('cable tie') ? -less : i === 0 ? more : 0) }))
    book.log('delivery-counted', { items: counted(2, 1) })
    expect(miscount(state(book).delivery!.items)).toMatchObject({
      short: [{ name: 'cable tie 200 × 4.8', expected: 3, found: 1 }],
      over: [{ name: 'front motor', expected: 1, found: 2 }],
    })
    expect(texts(book)).toContain('Short of what should have come: 2 × cable tie 200 × 4.8')
    expect(
      openItems(state(book), 0)
        .filter(standsOut)
        .map((i) => i.is),
    ).toContain('short')
    book.log('delivery-counted', { items: counted(0, 0), also: 'a spare valve' })
    expect(texts(book).join()).not.toContain('Short')
    expect(state(book).delivery).toMatchObject({ also: 'a spare valve' })
  })
  it('a job handed over is in hand once the other has logged something', () => {
    const book = begun(3)
    book.log('handed-over', { to: 'tobias', text: 'mind the cracked fender' })
    expect(state(book).handedOver).toMatchObject({ to: 'tobias', text: 'mind the cracked fender' })
    book.log('note-added', { text: 'still mine' })
    expect(state(book).handedOver).toBeDefined()
    book.log('note-added', { text: 'here I am' }, { by: 'tobias' })
    expect(state(book).handedOver).toBeUndefined()
  })
})
