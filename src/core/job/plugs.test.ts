import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { stateOf } from '../../../tests/shut'
import { NEWEST_FORM } from '../build'
import { dunlin } from '../../demo/machines/dunlin'
import { expectedDone, plugsOf } from './index'

describe('the plugs', () => {
  it('are those of the file that this machine has, each with what it was like, and whether anything covers it', () => {
    const book = new Logbook(NEWEST_FORM).open()
    book.adopt('inspect')
    const before = plugsOf(stateOf(book), dunlin())
    expect(before).toHaveLength(dunlin().connections.length)
    expect(before.some((p) => !p.inReach)).toBe(true)
    for (const step of stateOf(book).down) book.log('step-done', expectedDone(stateOf(book), step))
    const opened = plugsOf(stateOf(book), dunlin())
    expect(opened.filter((p) => p.inReach).length).toBeGreaterThan(before.filter((p) => p.inReach).length)
    const [first] = opened
    book.log('plug-looked', { connection: first!.connection!, name: first!.name, is: 'loose' })
    book.log('plug-looked', { connection: first!.connection!, name: first!.name, is: 'tight' })
    book.log('plug-looked', { name: 'display, under the bar', is: 'wet' })
    const seen = plugsOf(stateOf(book), dunlin())
    expect(seen[0]!.seen.map((s) => s.is)).toEqual(['loose', 'tight'])
    expect(seen.at(-1)).toMatchObject({ name: 'display, under the bar', inReach: true })
    expect(plugsOf(stateOf(book), null).map((p) => p.name)).toEqual([first!.name, 'display, under the bar'])
  })
})
