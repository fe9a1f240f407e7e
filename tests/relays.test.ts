import { spawn } from 'node:child_process'
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest'
import { standInUsed } from '../src/core/instruments'
import type { Sql } from '../src/db/client'
import { addSession, endSessions } from '../src/db/sessions'
import type { Passed } from '../src/instruments/relay'
import { askRelay, newRelayCode, pairRelay, passOn, relaysFor } from '../src/server/relays'
import { tokenHash } from '../src/server/secrets'
import type { Session } from '../src/server/session'
import { noticeStream } from '../src/server/streams'
import { device, draft, job, staffedShop } from './database'
import { appendBatch } from '../src/server/append'

let shop: Awaited<ReturnType<typeof staffedShop>>
let sql: Sql
beforeAll(async () => {
  shop = await staffedShop()
  sql = shop.sql
})
afterAll(() => shop.close())
afterEach(() => {
  process.env['NAILSMITH_DEMO'] = '1'
})

let n = 0
/** Somebody signed in on a tablet of their own. */
async function session(role: 'mechanic' | 'lead' = 'mechanic'): Promise<Session> {
  const tablet = await device(sql, shop.ids[role])
  const token = tokenHash(`session ${n++}`)
  await addSession(sql, token, shop.ids[role], tablet, 1)
  return { person: { id: shop.ids[role], name: role, role, qualified: false }, device: tablet, keyed: true, maySend: true, token }
}

const meter = { key: 'ttyUSB0', name: 'meter 3' }
const sends = (...lines: readonly string[]): Passed => ({ instruments: [meter], lines: lines.length > 0 ? { [meter.key]: lines } : {} })

async function joined(of: Session): Promise<{ readonly token: string; readonly relay: string }> {
  const name = `bench-${n++}`
  const token = await pairRelay(await newRelayCode(of), name)
  if (!token) throw new Error('not joined')
  expect(await passOn(token, sends())).toMatchObject({ orders: [], claimed: [] })
  return { token, relay: (await relaysFor(of)).find((r) => r.name === name)!.id }
}

/** What a tablet’s stream was told of instruments. */
function stream(of: Session): { readonly said: () => string; readonly leave: () => void } {
  const leave = new AbortController()
  const watched = { jobs: new Set<string>(), board: false, instruments: true }
  const reader = noticeStream(async () => of, leave.signal, of.token.toString('hex'), watched).getReader()
  let text = ''
  void (async () => {
    for (let part = await reader.read(); !part.done; part = await reader.read()) text += new TextDecoder().decode(part.value)
  })()
  return { said: () => text, leave: () => leave.abort() }
}

describe('a relay on the shop’s computer', () => {
  it('joins once by a code, typed in any case; a second code of the same session voids the first', async () => {
    const mechanic = await session()
    const [first, second] = [await newRelayCode(mechanic), await newRelayCode(mechanic)]
    expect(second).toMatch(/^[A-HJ-NP-Z2-9]{8}$/)
    expect(await pairRelay(first, 'bench-2')).toBeNull()
    expect(await pairRelay('AAAAAAAA', 'bench-2')).toBeNull()
    const token = await pairRelay(` ${second.toLowerCase()} `, 'bench-2')
    expect(token).not.toBeNull()
    expect(await pairRelay(second, 'bench-2')).toBeNull()
    expect(await passOn(`${token}x`, sends())).toBe('unknown')
    await sql`update relays set code_until = now() - interval '1 second' where token_hash is null`
    const late = await newRelayCode(mechanic)
    await sql`update relays set code_until = now() - interval '1 second' where token_hash is null`
    expect(await pairRelay(late, 'bench-2')).toBeNull()
  })

  it('sends to the tablet that claimed the instrument and to no other, until another takes it', async () => {
    const [one, other] = [await session(), await session('lead')]
    const { token, relay } = await joined(one)
    const [here, there] = [stream(one), stream(other)]
    await expect.poll(() => [here, there].every((s) => s.said().includes(': open'))).toBe(true)
    expect(await askRelay(one, { relay, key: meter.key, ask: 'take' })).toBe(true)
    expect(await passOn(token, sends('51.83 V DC'))).toMatchObject({ claimed: [meter.key] })
    await expect.poll(here.said).toContain('51.83 V DC')
    expect((await relaysFor(other)).find((r) => r.id === relay)!.instruments[0]!.at).toEqual({
      person: expect.stringContaining('mechanic'),
      here: false,
    })
    // Orders: only from the one who has it, each once.
    const order = { relay, key: meter.key, ask: 'order', order: { key: meter.key, to: 'nothing' } } as const
    expect(await askRelay(other, order)).toBe(false)
    expect(await askRelay(one, order)).toBe(true)
    expect(await passOn(token, sends())).toMatchObject({ orders: [order.order] })
    expect(await passOn(token, sends())).toMatchObject({ orders: [] })

    expect(await askRelay(other, { relay, key: meter.key, ask: 'take' })).toBe(true)
    await passOn(token, sends('12.00 V DC'))
    await expect.poll(there.said).toContain('12.00 V DC')
    expect(here.said()).not.toContain('12.00 V DC')
    await askRelay(one, { relay, key: meter.key, ask: 'let go' })
    expect(await passOn(token, sends())).toMatchObject({ claimed: [meter.key] })
    await askRelay(other, { relay, key: meter.key, ask: 'let go' })
    expect(await passOn(token, sends('13.00 V DC'))).toMatchObject({ claimed: [] })
    here.leave()
    there.leave()
  })

  it('ends with the session that it was bound to, and a tablet’s claims with its own', async () => {
    const [one, other] = [await session(), await session('lead')]
    const { token, relay } = await joined(one)
    await askRelay(other, { relay, key: meter.key, ask: 'take' })
    const third = await joined(one)
    expect((await relaysFor(one)).find((r) => r.id === third.relay)!.own).toBe(true)
    expect((await relaysFor(other)).find((r) => r.id === third.relay)!.own).toBe(false)
    await askRelay(other, { relay: third.relay, key: 'all', ask: 'end' })
    expect(await passOn(third.token, sends())).toMatchObject({ claimed: [] })
    await askRelay(one, { relay: third.relay, key: 'all', ask: 'end' })
    expect(await passOn(third.token, sends())).toBe('unknown')
    await endSessions(sql, { token: other.token })
    expect(await passOn(token, sends())).toMatchObject({ claimed: [] })
    await endSessions(sql, { token: one.token })
    expect(await passOn(token, sends('51.8 V DC'))).toBe('unknown')
    expect((await relaysFor(await session())).some((r) => r.id === relay)).toBe(false)
  })

  it('keeps the last twenty orders at most, and a silent one leaves the list', async () => {
    const one = await session()
    const { token, relay } = await joined(one)
    await askRelay(one, { relay, key: meter.key, ask: 'take' })
    for (let i = 0; i < 25; i++)
      await askRelay(one, { relay, key: meter.key, ask: 'order', order: { key: meter.key, to: 'value', value: i, unit: 'V' } })
    const heard = await passOn(token, sends())
    expect(typeof heard === 'string' ? [] : heard.orders.map((o) => (o as { value: number }).value)).toEqual(
      Array.from({ length: 20 }, (_, i) => i + 5),
    )
    await sql`update relays set seen_at = now() - interval '2 minutes' where id = ${relay}`
    expect((await relaysFor(one)).some((r) => r.id === relay)).toBe(false)
  })
})

