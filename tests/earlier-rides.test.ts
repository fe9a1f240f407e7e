import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { NEWEST_FORM } from '../src/core/build'
import { type Bodies, type EntryDraft, written } from '../src/core/job'
import type { Sql } from '../src/db/client'
import { addJob } from '../src/db/jobs'
import { earlierRides } from '../src/db/rides'
import { dunlin } from '../src/demo/machines/dunlin'
import { addMachine } from '../src/db/machines'
import { v7 } from 'uuid'
import { draft, ledShop } from './database'
import { logOf } from './ride-log'

let sql: Sql
let close: () => Promise<void>
let ines: string
let tablet: string
let send: Awaited<ReturnType<typeof ledShop>>['send']
beforeAll(async () => {
  ;({ sql, close, ines, tablet, send } = await ledShop())
})
afterAll(() => close())

/** A ride with a log of so many Wh/km. */
const ride = (used: number): Bodies['ride-added'] => ({
  rungs: ['gentle'],
  outcome: 'passed',
  metres: 900,
  minutes: 3,
  log: logOf([{ id: 'energy', verdict: 'noted', value: used, unit: 'Wh/km' }]),
})

async function taken(unit: string, rides: readonly number[]): Promise<{ readonly id: string; readonly entries: readonly EntryDraft[] }> {
  const id = v7()
  await addJob(sql, { id, machineId: 'dunlin', revision: dunlin().revision })
  const open = draft(id, ines, tablet, 'job-opened', {
    number: '',
    machine: { name: 'Dunlin', unit, file: 'dunlin', revision: dunlin().revision },
    complaint: 'x',
  })
  const entries = rides.map((used) => ({
    ...draft(id, ines, tablet, 'ride-added', ride(used)),
    ...written('ride-added', ride(used), NEWEST_FORM),
  }))
  await send(id, [open, ...(entries as EntryDraft[])])
  return { id, entries: entries as EntryDraft[] }
}
const energies = async (id: string, limit?: number) => (await earlierRides(sql, id, limit)).map((r) => r.findings[0]!.value)

describe('the rides of before of the same machine', () => {
  it('are those of its other jobs, the last one first; never of another machine, this job, or crossed out', async () => {
    await addMachine(sql, dunlin(), JSON.stringify(dunlin()))
    const first = await taken('no. 7', [16, 17])
    await taken('no. 8', [30])
    const unnamed = await taken('', [40])
    const here = await taken('no. 7', [22])
    expect(await energies(here.id)).toEqual([17, 16])
    expect(await energies(here.id, 1)).toEqual([17])
    expect(await energies(first.id)).toEqual([22])
    // Of which one of its kind it is nobody said: nothing is compared.
    expect(await energies(unnamed.id)).toEqual([])
    await send(first.id, [draft(first.id, ines, tablet, 'struck', { target: first.entries[1]!.id }, { base: 3 })])
    expect(await energies(here.id)).toEqual([16])
    // Brought back: its crossing-out is crossed out.
    const [row] = await sql<{ id: string }[]>`select id from entries where job_id = ${first.id} and kind = 'struck'`
    await send(first.id, [draft(first.id, ines, tablet, 'struck', { target: row!.id }, { base: 4 })])
    expect(await energies(here.id)).toEqual([17, 16])
  })
})
