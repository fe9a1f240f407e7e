import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { v4, v7 } from 'uuid'
import type { Sql } from '../src/db/client'
import { readEntries } from '../src/db/entries'
import type { Role } from '../src/core/job'
import { appendBatch } from '../src/server/append'
import type { Session } from '../src/server/session'
import { draft, job, note, person, staffedShop } from './database'

let sql: Sql
let close: () => Promise<void>
let ids: Readonly<Record<Role, string>>
let tablet: string
beforeAll(async () => {
  ;({ sql, close, ids, tablet } = await staffedShop())
})
afterAll(() => close())

const as = (role: Role): Session => ({
  person: { id: ids[role], name: role, role, qualified: false },
  device: tablet,
  keyed: true,
  maySend: true,
  token: Buffer.alloc(32),
})
async function answers(role: Role, jobId: string, batch: unknown) {
  const result = await appendBatch(as(role), jobId, batch)
  return 'answers' in result ? result.answers : result
}
const first = async (role: Role, jobId: string, entry: unknown) =>
  ((await answers(role, jobId, [entry])) as { status: string; reason?: string }[])[0]!

describe('who may write what', () => {
  it.each([
    ['viewer', 'note-added', { text: 'x' }, 'refused'],
    ['front desk', 'symptom-noted', { text: 'x' }, 'stored'],
    ['front desk', 'step-done', { step: 's' }, 'refused'],
    ['mechanic', 'step-done', { step: 's' }, 'stored'],
    ['mechanic', 'check-overridden', { check: 'spin test', reason: 'late' }, 'refused'],
    ['lead', 'check-overridden', { check: 'spin test', reason: 'late' }, 'stored'],
    ['mechanic', 'check-overridden', { check: 'ridden', reason: 'rain' }, 'stored'],
  ] as const)('a %s writing %s is %s', async (role, kind, body, status) => {
    const id = await job(sql)
    expect(await first(role, id, draft(id, ids[role], tablet, kind, body as never))).toMatchObject({ status })
  })

  it('sends for another who signed in on this device, but puts nobody else’s name to an override', async () => {
    const id = await job(sql)
    expect(await first('lead', id, note(id, ids.mechanic, tablet, 'x'))).toMatchObject({ status: 'stored' })
    expect((await readEntries(sql, id, 0))[0]).toMatchObject({ by: ids.mechanic, sentBy: ids.lead })
    expect(await first('lead', id, draft(id, ids.mechanic, tablet, 'check-overridden', { check: 'ridden', reason: 'rain' }))).toMatchObject(
      { status: 'refused' },
    )
  })

  it('refuses an author who never signed in here, and an entry of another device', async () => {
    const id = await job(sql)
    const stranger = await person(sql, 'mechanic', 'stranger')
    expect(await first('lead', id, note(id, stranger, tablet, 'x'))).toMatchObject({
      status: 'refused',
      reason: expect.stringMatching(/never signed in/),
    })
    expect(await first('lead', id, note(id, ids.lead, v4(), 'x'))).toMatchObject({
      status: 'refused',
      reason: expect.stringMatching(/another device/),
    })
  })

  it('lets only somebody marked qualified answer for more than 60 V, and only for themselves', async () => {
    const id = await job(sql)
    const body = { check: 'qualified' as const, evidence: 'answers for it' }
    expect(await first('lead', id, draft(id, ids.lead, tablet, 'check-passed', body))).toMatchObject({
      status: 'refused',
      reason: expect.stringMatching(/marked qualified/),
    })
    await sql`update people set qualified = true where id = ${ids.lead}`
    expect(await first('mechanic', id, draft(id, ids.lead, tablet, 'check-passed', body))).toMatchObject({
      status: 'refused',
      reason: expect.stringMatching(/signed in/),
    })
    expect(await first('lead', id, draft(id, ids.lead, tablet, 'check-passed', body))).toMatchObject({ status: 'stored' })
  })

  it('lets people cross out as the rules say', async () => {
    const id = await job(sql)
    const symptom = draft(id, ids['front desk'], tablet, 'symptom-noted', { text: 'x' })
    const proof = draft(id, ids.lead, tablet, 'proof-taken', { instrument: { name: 'm' }, readings: [{ between: 'a', volts: 0 }] })
    await answers('lead', id, [symptom, proof])
    const strike = (by: Role, target: string, reason?: string) =>
      first(by, id, draft(id, ids[by], tablet, 'struck', { target, ...(reason ? { reason } : {}) }))
    expect(await strike('mechanic', symptom.id)).toMatchObject({ status: 'stored' })
    expect(await strike('mechanic', proof.id, 'wrong meter')).toMatchObject({ status: 'refused' })
    expect(await strike('lead', proof.id)).toMatchObject({ status: 'refused', reason: expect.stringMatching(/reason/) })
    expect(await strike('lead', proof.id, 'wrong meter')).toMatchObject({ status: 'stored' })
    expect(await strike('lead', v7())).toMatchObject({ status: 'refused' })
  })
})

describe('bad batches', () => {
  it('answers each in its own words and stores the rest', async () => {
    const id = await job(sql)
    const good = note(id, ids.lead, tablet, 'fine')
    const result = (await answers('lead', id, [
      good,
      null,
      { ...good, id: v7(), body: { text: '' } },
      { ...note(id, ids.lead, tablet, 'x'), jobId: v7() },
    ])) as { status: string }[]
    expect(result.map((a) => a.status)).toEqual(['stored', 'refused', 'refused', 'refused'])
  })
  it('stores a clock from the future, to be flagged by the reducer', async () => {
    const id = await job(sql)
    expect(await first('lead', id, draft(id, ids.lead, tablet, 'note-added', { text: 'x' }, { at: Date.now() + 9e8 }))).toMatchObject({
      status: 'stored',
    })
  })
  it('refuses a batch that is no list, or of more than a hundred, as a whole', async () => {
    const id = await job(sql)
    expect(await answers('lead', id, 'x')).toMatchObject({ status: 400 })
    expect(
      await answers(
        'lead',
        id,
        Array.from({ length: 101 }, (_, i) => note(id, ids.lead, tablet, String(i))),
      ),
    ).toMatchObject({ status: 413 })
    const nowhere = v7()
    expect(await answers('lead', nowhere, [note(nowhere, ids.lead, tablet, 'x')])).toMatchObject({ status: 404 })
    // With its own answer where a line is wrong in itself.
    expect(await answers('lead', nowhere, [note(id, ids.lead, tablet, 'x')])).toMatchObject([
      { status: 'refused', reason: expect.stringMatching(/another job/) },
    ])
    expect(await readEntries(sql, id, 0)).toEqual([])
  })
})
