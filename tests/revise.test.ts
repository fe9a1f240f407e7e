import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import { driveConnections } from '../src/core/diagnosis'
import { rolesOf } from '../src/core/machine'
import type { Sql } from '../src/db/client'
import { addJob } from '../src/db/jobs'
import { addMachine, listMachines, listRevisions, loadMachineText } from '../src/db/machines'
import { dunlin } from '../src/demo/machines/dunlin'
import { reviseDemo } from '../scripts/revise'
import { freshDatabase } from './database'

/** The Dunlin as it was before its connectors had roles. */
const before = () => {
  const file = dunlin()
  return { ...file, revision: '2026-03', connections: file.connections.map(({ roles: _, ...c }) => c) }
}

describe('npm run demo:revise', () => {
  let sql: Sql
  let close: () => Promise<void>
  beforeEach(async () => {
    ;({ sql, close } = await freshDatabase())
  })
  afterEach(() => close())
  const newest = async () => (await listMachines(sql)).find((m) => m.id === 'dunlin')!.revision

  it('adds the corrected revision once; a job that runs keeps the file it began with', async () => {
    const old = before()
    await addMachine(sql, old, JSON.stringify(old))
    const id = v7()
    await addJob(sql, { id, machineId: old.id, revision: old.revision })
    expect((await reviseDemo(sql)).map((f) => `${f.id} ${f.revision}`)).toEqual([`dunlin ${dunlin().revision}`])
    expect(await newest()).toBe(dunlin().revision)
    expect(await reviseDemo(sql)).toEqual([])
    expect((await listRevisions(sql, 'dunlin')).map((r) => [r.revision, r.jobs])).toEqual([
      [dunlin().revision, 0],
      ['2026-03', 1],
    ])
    expect(JSON.parse((await loadMachineText(sql, 'dunlin', '2026-03'))!)).toEqual(JSON.parse(JSON.stringify(old)))
  })
  it('leaves a file alone that the shop put in itself, and adds no machine that is not here', async () => {
    const own = { ...before(), revision: 'own-1' }
    await addMachine(sql, own, JSON.stringify(own))
    expect(await reviseDemo(sql)).toEqual([])
    expect(await newest()).toBe('own-1')
  })
  it('the older file says by its pins what the corrected one says by roles', () => {
    const [old, now] = [before(), dunlin()]
    for (const drive of now.drives) expect(driveConnections(old as never, drive)).toEqual(driveConnections(now, drive))
    expect(now.connections.filter((c) => c.roles).length).toBeGreaterThanOrEqual(6)
    expect(rolesOf(old.connections.find((c) => c.id === 'front-hall')!)).toEqual(['hall'])
  })
})
