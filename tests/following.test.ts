import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Sql } from '../src/db/client'
import { chainAt, readEntries } from '../src/db/entries'
import { append } from '../src/db/journal'
import { noticeStream, wording } from '../src/server/streams'
import { job, note, staffedShop } from './database'

let shop: Awaited<ReturnType<typeof staffedShop>>
let sql: Sql
beforeAll(async () => {
  shop = await staffedShop()
  sql = shop.sql
})
afterAll(() => shop.close())

const write = (id: string, text: string, over: object = {}) =>
  append(sql, id, [{ ok: true, entry: { ...note(id, shop.ids.mechanic, shop.tablet, text), ...over } }], shop.ids.mechanic, Date.now)

/** A stream of one browser, and all that it was sent. */
function browser(watched: Parameters<typeof noticeStream>[3]) {
  const leave = new AbortController()
  const reader = noticeStream(async () => ({}) as never, leave.signal, `${Math.random()}`, watched).getReader()
  let text = ''
  void (async () => {
    for (let part = await reader.read(); !part.done; part = await reader.read()) text += new TextDecoder().decode(part.value)
  })()
  return {
    leave: () => leave.abort(),
    said: () => text,
    entries: () =>
      [...text.matchAll(/event: entries\ndata: (.*)\n/g)].flatMap(
        (m) => (JSON.parse(m[1]!) as { entries: { seq: number; body: { text: string } }[] }).entries,
      ),
  }
}

describe('what comes for one job while another is being written', () => {
  it('is written together, each with its own answer, seq and running hash; one that the database refuses takes none with it', async () => {
    const id = await job(sql)
    const results = await Promise.allSettled(Array.from({ length: 24 }, (_, i) => write(id, `n${i}`, i === 7 ? { at: Number.NaN } : {})))
    expect(results.map((r) => r.status)).toEqual(Array.from({ length: 24 }, (_, i) => (i === 7 ? 'rejected' : 'fulfilled')))
    const stored = results.flatMap((r) => (r.status === 'fulfilled' ? [r.value!] : []))
    const seqs = stored.map((r) => (r.answers[0] as { seq: number }).seq)
    expect(seqs.toSorted((a, b) => a - b)).toEqual(Array.from({ length: 23 }, (_, i) => i + 1))
    for (const { lastSeq, chain } of stored) expect(chain).toBe((await chainAt(sql, id, lastSeq)).toString('hex'))
    expect(await readEntries(sql, id, 0)).toHaveLength(23)
    // Nobody waits behind it for ever.
    expect((await write(id, 'after'))!.lastSeq).toBe(24)
  })
})

describe('a browser hears', () => {
  it('only of the jobs that it looks at, the entries with it, read once for all; a board only that something happened', async () => {
    const [mine, other] = [await job(sql), await job(sql)]
    const [looking, board, older] = [
      browser({ jobs: new Set([mine]), board: false }),
      browser({ jobs: new Set(), board: true }),
      browser({ jobs: null, board: false }),
    ]
    await expect.poll(() => [looking, board, older].every((b) => b.said().includes(': open'))).toBe(true)
    await write(other, 'elsewhere')
    await Promise.all(Array.from({ length: 9 }, (_, i) => write(mine, `m${i}`)))
    await expect.poll(() => looking.entries().length).toBe(9)
    expect(looking.entries().map((e) => e.seq)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9])
    expect(looking.said()).not.toContain(other)
    await expect.poll(() => older.said()).toContain(`data: ${mine}:9\n`)
    expect(older.said()).toContain(`data: ${other}:1\n`)
    expect(older.said()).not.toContain('event: entries')
    expect(board.said()).toContain('event: board')
    expect(board.said()).not.toContain(mine)
    // Of one moment, together: far fewer times than entries.
    expect(older.said().split(`data: ${mine}`).length - 1).toBeLessThan(9)
    for (const b of [looking, board, older]) b.leave()
  })

  it('in numbers alone what is too long to be sent along, and everything of it can be read', async () => {
    const id = await job(sql)
    const looking = browser({ jobs: new Set([id]), board: false })
    await expect.poll(() => looking.said()).toContain(': open')
    const many = 200
    for (let i = 0; i < many; i++) void write(id, 'x'.repeat(2_000))
    await expect.poll(async () => (await readEntries(sql, id, 0)).length).toBe(many)
    // However it was bundled: up to the last one it is heard, and what was too long by its number.
    const numbers = (): number[] => [...looking.said().matchAll(new RegExp(`data: ${id}:(\\d+)`, 'g'))].map((m) => Number(m[1]))
    await expect.poll(() => Math.max(...numbers(), ...looking.entries().map((e) => e.seq))).toBe(many)
    expect(numbers().length).toBeGreaterThan(0)
    looking.leave()
  })

  it.each([
    ['nothing of what it does not look at', new Map([['b', 1]]), { jobs: new Set(['a']), board: false }, ''],
    ['a number where the entries could not be read', new Map([['a', 4]]), { jobs: new Set(['a']), board: false }, 'data: a:4\n\n'],
    ['that everything has to be looked at again', null, { jobs: new Set(['a']), board: false }, 'event: opened\ndata: \n\n'],
    [
      'the board once, whatever happened',
      new Map([
        ['a', 1],
        ['b', 2],
      ]),
      { jobs: new Set<string>(), board: true },
      'event: board\ndata: \n\n',
    ],
  ] as const)('%s', (_, told, watched, expected) => expect(wording(told, watched)).toBe(expected))
})
