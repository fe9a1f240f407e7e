import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Sql } from '../src/db/client'
import { putInstrument, retireDemoInstruments } from '../src/db/instruments'
import { demoInstruments } from '../src/demo/instruments'
import { keepInstrument, shopInstruments, strikeInstrument } from '../src/server/instruments'
import { staffedShop } from './database'

const fields =
  (over: Readonly<Record<string, string>> = {}) =>
  (name: string): string =>
    ({ name: 'meter 9', kind: 'multimeter', unit0: 'V', to0: '600', calibratedTo: '2027-03-31', ...over })[name] ?? ''

describe('the shop’s instruments', () => {
  let sql: Sql
  let close: () => Promise<void>
  beforeAll(async () => {
    ;({ sql, close } = await staffedShop())
  })
  afterAll(() => close())

  it('come back as they were put in, those of the demo world too', async () => {
    const demo = demoInstruments(Date.UTC(2026, 10, 28, 12))
    for (const i of demo) await putInstrument(sql, i, true)
    const byId = new Map((await shopInstruments()).map((i) => [i.id, i]))
    for (const i of demo) expect(byId.get(i.id)).toEqual(i)
  })
  it('a new one is kept, another of that name is not, and it is changed in its place', async () => {
    expect(await keepInstrument('', fields({ leads: '0.2' }))).toBeNull()
    expect(await keepInstrument('', fields({ name: 'METER 9' }))).toMatch(/There is a METER 9 already/)
    const one = (await shopInstruments()).find((i) => i.name === 'meter 9')!
    expect(one).toMatchObject({ leads: 0.2, calibratedTo: '2027-03-31', ranges: [{ unit: 'V', from: 0, to: 600 }] })
    expect(await keepInstrument(one.id, fields({ calibratedTo: '' }))).toBeNull()
    const changed = (await shopInstruments()).find((i) => i.id === one.id)!
    expect(changed.calibratedTo).toBeNull()
    expect(changed).not.toHaveProperty('leads')
    expect(await keepInstrument('i-gone', fields({ name: 'other' }))).toMatch(/not on the list any more/)
  })
  it('out of use its name is free, and it comes back only while that is so', async () => {
    const one = (await shopInstruments()).find((i) => i.name === 'meter 9')!
    expect(await strikeInstrument(one.id, true)).toBeNull()
    expect((await shopInstruments()).find((i) => i.id === one.id)!.struck).toBe(true)
    expect(await keepInstrument('', fields())).toBeNull()
    expect(await strikeInstrument(one.id, false)).toMatch(/another meter 9 in use/)
    expect(await strikeInstrument('i-gone', true)).toMatch(/not on the list/)
  })
  it('of the demo world are struck off in a real shop, its own stay', async () => {
    await retireDemoInstruments(sql)
    const here = (await shopInstruments()).filter((i) => !i.struck)
    expect(here.map((i) => i.name)).toEqual(['meter 9'])
  })
})
