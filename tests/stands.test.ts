import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Bodies, Kind } from '../src/core/job'
import type { Sql } from '../src/db/client'
import { countSummaries, listSummaries, ONLY, shopTotals } from '../src/db/jobs'
import { append } from '../src/db/journal'
import { rebuild } from '../src/db/states'
import { listJobs } from '../src/server/jobs'
import { standsAsked, standsFilter } from '../src/server/paging'
import { draft, job, staffedShop } from './database'

let shop: Awaited<ReturnType<typeof staffedShop>>
let sql: Sql
const jobs: Record<string, string> = {}

async function write<K extends Kind>(jobId: string, kind: K, body: Bodies[K]): Promise<void> {
  await append(sql, jobId, [{ ok: true, entry: draft(jobId, shop.ids.mechanic, shop.tablet, kind, body) }], shop.ids.mechanic, Date.now)
}

const find = async (find: string, more: object = {}): Promise<string[]> =>
  (await listJobs(undefined, standsFilter(standsAsked({ find, ...more })))).jobs
    .map((j) => Object.keys(jobs).find((name) => jobs[name] === j.id)!)
    .sort()

beforeAll(async () => {
  shop = await staffedShop()
  sql = shop.sql
  for (const name of ['pool', 'cart', 'gone', 'bare']) jobs[name] = await job(sql)
  await write(jobs['pool']!, 'job-opened', {
    number: '0412',
    machine: { name: 'Dunlin', unit: 'no. 7', owner: 'Quay Porters' },
    stand: '3',
    complaint: 'jerks, won’t start off',
  })
  await write(jobs['pool']!, 'fixing-lost', { members: ['nut'] })
  await write(jobs['cart']!, 'job-opened', {
    number: '0413',
    machine: { name: 'Redshank', owner: 'Möwe & Söhne' },
    complaint: 'slow uphill',
  })
  await write(jobs['cart']!, 'part-replaced', { part: 'motor', oldSerial: 'TX-0099/A', newSerial: 'TX-0100/B' })
  await write(jobs['cart']!, 'power-changed', { to: 'out' })
  await write(jobs['cart']!, 'parked', { why: 'waits', where: '', safe: 'out' })
  await write(jobs['gone']!, 'job-opened', { number: '0401', machine: { name: 'Dunlin', unit: 'no. 2' }, complaint: 'noise' })
  await write(jobs['gone']!, 'note-added', { text: 'bearing was gritty' })
  await write(jobs['gone']!, 'handed-back', { to: 'pool' })
  await write(jobs['bare']!, 'job-opened', { number: '', machine: { name: 'Knot' }, complaint: '' })
})
afterAll(() => shop.close())

describe('finding a machine', () => {
  it.each([
    ['dunlin', ['gone', 'pool']],
    ['DUNLIN no. 7', ['pool']],
    ['0412', ['pool']],
    ['041', ['cart', 'pool']],
    ['quay', ['pool']],
    ['mowe', ['cart']],
    ['Söhne', ['cart']],
    ['tx-0100', ['cart']],
    ['0099', ['cart']],
    ['gritty', ['gone']],
    ['start', ['pool']],
    ["won't", ['pool']],
    ["'; drop table jobs; --", []],
    ['& | ! :*', []],
    ['\\', []],
    ['heron', []],
  ])('“%s”', async (words, expected) => expect(await find(words)).toEqual(expected))

  it('by stage and by what is the matter, and counts what it found', async () => {
    expect(await find('', { only: 'home' })).toEqual(['gone'])
    expect(await find('', { only: 'loose' })).toEqual(['cart', 'pool'])
    expect(await find('', { only: 'parked' })).toEqual(['cart'])
    expect(await find('', { only: 'live' })).toEqual(['bare', 'pool'])
    expect(await find('', { only: 'disputed' })).toEqual([])
    expect(await find('', { stage: 'take-in' })).toEqual(['bare', 'cart', 'pool'])
    expect(await find('', { stage: 'prove' })).toEqual([])
    for (const only of ONLY) expect(await countSummaries(sql, { only })).toBe((await find('', { only })).length)
  })

  it('the headline counts the whole shop, whatever is asked for', async () => {
    const { totals, found } = await listJobs(undefined, { words: ['0401'] })
    expect(found).toBe(1)
    expect(totals).toEqual({ stands: 1, door: 2, fixings: 1, parts: 1 })
    expect(await shopTotals(sql)).toEqual(totals)
  })
})

describe('rows that another build wrote', () => {
  const row = async () => (await listSummaries(sql, 50)).find((r) => r.jobId === jobs['pool'])!
  it('of an older one are made anew when the list is read, search and all', async () => {
    const before = await row()
    await sql`update summaries set version = 0, facts = null, words = '', loose_fixings = 0, body = ${sql.json({ next: 'Undo 14 deck screws', machine: 'Dunlin' })} where job_id = ${jobs['pool']!}`
    expect((await row()).old).toBe(true)
    expect(await find('quay', { only: 'loose' })).toEqual(['pool'])
    expect(await row()).toEqual(before)
  })
  it('that has gone on writing beside this one are made anew too', async () => {
    const before = await row()
    await sql`update summaries set seq = seq - 1, facts = ${sql.json({ ...before.summary, loose: { fixings: 99, parts: 0 } } as never)} where job_id = ${jobs['pool']!}`
    expect((await listJobs()).jobs.find((j) => j.id === jobs['pool'])!.summary).toEqual(before.summary)
    expect((await row()).old).toBe(false)
  })
  it('an older build still reads what is next as a text', async () => {
    const [old] = await sql<{ next: unknown }[]>`select body->'next' as next from summaries where job_id = ${jobs['pool']!}`
    expect(typeof old!.next).toBe('string')
  })
  it('all of them are made anew by a command, and equal', async () => {
    const before = await listSummaries(sql, 50)
    await sql`update summaries set facts = '{}', words = '', version = 0`
    for (const id of Object.values(jobs)) await sql.begin((tx) => rebuild(tx, id))
    expect(await listSummaries(sql, 50)).toEqual(before)
  })
})
