import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import { BUILD, NEWEST_FORM } from '../src/core/build'
import { type Bodies, reduce, written } from '../src/core/job'
import { plan } from '../src/core/planning'
import { addMachine } from '../src/db/machines'
import { addJob, listSummaries } from '../src/db/jobs'
import { readEntries } from '../src/db/entries'
import { append } from '../src/db/journal'
import { withWords } from '../src/db/states'
import { beginBuild, olderDevices, sawOlder, writeNewest, writtenForm } from '../src/db/newest'
import type { Sql } from '../src/db/client'
import { dunlin } from '../src/demo/machines/dunlin'
import { parseEntry } from '../src/formats/entry'
import { noteOlder } from '../src/server/jobs'
import { draft, freshDatabase, staffedShop } from './database'

describe('when the newest form is written', () => {
  let sql: Sql
  let close: () => Promise<void>
  let tablet: string
  beforeAll(async () => {
    const shop = await staffedShop()
    ;({ sql, close, tablet } = shop)
  })
  afterAll(() => close())
  const ago = (days: number) => sql`update marks set at = now() - make_interval(days => ${days}) where name = ${`build ${BUILD}`}`

  it('not in a shop with entries of an older build, until seven days have passed without one of them', async () => {
    await beginBuild(sql, false)
    expect(await writtenForm(sql)).toBe(0)
    await ago(6)
    expect(await writtenForm(sql)).toBe(0)
    await ago(8)
    await noteOlder(tablet, BUILD - 1)
    expect(await olderDevices(sql)).toBe(1)
    expect(await writtenForm(sql)).toBe(0)
    await sql`update devices set older_at = now() - interval '8 days'`
    expect(await olderDevices(sql)).toBe(0)
    expect(await writtenForm(sql)).toBe(NEWEST_FORM)
  })
  it('once it is so it stays so, whatever asks later', async () => {
    await sawOlder(sql, tablet)
    expect(await writtenForm(sql)).toBe(NEWEST_FORM)
  })
  it('a build of this number or a newer one is no older one; one that says nothing is', async () => {
    const older = async (build: number | undefined): Promise<number> => {
      await sql`update devices set older_at = null`
      await noteOlder(tablet, build)
      return olderDevices(sql)
    }
    expect([await older(BUILD), await older(BUILD + 1), await older(BUILD - 1), await older(undefined)]).toEqual([0, 0, 1, 1])
  })
  it('at once in an empty shop, and where a lead says so', async () => {
    for (const begin of [(s: Sql) => beginBuild(s, true), writeNewest]) {
      const fresh = await freshDatabase()
      await begin(fresh.sql)
      expect(await writtenForm(fresh.sql)).toBe(NEWEST_FORM)
      await fresh.close()
    }
  })
})

describe('a plan as facts on the server', () => {
  it('is taken, said in the words of its file in the list, and is the same job as by version 1', async () => {
    const { sql, close, ids, tablet } = await staffedShop()
    const file = dunlin()
    await addMachine(sql, file, JSON.stringify(file))
    const found = plan(file, 'untouched', ['inspect'], { variants: {} })
    if (!found.ok) throw new Error(found.error.kind)
    const body: Bodies['plan-adopted'] = {
      plan: JSON.parse(JSON.stringify(found.value)),
      file: file.id,
      revision: file.revision,
      settings: { proofMinutes: 240, deadVolts: 5 },
    }
    const states = []
    for (const form of [0, NEWEST_FORM]) {
      const id = v7()
      await addJob(sql, { id, machineId: file.id, revision: file.revision })
      const one = written('plan-adopted', body, form)
      const parsed = parseEntry(JSON.parse(JSON.stringify({ ...draft(id, ids.mechanic, tablet, 'plan-adopted', body), ...one })))
      if (!parsed.ok) throw new Error(parsed.error.reason)
      expect(parsed.value.v).toBe(form > 0 ? 6 : 1)
      const opened = draft(id, ids.mechanic, tablet, 'job-opened', {
        number: '1',
        machine: { name: 'Dunlin', file: file.id, revision: file.revision },
        complaint: '',
      })
      const moved = draft(id, ids.mechanic, tablet, 'stage-moved', { to: 'take down' })
      await append(sql, id, [opened, parsed.value, moved].map((entry) => ({ ok: true, entry })) as never, ids.mechanic, Date.now)
      const state = await withWords(sql, reduce(id, await readEntries(sql, id, 0)))
      states.push(state)
      const row = (await listSummaries(sql, 10)).find((r) => r.jobId === id)!
      expect(row.summary.next).toMatchObject({ is: 'step', title: found.value.down.steps[0]!.title })
    }
    // What a step opens is said from version 4 on, how long its screws may be and what is read again from version 6 on.
    const younger = ['opens', 'lengths', 'again']
    const plain = (key: string, value: unknown): unknown => (younger.includes(key) ? undefined : value)
    const [first, second] = states.map((s) =>
      JSON.parse(JSON.stringify({ down: s.down, up: s.up, swap: s.swap, fixings: s.fixings, parts: s.parts }, plain)),
    )
    expect(second).toEqual(first)
    await close()
  })
})
