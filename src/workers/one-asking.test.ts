import { describe, expect, it, vi } from 'vitest'
import { OneAsking } from './one-asking'

/** A question that is answered when the test says so. */
function question() {
  const asked: { signal: AbortSignal; answer: (x: number) => void; fail: (e: Error) => void }[] = []
  const begin = vi.fn(
    (signal: AbortSignal) => new Promise<number>((answer, fail) => void asked.push({ signal, answer, fail: (e) => fail(e) })),
  )
  return { asked, begin }
}

describe('one question for all who ask the same', () => {
  it('is put once, and answers panel, card and sheet, one that comes later too', async () => {
    const { asked, begin } = question()
    const one = new OneAsking<number>()
    const both = [one.ask('a', begin), one.ask('a', begin)]
    asked[0]!.answer(7)
    expect(await Promise.all(both)).toEqual([7, 7])
    expect(await one.ask('a', begin)).toBe(7)
    expect(begin).toHaveBeenCalledTimes(1)
  })
  it('runs on while one of them waits, and is ended with the last', async () => {
    const { asked, begin } = question()
    const one = new OneAsking<number>()
    const [first, second] = [new AbortController(), new AbortController()]
    const gone = [one.ask('a', begin, first.signal), one.ask('a', begin, second.signal)].map((p) => p.catch((e: Error) => e.name))
    first.abort()
    expect(asked[0]!.signal.aborted).toBe(false)
    second.abort()
    expect(asked[0]!.signal.aborted).toBe(true)
    expect(await Promise.all(gone)).toEqual(['AbortError', 'AbortError'])
    // Asked again it is put anew.
    const again = one.ask('a', begin)
    asked[1]!.answer(3)
    expect(await again).toBe(3)
  })
  it('of answers the last is kept, a failure is forgotten, and another question is another', async () => {
    const { asked, begin } = question()
    const one = new OneAsking<number>()
    const a = one.ask('a', begin)
    asked[0]!.fail(new Error('stopped'))
    await expect(a).rejects.toThrow('stopped')
    const b = one.ask('a', begin)
    asked[1]!.answer(1)
    expect(await b).toBe(1)
    const c = one.ask('b', begin)
    asked[2]!.answer(2)
    expect(await c).toBe(2)
    void one.ask('a', begin).catch(() => undefined)
    expect(begin).toHaveBeenCalledTimes(4)
  })
})
