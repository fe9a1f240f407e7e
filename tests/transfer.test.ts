import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import sharp from 'sharp'
import { loadDemo } from '../scripts/setup'
import type { Sql } from '../src/db/client'
import { historyId, readEntries } from '../src/db/entries'
import { listInstruments } from '../src/db/instruments'
import { listSummaries } from '../src/db/jobs'
import { countPeople, listPeople } from '../src/db/people'
import { listReports } from '../src/db/reports'
import { keepPhoto } from '../src/server/photos'
import { exportShop, importShop } from '../src/server/transfer'
import { freshDatabase, note } from './database'
import { append } from '../src/db/journal'
import { BENCH_TABLET } from '../src/demo/people'

let from: Sql
let closeFrom: () => Promise<void>
const folders: string[] = []
const folder = (): string => {
  const made = mkdtempSync(path.join(os.tmpdir(), 'nailsmith-export-'))
  folders.push(made)
  return made
}
let photo: string
beforeAll(async () => {
  ;({ sql: from, close: closeFrom } = await freshDatabase())
  await loadDemo(from, Date.now())
  const kept = await keepPhoto(
    await sharp({ create: { width: 40, height: 30, channels: 3, background: '#9c4518' } })
      .png()
      .toBuffer(),
    'p-ines',
  )
  photo = (kept as { id: string }).id
  const [job] = await listSummaries(from, 1)
  await append(
    from,
    job!.jobId,
    [
      { ok: true, entry: { ...note(job!.jobId, 'p-ines', BENCH_TABLET, 'x'), kind: 'photo-added', body: { photo } } as never },
      { ok: true, entry: note(job!.jobId, 'p-ines', BENCH_TABLET, 'ümläut 👍') },
    ],
    'p-ines',
    Date.now,
  )
})
afterAll(async () => {
  await closeFrom()
  folders.forEach((f) => rmSync(f, { recursive: true, force: true }))
})

const contents = (sql: Sql) =>
  sql`select job_id, seq, id, encode(content, 'hex') as content, body::text as body, stamp::text as stamp, agrees, received_at from entries order by job_id, seq`

async function into(made: string, work: (sql: Sql) => Promise<void>): Promise<void> {
  const { sql, close } = await freshDatabase()
  try {
    await importShop(sql, made)
    await work(sql)
  } finally {
    await close()
    ;(globalThis as Record<symbol, unknown>)[Symbol.for('nailsmith.db')] = from
  }
}

describe('a whole shop carried into an empty one', () => {
  it('has the same entries by content hash, the same summaries, pages, machine files and photos; and no way in', async () => {
    const made = folder()
    const manifest = await exportShop(from, made)
    expect(Object.keys(manifest.journals)).toHaveLength(16)
    const whole = Object.keys(manifest.files)
      .map((f) => readFileSync(path.join(made, f)).toString('latin1'))
      .join('\n')
    const [secret] = await from<{ hash: string }[]>`select passphrase_hash as hash from people limit 1`
    expect(whole).not.toContain(secret!.hash)
    await into(made, async (to) => {
      expect([...(await contents(to))]).toEqual([...(await contents(from))])
      expect(await listInstruments(to)).toEqual(await listInstruments(from))
      expect((await listInstruments(to)).length).toBeGreaterThan(5)
      expect(await listSummaries(to, 50)).toEqual(await listSummaries(from, 50))
      for (const { jobId } of await listSummaries(from, 50)) expect(await listReports(to, jobId)).toEqual(await listReports(from, jobId))
      const files = (sql: Sql) => sql`select machine_id, revision, file::text as file from machine_revisions order by 1, 2`
      expect([...(await files(to))]).toEqual([...(await files(from))])
      expect([...(await to`select id, bytes from photos`)]).toEqual([...(await from`select id, bytes from photos`)])
      expect((await listPeople(to)).map((p) => p.name)).toEqual((await listPeople(from)).map((p) => p.name))
      expect(await countPeople(to)).toMatchObject({ leads: 0 })
      expect(await historyId(to)).not.toBe(await historyId(from))
      // It goes on from there: the next job has the next number, the next entry the next seq.
      const [next] = await to<{ n: number }[]>`select nextval('job_numbers')::int as n`
      expect(next!.n).toBe(417)
      await expect(importShop(to, made)).rejects.toThrow(/not empty/)
    })
  })

  it('one job goes alone, with the people, file and photos that it names', async () => {
    const made = folder()
    const [job] = await listSummaries(from, 1)
    const manifest = await exportShop(from, made, job!.jobId)
    expect(Object.keys(manifest.journals)).toEqual([job!.jobId])
    expect(Object.keys(manifest.files)).toContain(`photos/${photo}`)
    await into(made, async (to) => {
      expect(await readEntries(to, job!.jobId, 0)).toEqual(await readEntries(from, job!.jobId, 0))
      expect((await to`select 1 from jobs`).length).toBe(1)
      expect((await to`select 1 from machine_revisions`).length).toBe(1)
    })
  })

  it.each([
    ['a line changed', 'entries.ndjson', (t: string) => t.replace('ümläut', 'umlaut')],
    ['a file changed', 'shop.json', (t: string) => t.replace('Tobias', 'Tobies')],
  ])('is refused whole where anything is not as it was written: %s', async (_, name, edit) => {
    const made = folder()
    await exportShop(from, made)
    const file = path.join(made, name)
    writeFileSync(file, edit(readFileSync(file, 'utf8')))
    const { sql, close } = await freshDatabase()
    await expect(importShop(sql, made)).rejects.toThrow(/hash differs/)
    expect((await sql`select 1 from people`).length).toBe(0)
    await close()
    ;(globalThis as Record<symbol, unknown>)[Symbol.for('nailsmith.db')] = from
  })

  it('is not fooled by a manifest that was changed with its line: contents are hashed anew', async () => {
    const made = folder()
    const manifest = await exportShop(from, made)
    const file = path.join(made, 'entries.ndjson')
    const text = readFileSync(file, 'utf8').replace('ümläut', 'umlaut')
    writeFileSync(file, text)
    const { createHash } = await import('node:crypto')
    writeFileSync(
      path.join(made, 'manifest.json'),
      JSON.stringify({ ...manifest, files: { ...manifest.files, 'entries.ndjson': createHash('sha256').update(text).digest('hex') } }),
    )
    const { sql, close } = await freshDatabase()
    await expect(importShop(sql, made)).rejects.toThrow(/not what its device wrote/)
    await close()
    ;(globalThis as Record<symbol, unknown>)[Symbol.for('nailsmith.db')] = from
  })

  it('goes into a new folder only, and out of one that is an export only', async () => {
    const made = folder()
    writeFileSync(path.join(made, 'x'), 'x')
    await expect(exportShop(from, made)).rejects.toThrow(/not empty/)
    await expect(importShop(from, made)).rejects.toThrow(/no export/)
  })
})
