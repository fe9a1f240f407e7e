import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import type { EntryDraft } from '../../src/core/job'
import type { Sql } from '../../src/db/client'
import { append } from '../../src/db/journal'
import { hasEntries, listReports, marked } from '../../src/db/reports'
import { freezePages } from '../../src/server/pages'
import { draft, freshDatabase, job, ledShop, note } from '../database'

let sql: Sql
let close: () => Promise<void>
let ines: string
let tablet: string
let send: Awaited<ReturnType<typeof ledShop>>['send']
beforeAll(async () => {
  ;({ sql, close, ines, tablet, send } = await ledShop())
})
afterAll(() => close())

const open = (id: string): EntryDraft =>
  draft(id, ines, tablet, 'job-opened', { number: '7', machine: { name: 'trike' }, complaint: 'hums' })

describe('a page that goes home', () => {
  it('is kept with its hand back as it stood then, whatever follows in the same batch, and is never changed', async () => {
    const id = await job(sql)
    await send(id, [
      open(id),
      draft(id, ines, tablet, 'handed-back', { to: 'baker' }),
      draft(id, ines, tablet, 'damage-noted', { text: 'scraped later' }),
    ])
    const [page, ...more] = await listReports(sql, id)
    expect(more).toEqual([])
    expect(page).toMatchObject({ seq: 2, body: { job: '7', machine: 'trike' } })
    expect(JSON.stringify(page)).not.toMatch(/scraped later/)
    await send(id, [note(id, ines, tablet, 'rang to say thanks')])
    expect(await listReports(sql, id)).toEqual([page])
    await expect(sql`update reports set body = '{}' where job_id = ${id}`).rejects.toThrow(/never changed/)
    await expect(sql`delete from reports where job_id = ${id}`).rejects.toThrow(/never changed/)
  })
  it('that went home before pages were kept is frozen once, and never again', async () => {
    const id = await job(sql)
    await append(
      sql,
      id,
      [open(id), draft(id, ines, tablet, 'handed-back', { to: 'baker' })].map((entry) => ({ ok: true as const, entry })),
      ines,
      Date.now,
    )
    expect(await listReports(sql, id)).toEqual([])
    expect(await freezePages(sql)).toBe(1)
    expect(await listReports(sql, id)).toMatchObject([{ seq: 2, body: { machine: 'trike' } }])
    expect(await marked(sql, 'pages frozen')).toBeGreaterThanOrEqual(10)
    expect(await freezePages(sql)).toBe(0)
  })
})

describe('a shop from before pages were frozen', () => {
  it('is refused by a later reducer, which names the build to start first; an empty one is not', async () => {
    vi.resetModules()
    vi.doMock('../../src/core/job', async (real) => ({ ...(await real<object>()), REDUCER_VERSION: 7 }))
    const later = await import('../../src/server/pages')
    expect(await hasEntries(sql)).toBe(true)
    await expect(later.assertFrozen(sql)).resolves.toBeUndefined()
    await sql`delete from marks`
    await expect(later.assertFrozen(sql)).rejects.toThrow(/Start build 10 once/)
    vi.doUnmock('../../src/core/job')
    const { sql: empty, close: closeEmpty } = await freshDatabase()
    await expect(later.assertFrozen(empty)).resolves.toBeUndefined()
    await closeEmpty()
  })
})