describe('a simulated instrument', () => {
  const simulated: Passed = {
    instruments: [{ key: 's', name: 'stand-in multimeter', standIn: { dials: ['V DC'], dial: 'V DC' } }],
    lines: {},
  }
  const reading = (id: string) =>
    draft(id, shop.ids.mechanic, shop.tablet, 'reading-taken', {
      quantity: 'voltage',
      result: { is: 'value', value: 51.8 },
      unit: 'V',
      live: true,
      instrument: standInUsed('multimeter'),
    })
  const send = async (id: string, entry: object): Promise<{ status?: string; reason?: string }> => {
    const own = { ...(await session()), device: shop.tablet }
    const result = await appendBatch(own, id, [JSON.parse(JSON.stringify(entry))])
    return 'answers' in result ? result.answers[0]! : {}
  }

  it('is not let into a real shop, by its relay or by its readings', async () => {
    const { token } = await joined(await session())
    expect(await passOn(token, simulated)).toMatchObject({ claimed: [] })
    const id = await job(sql)
    expect((await send(id, reading(id))).status).toBe('stored')
    process.env['NAILSMITH_DEMO'] = '0'
    expect(await passOn(token, simulated)).toBe('stand-ins')
    expect(await passOn(token, sends())).toMatchObject({ claimed: [] })
    expect(await send(id, reading(id))).toMatchObject({ status: 'refused', reason: expect.stringContaining('real shop') })
  })

  it('proves nothing dead anywhere', async () => {
    const id = await job(sql)
    const proof = draft(id, shop.ids.mechanic, shop.tablet, 'proof-taken', {
      readings: [{ role: 'poles', between: 'here', volts: 0 }],
      instrument: standInUsed('multimeter'),
    })
    expect(await send(id, proof)).toMatchObject({ status: 'refused' })
    expect((await send(id, { ...proof, body: { ...proof.body, instrument: 'meter 3' } })).status).toBe('stored')
  })
})

describe('the relay program', () => {
  it('says what it wants without a code, and names a simulated instrument that there is not', async () => {
    const run = (args: readonly string[]): Promise<{ code: number | null; text: string }> =>
      new Promise((resolve) => {
        const child = spawn(process.execPath, ['--import', 'tsx', 'scripts/instruments.ts', ...args])
        let text = ''
        child.stdout.on('data', (d: Buffer) => (text += d.toString()))
        child.stderr.on('data', (d: Buffer) => (text += d.toString()))
        child.on('exit', (code) => resolve({ code, text }))
      })
    const [bare, odd] = await Promise.all([run([]), run(['--code', 'X', '--stand-ins', 'crystal ball'])])
    expect(bare).toMatchObject({ code: 2, text: expect.stringContaining('A code is wanted') })
    expect(odd.code).not.toBe(0)
    expect(odd.text).toContain('nothing stands in for “crystal ball”')
  })
})
