import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Sql } from '../src/db/client'
import { addJob } from '../src/db/jobs'
import { listJobsToDo, listMachines } from '../src/db/machines'
import { godwit } from '../src/demo/machines/godwit'
import { loadMachine } from '../src/server/jobs'
import { fileText, putIn, revisions } from '../src/server/machines'
import { setLacking } from '../src/server/tools'
import { freshDatabase } from './database'
import { v7 } from 'uuid'

let sql: Sql
let close: () => Promise<void>
beforeAll(async () => {
  ;({ sql, close } = await freshDatabase())
})
afterAll(() => close())

const file = (over: object = {}): string => JSON.stringify({ ...godwit(), ...over })

describe('a machine file put in', () => {
  it('is kept as it came, with what nobody knows, in its order', async () => {
    const text = file({ 'x-shop': { shelf: 4, box: 'b' }, revision: 'r1' })
    expect(await putIn(text)).toEqual({ id: 'godwit', name: 'Godwit', revision: 'r1', kept: 'new' })
    expect(JSON.stringify(JSON.parse((await fileText('godwit', 'r1'))!))).toBe(text)
  })
  it('once more changes nothing', async () => {
    expect(await putIn(file({ 'x-shop': { shelf: 4, box: 'b' }, revision: 'r1' }))).toMatchObject({ revision: 'r1', kept: 'same' })
    expect(await revisions('godwit')).toHaveLength(1)
  })
  it('never replaces one that a job began with: another file of the same revision is kept beside it', async () => {
    await addJob(sql, { id: v7(), machineId: 'godwit', revision: 'r1' })
    const before = await fileText('godwit', 'r1')
    const other = file({ name: 'Godwit', revision: 'r1', mass: { value: 32, unit: 'kg', source: 'measured' } })
    expect(await putIn(other)).toMatchObject({ revision: 'r1.2', kept: 'beside' })
    expect(await putIn(other)).toMatchObject({ revision: 'r1.2', kept: 'same' })
    expect(await fileText('godwit', 'r1')).toBe(before)
    expect((await revisions('godwit')).map((r) => [r.revision, r.jobs])).toEqual([
      ['r1.2', 0],
      ['r1', 1],
    ])
    expect((await loadMachine('godwit'))?.revision).toBe('r1.2')
  })
  it('is refused whole with every problem at its place, and nothing is kept', async () => {
    const wrong = godwit() as unknown as { joints: { holds: string[] }[] }
    wrong.joints[0]!.holds[0] = 'ghost'
    expect(await putIn(JSON.stringify({ ...wrong, id: 'ghostly' }))).toEqual({
      problems: [{ at: '/joints/0/holds/0', text: expect.stringMatching(/“ghost”/) }],
    })
    expect(await putIn('{')).toMatchObject({ problems: [{ text: expect.stringMatching(/not JSON/) }] })
    expect((await listMachines(sql)).map((m) => m.id)).toEqual(['godwit'])
  })
  it('names what can be done to a machine as its newest file has it', async () => {
    const [first, ...others] = godwit().goals
    await putIn(file({ revision: 'r2', goals: [{ ...first!, name: 'look over' }, ...others] }))
    expect((await listJobsToDo(sql))['godwit']).toEqual(['look over', ...others.map((g) => g.name)])
  })
  it('two at once under one revision are both kept', async () => {
    const [a, b] = await Promise.all([
      putIn(file({ id: 'twin', revision: '1', 'x-n': 1 })),
      putIn(file({ id: 'twin', revision: '1', 'x-n': 2 })),
    ])
    expect([a, b].map((r) => ('kept' in r ? r.kept : 'refused')).sort()).toEqual(['beside', 'new'])
  })
})

describe('tools that are not in the shop', () => {
  it('are remembered until they are back; what says neither is refused', async () => {
    expect(await setLacking(JSON.stringify({ name: 'crank puller', gone: true }))).toEqual(['crank puller'])
    expect(await setLacking(JSON.stringify({ name: 'bearing press', gone: true }))).toEqual(['crank puller', 'bearing press'])
    expect(await setLacking(JSON.stringify({ name: 'crank puller', gone: false }))).toEqual(['bearing press'])
    for (const bad of ['{', '{}', '{"name":"","gone":true}', '{"name":"x","gone":"yes"}', '{"name":"x","gone":true,"more":1}'])
      expect(await setLacking(bad), bad).toBeNull()
  })
})
