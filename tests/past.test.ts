import { afterAll, beforeAll, expect, it } from 'vitest'
import { addJob } from '../src/db/jobs'
import type { Sql } from '../src/db/client'
import { casesOf, pastOf } from '../src/db/past'
import { v7 } from 'uuid'
import { draft, staffedShop } from './database'
import { append } from '../src/db/journal'
import type { Bodies, Kind } from '../src/core/job'

let shop: Awaited<ReturnType<typeof staffedShop>>
let sql: Sql
beforeAll(async () => {
  shop = await staffedShop()
  sql = shop.sql
  await sql`insert into machines (id, name, class) values ('dunlin', 'Dunlin', 'scooter'), ('heron', 'Heron', 'tractor') on conflict do nothing`
})
afterAll(() => shop.close())

async function write<K extends Kind>(jobId: string, kind: K, body: Bodies[K]): Promise<string> {
  const entry = draft(jobId, shop.ids.mechanic, shop.tablet, kind, body)
  await append(sql, jobId, [{ ok: true, entry }], shop.ids.mechanic, Date.now)
  return entry.id
}
async function jobOf(machineId: string): Promise<string> {
  const id = v7()
  await addJob(sql, { id, machineId, revision: null })
  return id
}

it('counts what was called for sure on the same model, once a job, never in this one, and nothing that was crossed out', async () => {
  const [here, one, two, other] = [await jobOf('dunlin'), await jobOf('dunlin'), await jobOf('dunlin'), await jobOf('heron')]
  const call = (job: string, id: string, certainty: 'sure' | 'maybe' = 'sure'): Promise<string> =>
    write(job, 'fault-called', { fault: id, id, certainty, drive: 'd' })
  await call(here, 'hall-wire')
  await call(one, 'hall-wire')
  await call(one, 'hall-wire')
  await call(one, 'bridge+winding')
  await call(two, 'hall-wire')
  await call(two, 'rail', 'maybe')
  await call(other, 'hall-wire')
  const wrong = await call(two, 'bearing')
  await write(two, 'struck', { target: wrong })
  expect(await pastOf(sql, here)).toEqual({ called: { 'hall-wire': 2, bridge: 1, winding: 1 }, near: {}, jobs: 2, leftAt: null })
  expect((await pastOf(sql, other)).called).toEqual({})
})

it('keeps apart what was called on numbers near this one’s', async () => {
  const [here, close, far, nameless] = [await jobOf('dunlin'), await jobOf('dunlin'), await jobOf('dunlin'), await jobOf('dunlin')]
  const opened = (job: string, unit?: string): Promise<string> =>
    write(job, 'job-opened', { number: '1', machine: { name: 'Dunlin', ...(unit ? { unit } : {}) }, complaint: 'dead' })
  await opened(here, 'DN-20417')
  await opened(close, 'DN 20431')
  await opened(far, 'DN-29000')
  await opened(nameless)
  for (const job of [close, far, nameless]) await write(job, 'fault-called', { fault: 'gate', id: 'gate', certainty: 'sure', drive: 'd' })
  const past = await pastOf(sql, here)
  expect(past.called.gate).toBe(3)
  expect(past.near).toEqual({ gate: 1 })
})

it('tells what was found on a model, job by job, without what was crossed out, whatever else is in the journals', async () => {
  await sql`insert into machines (id, name, class) values ('knot', 'Knot', 'scooter') on conflict do nothing`
  const [first, second, unsure] = [await jobOf('knot'), await jobOf('knot'), await jobOf('knot')]
  await write(first, 'job-opened', {
    number: '0501',
    machine: { name: 'Knot', unit: 'KN-7' },
    complaint: 'jerks',
  })
  await write(first, 'symptom-noted', { text: 'jerks', certainty: 'sure', symptom: 'jerks' })
  const slip = await write(first, 'symptom-noted', { text: 'dead', certainty: 'sure', symptom: 'dead' })
  await write(first, 'struck', { target: slip })
  await write(first, 'test-observed', { test: 'halls', outcome: 'one stuck', live: true, drive: 'front-drive' })
  const note = await write(first, 'note-added', { text: 'cold outside' })
  await write(first, 'struck', { target: note })
  await write(first, 'fault-called', { fault: 'hall-wire', id: 'hall-wire', certainty: 'sure', drive: 'front-drive' })
  await write(second, 'fault-called', { fault: 'hall-wire', id: 'hall-wire', certainty: 'sure', drive: 'front-drive' })
  await write(unsure, 'fault-called', { fault: 'gate', id: 'gate', certainty: 'maybe', drive: 'front-drive' })
  const found = await casesOf(sql, 'knot')
  expect(found.map((c) => c.job)).toEqual([second, first])
  expect(found[1]).toMatchObject({
    number: '0501',
    unit: 'KN-7',
    symptoms: [{ symptom: 'jerks' }],
    observations: [{ test: 'halls', outcome: 'one stuck' }],
    faults: [{ id: 'hall-wire' }],
  })
  expect(await casesOf(sql, 'nobodys')).toEqual([])
})
