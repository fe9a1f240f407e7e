import { afterAll, beforeAll, expect, it, vi } from 'vitest'
import type * as Entries from '../../src/db/entries'

const broken = vi.hoisted(() => ({ now: false }))
vi.mock('../../src/db/entries', async (original) => {
  const real = await original<typeof Entries>()
  return {
    ...real,
    readEntries: (...asked: Parameters<typeof real.readEntries>) =>
      // Only what is read for followers says how many.
      broken.now && asked[3] !== undefined ? Promise.reject(new Error('the database is away')) : real.readEntries(...asked),
  }
})
const { append } = await import('../../src/db/journal')
const { noticeStream } = await import('../../src/server/streams')
const { job, note, staffedShop } = await import('../database')

let shop: Awaited<ReturnType<typeof staffedShop>>
beforeAll(async () => {
  shop = await staffedShop()
})
afterAll(() => shop.close())

it('what cannot be read for followers is told by its number alone, and what comes after it is told as before', async () => {
  const { sql, ids, tablet } = shop
  const id = await job(sql)
  const leave = new AbortController()
  const reader = noticeStream(async () => ({}) as never, leave.signal, 'one', { jobs: new Set([id]), board: false }).getReader()
  let said = ''
  void (async () => {
    for (let part = await reader.read(); !part.done; part = await reader.read()) said += new TextDecoder().decode(part.value)
  })()
  const write = (text: string) => append(sql, id, [{ ok: true, entry: note(id, ids.mechanic, tablet, text) }], ids.mechanic, Date.now)
  await expect.poll(() => said).toContain(': open')
  broken.now = true
  await write('lost to the followers')
  await expect.poll(() => said).toContain(`data: ${id}:1\n`)
  broken.now = false
  await write('read again')
  await expect.poll(() => said).toContain('read again')
  expect(said).not.toContain('lost to the followers')
  leave.abort()
})
