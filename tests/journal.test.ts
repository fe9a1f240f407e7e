import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import { reduce, summarize } from '../src/core/job'
import type { Sql } from '../src/db/client'
import { readEntries } from '../src/db/entries'
import { append, type Checked } from '../src/db/journal'
import { listSummaries } from '../src/db/jobs'
import { assertDurable, migrate } from '../src/db/migrate'
import { MIGRATIONS, draft, job, ledShop, note } from './database'

let sql: Sql
let close: () => Promise<void>
let ines: string
let tablet: string
beforeAll(async () => {
  ;({ sql, close, ines, tablet } = await ledShop())
})
afterAll(() => close())

const ok = (entry: Parameters<typeof note> extends never ? never : ReturnType<typeof draft>): Checked => ({ ok: true, entry })
const send = (id: string, batch: Checked[]) => append(sql, id, batch, ines, Date.now)

describe('the database', () => {
  it('is brought to its newest shape once, and a second time changes nothing', async () =>
    expect(await migrate(sql, MIGRATIONS)).toEqual([]))
  it('promises that what it acknowledged is on disk', async () => {
    await expect(assertDurable(sql)).resolves.toBeUndefined()
    const careless = sql.begin(async (tx) => {
      await tx`set local synchronous_commit = off`
      await assertDurable(tx as never)
    })
    await expect(careless).rejects.toThrow(/synchronous_commit = off/)
  })
  it('never changes or deletes an entry', async () => {
    const id = await job(sql)
    await send(id, [ok(note(id, ines, tablet, 'x'))])
    await expect(sql`update entries set v = 2 where job_id = ${id}`).rejects.toThrow(/never changed/)
    await expect(sql`delete from entries where job_id = ${id}`).rejects.toThrow(/never changed/)
  })
})

describe('append', () => {
  it('numbers without a gap and loses nothing when sixteen write to one job at once', async () => {
    const id = await job(sql)
    const writers = Array.from({ length: 16 }, (_, w) => Array.from({ length: 12 }, (_, i) => note(id, ines, tablet, `${w}.${i}`)))
    await Promise.all(
      writers.map(async (mine) => {
        for (let i = 0; i < mine.length; i += 3) await send(id, mine.slice(i, i + 3).map(ok))
      }),
    )
    const entries = await readEntries(sql, id, 0)
    expect(entries.map((e) => e.seq)).toEqual(Array.from({ length: 192 }, (_, i) => i + 1))
    expect(new Set(entries.map((e) => e.id)).size).toBe(192)
    for (const mine of writers) {
      const order = mine.map((d) => entries.find((e) => e.id === d.id)!.seq)
      expect([...order].sort((a, b) => a - b)).toEqual(order)
    }
  })

  it('stores an entry once, however often it comes, even side by side', async () => {
    const id = await job(sql)
    const entry = note(id, ines, tablet, 'once')
    const results = await Promise.all(Array.from({ length: 8 }, () => send(id, [ok(entry)])))
    expect(results.map((r) => r!.answers[0]!.status).sort()).toEqual([
      'already',
      'already',
      'already',
      'already',
      'already',
      'already',
      'already',
      'stored',
    ])
    expect(new Set(results.map((r) => (r!.answers[0] as { seq: number }).seq))).toEqual(new Set([1]))
    expect(await readEntries(sql, id, 0)).toHaveLength(1)
  })

  it('refuses a number used for something else, in this job or another, and twice in one batch takes it once', async () => {
    const [a, b] = [await job(sql), await job(sql)]
    const entry = note(a, ines, tablet, 'first')
    await send(a, [ok(entry)])
    const other = await send(a, [ok({ ...entry, body: { text: 'second' } })])
    const elsewhere = await send(b, [ok({ ...entry, jobId: b })])
    expect(other!.answers[0]).toMatchObject({ status: 'refused' })
    expect(elsewhere!.answers[0]).toMatchObject({ status: 'refused' })
    const twin = note(b, ines, tablet, 'twin')
    expect((await send(b, [ok(twin), ok(twin)]))!.answers.map((x) => x.status)).toEqual(['stored', 'already'])
  })

  it('lets one bad entry among ten hold nothing up', async () => {
    const id = await job(sql)
    const batch: Checked[] = Array.from({ length: 9 }, (_, i) => ok(note(id, ines, tablet, String(i))))
    batch.splice(4, 0, { ok: false, id: 'bad', reason: 'not readable' })
    const result = await send(id, batch)
    expect(result!.answers.map((a) => a.status)).toEqual([
      'stored',
      'stored',
      'stored',
      'stored',
      'refused',
      'stored',
      'stored',
      'stored',
      'stored',
      'stored',
    ])
    expect(result!.lastSeq).toBe(9)
  })

  it('says so when there is no such job, and writes nothing', async () => {
    const id = v7()
    expect(await send(id, [ok(note(id, ines, tablet, 'x'))])).toBeNull()
    expect(await readEntries(sql, id, 0)).toEqual([])
  })

  it('keeps a summary that equals reducing the journal, through crossings-out and past a snapshot', async () => {
    const id = await job(sql)
    await send(id, [ok(draft(id, ines, tablet, 'job-opened', { number: '1', machine: { name: 'trike' }, complaint: 'hums', stand: '5' }))])
    const struck: string[] = []
    for (let i = 0; i < 150; i++) {
      const entry =
        i % 7 === 3 ? draft(id, ines, tablet, 'power-changed', { to: i % 2 ? 'isolated' : 'live' }) : note(id, ines, tablet, `n${i}`)
      if (i % 10 === 0) struck.push(entry.id)
      await send(id, [ok(entry)])
      if (i % 50 === 49)
        await send(
          id,
          struck.splice(0).map((target) => ok(draft(id, ines, tablet, 'struck', { target }))),
        )
    }
    const entries = await readEntries(sql, id, 0)
    const [row] = (await listSummaries(sql, 100)).filter((r) => r.jobId === id)
    expect(row?.summary).toEqual(JSON.parse(JSON.stringify(summarize(reduce(id, entries)))))
  })

  it('tells every listener the job and the number', async () => {
    const id = await job(sql)
    const heard: string[] = []
    const { unlisten } = await sql.listen('journal', (n) => void heard.push(n))
    await send(id, [ok(note(id, ines, tablet, 'x')), ok(note(id, ines, tablet, 'y'))])
    await expect.poll(() => heard).toContain(`${id}:2`)
    await unlisten()
  })
})
