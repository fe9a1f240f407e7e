import { VOCABULARY } from '../src/core/build'
import { createHash } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { v4, v7 } from 'uuid'
import { loadDemo } from '../scripts/setup'
import { chargeOf, deadAt, type EntryDraft, type JobState, reduce } from '../src/core/job'
import { connect, type Sql } from '../src/db/client'
import { chainAt, readEntries } from '../src/db/entries'
import { append } from '../src/db/journal'
import { listSummaries } from '../src/db/jobs'
import { addMachine, listJobsToDo } from '../src/db/machines'
import { type Role } from '../src/core/job'
import { changePerson, listPeople } from '../src/db/people'
import { addSession, endSessions, findSession, listSessions, setDeviceSecret } from '../src/db/sessions'
import { godwit } from '../src/demo/machines/godwit'
import { parseEntry } from '../src/formats/entry'
import { parseMachineFile } from '../src/formats/machine-file'
import { appendBatch, type Sending } from '../src/server/append'
import { health, troubleOf } from '../src/server/health'
import { entriesAfter, loadJob } from '../src/server/jobs'
import { bare, impersonal } from '../src/server/log'
import { putIn } from '../src/server/machines'
import { onNotice } from '../src/server/notices'
import { noticeStream } from '../src/server/streams'
import { addToShop, changeSomebody, endOne, retireDemoPeople } from '../src/server/people'
import { newToken, tokenHash } from '../src/server/secrets'
import type { Session } from '../src/server/session'
import { checkSignIn, deviceFor } from '../src/server/sign-in'
import { device, draft, freshDatabase, job, note, staffedShop } from './database'
import { dunlinPlan } from './logbook'

let sql: Sql
let close: () => Promise<void>
let ids: Readonly<Record<Role, string>>
let tablet: string
beforeAll(async () => {
  ;({ sql, close, ids, tablet } = await staffedShop())
})
afterAll(() => close())

interface Told {
  readonly status: string
  readonly reason?: string
  readonly again?: string
  readonly past?: string
}
const as = (role: Role, over: Partial<Session> = {}): Session => ({
  person: { id: ids[role], name: role, role, qualified: false },
  device: tablet,
  keyed: true,
  maySend: true,
  token: Buffer.alloc(32),
  ...over,
})
async function send(
  session: Session,
  jobId: string,
  batch: readonly unknown[],
  sending: Sending = { build: 11 },
): Promise<readonly Told[]> {
  const result = await appendBatch(session, jobId, JSON.parse(JSON.stringify(batch)), sending)
  if (!('answers' in result)) throw new Error(`${result.status}: ${result.message}`)
  return result.answers
}
const one = async (session: Session, jobId: string, entry: unknown, sending?: Sending): Promise<Told> =>
  (await send(session, jobId, [entry], sending))[0]!
const state = async (id: string): Promise<JobState> => reduce(id, await readEntries(sql, id, 0))
const opened = (id: string, by: Role, machine: object = { name: 'cart' }): EntryDraft =>
  draft(id, ids[by], tablet, 'job-opened', { number: '1', machine: { name: 'cart', ...machine }, complaint: 'hums' })

describe('fault 1: no text holds up a tablet', () => {
  const HALF = '👍'.slice(0, 1)
  it.each([
    ['half of an emoji', { text: `cut ${HALF}` }, 'stored'],
    ['a NUL', { text: 'a\u0000b' }, 'stored'],
    ['a step called __proto__', { text: 'x', step: '__proto__' }, 'refused'],
    ['a step called constructor', { text: 'x', step: 'constructor' }, 'stored'],
  ])('%s', async (_, body, status) => {
    const id = await job(sql)
    expect(await one(as('lead'), id, draft(id, ids.lead, tablet, 'note-added', body as never))).toMatchObject({ status })
    expect(await one(as('lead'), id, note(id, ids.lead, tablet, 'after it'))).toMatchObject({ status: 'stored' })
    const entries = await readEntries(sql, id, 0)
    expect(JSON.stringify(entries)).not.toMatch(/\\ud83d(?!\\udc)|\\u0000/)
    expect((await loadJob(id))?.entries).toHaveLength(entries.length)
  })
  it('nesting a hundred thousand deep is refused in words, and the rest is stored', async () => {
    const id = await job(sql)
    const deep = `${'['.repeat(100_000)}${']'.repeat(100_000)}`
    const plan = { ...dunlinPlan('inspect'), odd: JSON.parse(deep) as unknown }
    const batch = [
      draft(id, ids.lead, tablet, 'plan-adopted', {
        plan: plan as never,
        file: 'dunlin',
        revision: '1',
        settings: { proofMinutes: 240, deadVolts: 5 },
      }),
      note(id, ids.lead, tablet, 'beside it'),
    ]
    const result = await appendBatch(as('lead'), id, batch)
    expect('answers' in result && result.answers).toMatchObject([
      { status: 'refused', reason: expect.stringMatching(/deeper/), again: 'never' },
      { status: 'stored' },
    ])
  })
  it('an odd text that is in a row already is mended on reading, never in the row', async () => {
    const id = await job(sql)
    await sql`insert into entries (job_id, seq, id, base, at, received_at, by_person, sent_by, device, kind, v, body, content)
      values (${id}, 1, ${v7()}, 0, 1, 1, ${ids.lead}, ${ids.lead}, ${tablet}, 'note-added', 1, ${'{"text":"a\\u0000 \\ud83d"}'}::text::json, ${Buffer.alloc(32)})`
    expect((await readEntries(sql, id, 0))[0]?.body).toEqual({ text: 'a \ufffd' })
    const [row] = await sql<{ body: string }[]>`select body::text as body from entries where job_id = ${id}`
    expect(row!.body).toContain('\\ud83d')
  })
})

describe('fault 2: ride logs with dates or epoch times', () => {
  it.each([
    ['epoch ms', 1_795_000_000_000],
    ['epoch s', 1_795_000_000],
    ['a day', 45_000],
  ])('are stored: %s', (_, from) => {
    const log = {
      name: 'r.csv',
      rows: 40,
      kept: 38,
      seconds: 38,
      hz: 1,
      notes: [],
      findings: [],
      strips: { from, to: from + 38_000, slices: 10, channels: {} },
    }
    expect(parseEntry(draft(v7(), 'x', v4(), 'ride-added', { text: 'ok', log } as never)).ok).toBe(true)
  })
})

describe('fault 4: what somebody else may send waits, it is not refused for good', () => {
  it.each([
    ['a viewer over a mechanic’s work', 'viewer', 'mechanic', 'step-done', { step: 's' }],
    ['the front desk over a mechanic’s work', 'front desk', 'mechanic', 'step-done', { step: 's' }],
    ['a mechanic over a lead’s override', 'mechanic', 'lead', 'check-overridden', { check: 'ridden', reason: 'rain' }],
  ] as const)('%s', async (_, sender, author, kind, body) => {
    const id = await job(sql)
    expect(await one(as(sender), id, draft(id, ids[author], tablet, kind, body as never))).toMatchObject({
      status: 'refused',
      again: 'other person',
    })
    expect(await readEntries(sql, id, 0)).toEqual([])
  })
  it.each([
    ['a kind', { kind: 'wish-told' }],
    ['a version', { v: 99 }],
    ['a field', { body: { text: 'x', mood: 'good' } }],
    ['an id of a closed list', { kind: 'check-passed', body: { check: 'looks nice', evidence: 'x' } }],
  ])('%s of a newer build waits, of the same build it is refused by name', async (_, over) => {
    const id = await job(sql)
    const entry = { ...note(id, ids.lead, tablet, 'x'), ...over }
    expect(await one(as('lead'), id, entry, { build: 99 })).toMatchObject({ status: 'refused', again: 'newer build' })
    expect(await one(as('lead'), id, entry, { build: 11, vocabulary: VOCABULARY + 1 })).toMatchObject({ again: 'newer build' })
    expect(await one(as('lead'), id, entry, { build: 11, vocabulary: VOCABULARY })).toMatchObject({ status: 'refused', again: 'never' })
  })
})

describe('fault 5: another past is told', () => {
  it('the running hash is that of the contents in order, and kept with every append', async () => {
    const id = await job(sql)
    await send(as('lead'), id, [note(id, ids.lead, tablet, 'a'), note(id, ids.lead, tablet, 'b')])
    await send(as('lead'), id, [note(id, ids.lead, tablet, 'c')])
    const rows = await sql<{ content: Buffer }[]>`select content from entries where job_id = ${id} order by seq`
    const expected = rows
      .reduce((h, r) => createHash('sha256').update(h).update(r.content).digest(), Buffer.alloc(32) as Buffer)
      .toString('hex')
    expect((await chainAt(sql, id, 3)).toString('hex')).toBe(expected)
    expect(await entriesAfter(id, 0)).toMatchObject({ lastSeq: 3, chain: expected })
    const two = (await chainAt(sql, id, 2)).toString('hex')
    expect(await entriesAfter(id, 2, { seq: 2, chain: two })).toMatchObject({ lastSeq: 3 })
    expect(await entriesAfter(id, 3, { seq: 3, chain: two })).toMatchObject({ past: 'other' })
    expect(await entriesAfter(id, 4)).toMatchObject({ past: 'other' })
  })
  it('entries given back keep what their devices wrote; others’ are taken when a lead accepts them', async () => {
    const id = await job(sql)
    await send(as('lead'), id, [note(id, ids.lead, tablet, 'shared')])
    const elsewhere = await device(sql, ids.mechanic)
    const lost = [note(id, ids.lead, tablet, 'mine'), { ...note(id, ids.mechanic, elsewhere, 'theirs'), base: 40 }]
    expect(await send(as('mechanic'), id, lost, { build: 11, agrees: 1 })).toMatchObject([
      { status: 'stored' },
      { status: 'refused', again: 'other person' },
    ])
    expect(await send(as('lead'), id, lost, { build: 11, agrees: 1 })).toMatchObject([{ status: 'already' }, { status: 'stored' }])
    expect((await readEntries(sql, id, 0)).slice(1)).toMatchObject([
      { by: ids.lead, agrees: 1 },
      { by: ids.mechanic, sentBy: ids.lead, base: 40, agrees: 1 },
    ])
  })
  it('a sender that names another history is told before anything is written', async () => {
    const id = await job(sql)
    expect(await appendBatch(as('lead'), id, [note(id, ids.lead, tablet, 'x')], { history: v4() })).toMatchObject({
      status: 409,
      again: 'later',
    })
  })
})

describe('fault 7: a machine is taken in by its first entries, number and full charge from the server', () => {
  it('with a file and without, once, however often it is sent', async () => {
    await addMachine(sql, { id: 'godwit', name: 'Godwit', class: 'e-bike', revision: 'r' }, JSON.stringify(godwit()))
    const id = v7()
    const first = {
      ...opened(id, 'front desk', { file: 'godwit', revision: 'r', fullVolts: 12 }),
      body: { ...(opened(id, 'front desk', { file: 'godwit', revision: 'r', fullVolts: 12 }).body as object), number: '' },
    }
    expect(
      await send(as('front desk'), id, [first, draft(id, ids['front desk'], tablet, 'symptom-noted', { text: 'hums' })]),
    ).toMatchObject([{ status: 'stored' }, { status: 'stored' }])
    expect(await one(as('front desk'), id, first)).toMatchObject({ status: 'already' })
    expect(await state(id)).toMatchObject({ number: expect.stringMatching(/^\d{4}$/), machine: { fullVolts: 54.6 } })
    expect(await one(as('front desk'), v7(), { ...first, id: v7() })).toMatchObject({ status: 'refused' })
    const none = v7()
    expect(await one(as('front desk'), none, opened(none, 'front desk', { file: 'ghost', revision: '1' }))).toMatchObject({
      status: 'refused',
      reason: expect.stringMatching(/“ghost”/),
      again: 'later',
    })
    expect(await loadJob(none)).toBeNull()
  })
  it('nothing but an opening makes a job', async () => {
    const id = v7()
    expect(await appendBatch(as('lead'), id, [note(id, ids.lead, tablet, 'x')])).toMatchObject({ status: 404, again: 'later' })
  })
})

describe('fault 10: nobody writes as somebody else', () => {
  it('entries of another count only for when they were signed in on this device', async () => {
    const id = await job(sql)
    const shared = await device(sql, ids.lead)
    const hour = 3_600_000
    await sql`insert into sign_ins (device_id, person_id, from_at, until_at) values (${shared}, ${ids.mechanic}, now() - interval '5 hours', now() - interval '3 hours')`
    const at = (back: number) =>
      one(
        as('lead', { device: shared }),
        id,
        draft(id, ids.mechanic, shared, 'note-added', { text: 'x' }, { at: Date.now() - back * hour }),
      )
    expect(await at(4)).toMatchObject({ status: 'stored' })
    expect(await at(1)).toMatchObject({ status: 'refused', again: 'other person', reason: expect.stringMatching(/was not signed in/) })
    expect(await at(6)).toMatchObject({ status: 'refused' })
  })
  it('a device number read in a journal proves nothing: it gets another', async () => {
    const own = await device(sql, ids.lead)
    const key = newToken()
    await setDeviceSecret(sql, own, tokenHash(key), 'tablet')
    expect(await deviceFor(sql, own, key)).toEqual({ device: own, fresh: false })
    for (const wrong of [undefined, newToken()]) expect((await deviceFor(sql, own, wrong)).device).not.toBe(own)
    // One from before secrets keeps its number and gets a secret.
    expect(await deviceFor(sql, tablet, undefined)).toEqual({ device: tablet, fresh: true })
  })
  it('a device without its secret sends, but proves, overrides and crosses out others’ lines not', async () => {
    const id = await job(sql)
    const bareTablet = as('lead', { keyed: false })
    const theirs = note(id, ids.mechanic, tablet, 'theirs')
    const own = note(id, ids.lead, tablet, 'own')
    expect((await send(bareTablet, id, [theirs, own])).map((a) => a.status)).toEqual(['stored', 'stored'])
    for (const entry of [
      draft(id, ids.lead, tablet, 'proof-taken', { instrument: { name: 'm' }, readings: [{ between: 'a', volts: 0 }] }),
      draft(id, ids.lead, tablet, 'check-overridden', { check: 'ridden', reason: 'rain' }),
      draft(id, ids.lead, tablet, 'struck', { target: theirs.id }),
    ])
      expect(await one(bareTablet, id, entry)).toMatchObject({ status: 'refused', again: 'other person' })
    expect(await one(bareTablet, id, draft(id, ids.lead, tablet, 'struck', { target: own.id }))).toMatchObject({ status: 'stored' })
    expect(await appendBatch(as('lead', { keyed: false, maySend: false }), id, [note(id, ids.lead, tablet, 'x')])).toMatchObject({
      status: 403,
      again: 'other person',
    })
  })
})

describe('fault 11: rights follow the chain of crossings-out', () => {
  it('a mechanic does not revive a proof that the lead crossed out, in one batch or over several', async () => {
    const id = await job(sql)
    const proof = draft(id, ids.lead, tablet, 'proof-taken', { instrument: { name: 'm' }, readings: [{ between: 'a', volts: 0 }] })
    const strike = draft(id, ids.lead, tablet, 'struck', { target: proof.id, reason: 'wrong meter' })
    await send(as('lead'), id, [draft(id, ids.lead, tablet, 'power-changed', { to: 'out' }), proof, strike])
    const revive = draft(id, ids.mechanic, tablet, 'struck', { target: strike.id, reason: 'no' })
    expect(await one(as('mechanic'), id, revive)).toMatchObject({ status: 'refused', again: 'other person' })
    const deeper = draft(id, ids.mechanic, tablet, 'struck', { target: revive.id, reason: 'no' })
    expect((await send(as('mechanic'), id, [revive, deeper])).map((a) => a.status)).toEqual(['refused', 'refused'])
    expect(
      await one(as('lead'), id, draft(id, ids.lead, tablet, 'struck', { target: strike.id, reason: 'right meter after all' })),
    ).toMatchObject({ status: 'stored' })
  })
})

describe('fault 12: nobody loosens safety', () => {
  it('the opening of a job stands, and is crossed out by a lead with a reason only', async () => {
    const id = await job(sql)
    const first = opened(id, 'front desk', { fullVolts: 84 })
    await send(as('front desk'), id, [first])
    await send(as('front desk'), id, [opened(id, 'front desk', { fullVolts: 24 })])
    expect(chargeOf(await state(id))).toMatchObject({ cls: 'B', volts: 84 })
    expect(await one(as('mechanic'), id, draft(id, ids.mechanic, tablet, 'struck', { target: first.id, reason: 'x' }))).toMatchObject({
      status: 'refused',
    })
    expect(await one(as('lead'), id, draft(id, ids.lead, tablet, 'struck', { target: first.id }))).toMatchObject({
      status: 'refused',
      again: 'never',
    })
  })
  it('a told voltage stands as the highest; the front desk’s only raises', async () => {
    const id = await job(sql)
    await send(as('front desk'), id, [opened(id, 'front desk')])
    await send(as('front desk'), id, [
      draft(id, ids['front desk'], tablet, 'job-opened', { number: '2', machine: { name: 'x', fullVolts: 36 }, complaint: '' }),
    ])
    expect(chargeOf(await state(id)).from).toBe('nobody')
    await send(as('mechanic'), id, [draft(id, ids.mechanic, tablet, 'voltage-told', { from: 'label', volts: 54.6 })])
    expect(chargeOf(await state(id))).toMatchObject({ cls: 'A', volts: 54.6 })
    const high = draft(id, ids.mechanic, tablet, 'voltage-told', { from: 'cells', volts: 67.2, cells: 16 })
    await send(as('mechanic'), id, [high])
    expect(chargeOf(await state(id))).toMatchObject({ cls: 'B', volts: 67.2 })
    expect(
      await one(as('mechanic'), id, draft(id, ids.mechanic, tablet, 'struck', { target: high.id, reason: 'miscounted' })),
    ).toMatchObject({ status: 'refused', again: 'other person' })
    expect(await one(as('lead'), id, draft(id, ids.lead, tablet, 'struck', { target: high.id, reason: 'miscounted' }))).toMatchObject({
      status: 'stored',
    })
    expect(chargeOf(await state(id)).cls).toBe('A')
  })
  it('a plan’s own limits count only where they are stricter than the shop’s', async () => {
    const id = await job(sql)
    await send(as('mechanic'), id, [
      opened(id, 'mechanic', { fullVolts: 58.8 }),
      draft(id, ids.mechanic, tablet, 'plan-adopted', {
        plan: JSON.parse(JSON.stringify(dunlinPlan('inspect'))) as never,
        file: 'dunlin',
        revision: '1',
        settings: { proofMinutes: 9000, deadVolts: 60 },
      }),
    ])
    await send(as('mechanic'), id, [
      draft(id, ids.mechanic, tablet, 'power-changed', { to: 'isolated' }),
      draft(id, ids.mechanic, tablet, 'proof-taken', { instrument: { name: 'm' }, readings: [{ between: 'feed', volts: 41 }] }),
    ])
    const s = await state(id)
    expect(s.settings).toEqual({ proofMinutes: 240, proofMinutesHigh: 30, deadVolts: 5 })
    expect(deadAt(s.power, s.lastAt)).toBe(false)
  })
  it('a base above the journal is wrong', async () => {
    const id = await job(sql)
    expect(await one(as('lead'), id, draft(id, ids.lead, tablet, 'note-added', { text: 'x' }, { base: 1e9 }))).toMatchObject({
      status: 'refused',
      again: 'later',
      past: 'other',
    })
  })
})

describe('faults 9 and 13: who gets in', () => {
  it('sixty tries at once are judged no more often than one after the other', async () => {
    expect(await addToShop({ name: 'Wilma', role: 'lead', passphrase: 'right words here', qualified: false })).toBeNull()
    const answers = await Promise.all(Array.from({ length: 60 }, () => checkSignIn('Wilma', 'wrong', { source: '10.0.0.9' })))
    const judged = answers.filter((a) => 'message' in a && !/Try again in/.test(a.message))
    expect(judged).toHaveLength(5)
  })
  it('shut out from one source, a lead still gets in from their own tablet and from elsewhere', async () => {
    const [wilma] = (await listPeople(sql)).filter((p) => p.name === 'Wilma')
    const own = await device(sql, wilma!.id)
    expect(await checkSignIn('Wilma', 'right words here', { source: '10.0.0.9' })).toHaveProperty('message')
    expect(await checkSignIn('wilma', 'right words here', { source: '10.0.0.9', device: own })).toEqual({ personId: wilma!.id })
    expect(await checkSignIn('Wilma', 'right words here', { source: '10.0.0.4' })).toEqual({ personId: wilma!.id })
    expect(await checkSignIn('Wilma', 'right words here', { source: '10.0.0.9' }, () => Date.now() + 61_000)).toEqual({
      personId: wilma!.id,
    })
  })
  it('names that do not exist are counted like any other, and a source that tries many is slowed', async () => {
    for (let i = 0; i < 4; i++) await checkSignIn('Nobody', 'x', { source: '10.0.0.7' })
    expect(await checkSignIn('Nobody', 'x', { source: '10.0.0.7' })).toMatchObject({ message: expect.stringMatching(/wait 1 minute/) })
    expect(await checkSignIn('Nobody', 'x', { source: '10.0.0.7' })).toMatchObject({ message: expect.stringMatching(/Try again in/) })
    for (let i = 0; i < 30; i++) await checkSignIn(`guess ${i}`, 'x', { source: '10.0.0.8' })
    expect(await checkSignIn('guess 31', 'x', { source: '10.0.0.8' })).toMatchObject({ message: expect.stringMatching(/Try again in/) })
  })
  it('people are changed, given a passphrase and struck off, and their sessions end at once; the last lead stays', async () => {
    await addToShop({ name: 'Piet', role: 'mechanic', passphrase: 'first words here', qualified: true })
    const piet = (await listPeople(sql)).find((p) => p.name === 'Piet')!
    const on = await device(sql)
    const session = async (): Promise<Buffer> => {
      const token = tokenHash(newToken())
      await addSession(sql, token, piet.id, on, 1)
      return token
    }
    const [a, b] = [await session(), await session()]
    expect((await listSessions(sql)).filter((s) => s.personId === piet.id)).toHaveLength(2)
    expect(await changeSomebody(piet.id, { deed: 'passphrase', passphrase: 'short' })).toMatch(/at least 10/)
    expect(await changeSomebody(piet.id, { deed: 'passphrase', passphrase: 'second words here' }, b)).toBeNull()
    expect([await findSession(sql, a), (await findSession(sql, b))?.name]).toEqual([null, 'Piet'])
    expect(await checkSignIn('Piet', 'first words here', { source: 'p' })).toHaveProperty('message')
    expect(await checkSignIn('Piet', 'second words here', { source: 'p' })).toEqual({ personId: piet.id })
    expect(await changeSomebody(piet.id, { deed: 'role', role: 'viewer', qualified: false })).toBeNull()
    expect(await findSession(sql, b)).toBeNull()
    const c = await session()
    expect(await changeSomebody(piet.id, { deed: 'strike off' })).toBeNull()
    expect(await findSession(sql, c)).toBeNull()
    expect(await checkSignIn('Piet', 'second words here', { source: 'p' })).toHaveProperty('message')
    expect(await changeSomebody(piet.id, { deed: 'take back' })).toBeNull()
    expect(await checkSignIn('Piet', 'second words here', { source: 'p' })).toEqual({ personId: piet.id })
    const leads = (await listPeople(sql)).filter((p) => p.role === 'lead')
    for (const lead of leads.slice(1))
      expect(await changeSomebody(lead.id, { deed: 'role', role: 'mechanic', qualified: false })).toBeNull()
    for (const change of [{ deed: 'strike off' }, { deed: 'role', role: 'viewer', qualified: false }] as const)
      expect(await changeSomebody(leads[0]!.id, change)).toMatch(/only lead/)
    for (const lead of leads) await changePerson(sql, lead.id, { role: 'lead' })
    expect(await changeSomebody('p-nobody', { deed: 'strike off' })).toMatch(/nobody/)
  })
  it('ending a session ends their time on the device; shutting a device ends all of it', async () => {
    const on = await device(sql)
    await setDeviceSecret(sql, on, tokenHash('k'), 'x')
    const [a, b] = [tokenHash(newToken()), tokenHash(newToken())]
    await addSession(sql, a, ids.lead, on, 1)
    await addSession(sql, b, ids.mechanic, on, 1)
    const stays = () => sql<{ open: number }[]>`select count(*)::int as open from sign_ins where device_id = ${on} and until_at is null`
    const [row] = (await listSessions(sql)).filter((s) => s.deviceId === on && s.personId === ids.lead)
    await endOne({ session: row!.id })
    expect([await findSession(sql, a), (await stays())[0]!.open]).toEqual([null, 1])
    await endOne({ device: on })
    expect([await findSession(sql, b), (await stays())[0]!.open]).toEqual([null, 0])
    const [left] = await sql<
      { secret: Buffer | null; grace: boolean }[]
    >`select secret_hash as secret, keyless_until > now() as grace from devices where id = ${on}`
    expect(left).toEqual({ secret: null, grace: false })
    expect(await endSessions(sql, { token: b })).toBe(0)
  })
  it('people of the demo world do not survive into a real shop', async () => {
    const { sql: shop, close: shut } = await freshDatabase()
    await loadDemo(shop, Date.now())
    const token = tokenHash(newToken())
    await addSession(shop, token, 'p-ines', await device(shop), 1)
    expect(await retireDemoPeople(shop)).toBe(5)
    expect(await findSession(shop, token)).toBeNull()
    for (const name of ['Ines', 'Ines (demo)'])
      expect(await checkSignIn(name, 'ines at the slip', { source: name })).toHaveProperty('message')
    expect((await listPeople(shop)).every((p) => p.struck && / \(demo\)$/.test(p.name))).toBe(true)
    expect(await retireDemoPeople(shop)).toBe(0)
    await shut()
    ;(globalThis as Record<symbol, unknown>)[Symbol.for('nailsmith.db')] = sql
  })
})

describe('faults 16 and 19: machine files', () => {
  const file = (
    edit: (
      f: Record<string, never> & {
        id: string
        revision: string
        name: string
        steps: { check?: string; down?: { cautions?: string[] } }[]
      },
    ) => void,
  ): string => {
    const copy = JSON.parse(JSON.stringify(godwit())) as never
    edit(copy)
    return JSON.stringify(copy)
  }
  const problems = (text: string) => {
    const parsed = parseMachineFile(text)
    return parsed.ok ? [] : parsed.error.problems
  }
  it.each([
    [
      'a misspelt check',
      file((f) => void (f.steps.find((s) => s.check === 'spin test')!.check = 'spin tset')),
      /“spin tset”; “spin test” is/,
    ],
    [
      'a check that is nothing like one',
      file((f) => void (f.steps.find((s) => s.check)!.check = 'zzzzzzzz')),
      /No check is called “zzzzzzzz”\.$/,
    ],
    ['a misspelt caution', file((f) => void (f.steps.find((s) => s.down)!.down!.cautions = ['H44x'])), /“H44x”; “H44” is/],
    ['a NUL in a name', file((f) => void (f.name = 'God\u0000wit')), /cannot be kept/],
    ['half of an emoji in a name', file((f) => void (f.name = `Godwit ${'👍'.slice(0, 1)}`)), /cannot be kept/],
    ['an id that has no address', file((f) => void (f.id = 'a/b?c')), /should be a letter/],
    ['a revision that has none', file((f) => void (f.revision = '../x')), /letters, digits/],
    ['nesting without end', `{"format":"nailsmith-machine/1","x":${'['.repeat(20_000)}${']'.repeat(20_000)}}`, /deeper/],
  ])('%s is refused by name', (_, text, words) =>
    expect(
      problems(text)
        .map((p) => p.text)
        .join(' '),
    ).toMatch(words),
  )
  it('one that is stored already stops nobody from taking in', async () => {
    await addMachine(
      sql,
      { id: 'odd', name: 'Odd', class: 'scooter', revision: 'r' },
      file((f) => void ((f as unknown as { goals: { name: string }[] }).goals[0]!.name = `x\u0000${'👍'.slice(0, 1)}`)),
    )
    expect((await listJobsToDo(sql))['odd']?.[0]).toBe('x\ufffd')
  })
  it('a file of 4 MB is read beside the server’s own work, which goes on', async () => {
    const big = JSON.parse(JSON.stringify(godwit())) as { id: string; parts: object[]; tools: object[] }
    big.id = 'whale'
    for (let i = 0; i < 30_000; i++)
      big.tools.push({ id: `tool-${i}`, name: `tool number ${i} of a very long list of tools`, short: `t ${i}`, kind: 'spanner' })
    const text = JSON.stringify(big)
    expect(text.length).toBeGreaterThan(3_000_000)
    let longest = 0
    let last = performance.now()
    const beat = setInterval(() => {
      longest = Math.max(longest, performance.now() - last)
      last = performance.now()
    }, 5)
    expect(await putIn(text)).toMatchObject({ id: 'whale', kept: 'new' })
    clearInterval(beat)
    expect(longest).toBeLessThan(1_500)
  })
})

describe('fault 20: what is wrong is told as what it is', () => {
  it.each([
    ['53100', 'disk full'],
    ['25006', 'read-only'],
    ['58030', 'not writing'],
    ['CONNECTION_REFUSED', 'no answer'],
    [undefined, 'no answer'],
  ])('%s is “%s”', (code, trouble) => expect(troubleOf({ code })).toBe(trouble))
  it('the log names no person, no address of theirs and nothing that they wrote', () => {
    expect(bare('/jobs/01a21089-bf1a-74a8-bbbc-5dec15edfef9?stage=prove&q=Ines')).toBe('/jobs/:id')
    expect(impersonal('insert failed: Key (name)=("Ines at the slip") for 01a21089-bf1a-74a8-bbbc-5dec15edfef9')).toBe(
      'insert failed: Key (name)=("…") for :id',
    )
  })
})

describe('fault 24: crossing out', () => {
  it('folds on from the nearest state before its target and equals reducing everything, however deep the chain', async () => {
    const id = await job(sql)
    const all: EntryDraft[] = [opened(id, 'lead', { fullVolts: 58.8 })]
    for (let i = 1; i < 1_300; i++)
      all.push(
        i % 11 === 5
          ? draft(id, ids.lead, tablet, 'power-changed', { to: i % 2 ? 'isolated' : 'live' })
          : note(id, ids.lead, tablet, `n${i}`),
      )
    for (let i = 0; i < all.length; i += 100)
      await append(
        sql,
        id,
        all.slice(i, i + 100).map((entry) => ({ ok: true as const, entry })),
        ids.lead,
        Date.now,
      )
    expect((await sql`select seq from snapshots where job_id = ${id}`).length).toBe(2)
    const strikes: string[] = []
    const strike = async (target: string): Promise<void> => {
      const entry = draft(id, ids.lead, tablet, 'struck', { target, reason: 'x' })
      await append(sql, id, [{ ok: true, entry }], ids.lead, Date.now)
      strikes.push(entry.id)
      const [row] = (await listSummaries(sql, 200)).filter((r) => r.jobId === id)
      const whole = reduce(id, await readEntries(sql, id, 0))
      const [kept] = await sql<{ snapshot: JobState }[]>`select snapshot from jobs where id = ${id}`
      expect(JSON.parse(JSON.stringify(whole))).toEqual(kept!.snapshot)
      expect(row?.summary.power).toBe(whole.power.state)
    }
    await strike(all[1_280]!.id)
    await strike(all[1_259]!.id)
    await strike(all[600]!.id)
    await strike(strikes[1]!)
    await strike(strikes[2]!)
    await strike(strikes[3]!)
    await strike(all[3]!.id)
    expect((await sql`select seq from snapshots where job_id = ${id}`).length).toBe(0)
  })
})

describe('two builds side by side', () => {
  it('what one from before writes, entries and crossings-out without hash or kept states, is told right by this one', async () => {
    const id = await job(sql)
    const all: EntryDraft[] = [opened(id, 'lead', { fullVolts: 58.8 }), draft(id, ids.lead, tablet, 'power-changed', { to: 'isolated' })]
    for (let i = 2; i < 700; i++) all.push(note(id, ids.lead, tablet, `n${i}`))
    for (let i = 0; i < all.length; i += 100)
      await append(
        sql,
        id,
        all.slice(i, i + 100).map((entry) => ({ ok: true as const, entry })),
        ids.lead,
        Date.now,
      )
    const old = draft(id, ids.lead, tablet, 'struck', { target: all[1]!.id })
    await sql`insert into entries (job_id, seq, id, base, at, received_at, by_person, sent_by, device, kind, v, body, content)
      values (${id}, 701, ${old.id}, 0, 1, 1, ${ids.lead}, ${ids.lead}, ${tablet}, 'struck', 1, ${sql.json(old.body as never)}, ${Buffer.alloc(32, 7)})`
    await sql`update jobs set last_seq = 701, snapshot_seq = 701, reducer = 6 where id = ${id}`
    expect(await entriesAfter(id, 701)).toMatchObject({ chain: (await chainAt(sql, id, 701)).toString('hex') })
    await append(sql, id, [{ ok: true, entry: draft(id, ids.lead, tablet, 'struck', { target: all[650]!.id }) }], ids.lead, Date.now)
    const [kept] = await sql<{ snapshot: JobState }[]>`select snapshot from jobs where id = ${id}`
    expect(kept!.snapshot).toEqual(JSON.parse(JSON.stringify(await state(id))))
    expect(kept!.snapshot.power.state).toBe('live')
    expect(await entriesAfter(id, 702)).toMatchObject({ chain: (await chainAt(sql, id, 702)).toString('hex') })
  })
})

describe('faults 19 to 22: what is stored and odd, and a server in trouble', () => {
  it('a stored plan of an odd shape flags itself, and the job goes on', async () => {
    const id = await job(sql)
    await send(as('lead'), id, [opened(id, 'lead', { fullVolts: 58.8 })])
    await sql`insert into entries (job_id, seq, id, base, at, received_at, by_person, sent_by, device, kind, v, body, content)
      values (${id}, 2, ${v7()}, 1, 1, 1, ${ids.lead}, ${ids.lead}, ${tablet}, 'plan-adopted', 1, ${sql.json({ plan: { down: { steps: 7 } } })}, ${Buffer.alloc(32)})`
    await sql`update jobs set last_seq = 2, snapshot = null, chain = null where id = ${id}`
    // Another copy of the app has nothing in memory.
    const fresh = await state(id)
    expect(fresh.flags).toContainEqual(expect.objectContaining({ kind: 'unreadable', subject: 'plan-adopted' }))
    expect((await loadJob(id))?.entries).toHaveLength(2)
  })
  it.each([
    ['a step whose tool is a number', (s: Record<string, unknown>) => void (s['tool'] = 5)],
    ['a step without minutes', (s: Record<string, unknown>) => void delete s['minutes']],
    ['a torque that is a word', (s: Record<string, unknown>) => void (s['torque'] = 'tight')],
    ['a need that is no guard', (s: Record<string, unknown>) => void (s['needs'] = { perhaps: [] })],
    ['looks without items', (s: Record<string, unknown>) => void (s['looks'] = { stand: [] })],
    ['consumables that are none', (s: Record<string, unknown>) => void delete s['consumables']],
  ])('a plan is looked at whole before it is taken: %s', (_, edit) => {
    const plan = JSON.parse(JSON.stringify(dunlinPlan('inspect'))) as { down: { steps: Record<string, unknown>[] } }
    const whole = (p: unknown) =>
      parseEntry(
        draft(v7(), 'x', v4(), 'plan-adopted', {
          plan: p as never,
          file: 'dunlin',
          revision: '1',
          settings: { proofMinutes: 240, deadVolts: 5 },
        }),
      ).ok
    expect(whole(plan)).toBe(true)
    edit(plan.down.steps[1]!)
    expect(whole(plan)).toBe(false)
  })
  it('health says that a database can be read and not written', async () => {
    expect(await health()).toMatchObject({ trouble: null })
    const [{ name }] = (await sql<{ name: string }[]>`select current_database() as name`) as unknown as [{ name: string }]
    const readOnly = connect(process.env['DATABASE_URL']!, 1)
    await readOnly`set default_transaction_read_only = on`
    ;(globalThis as Record<symbol, unknown>)[Symbol.for('nailsmith.db')] = readOnly
    await sql`delete from pulse`
    expect(await health()).toEqual({ trouble: 'read-only' })
    const away = connect(`postgres://nobody:x@127.0.0.1:1/${name}`, 1)
    ;(globalThis as Record<symbol, unknown>)[Symbol.for('nailsmith.db')] = away
    expect(await health()).toEqual({ trouble: 'no answer' })
    ;(globalThis as Record<symbol, unknown>)[Symbol.for('nailsmith.db')] = sql
    await Promise.all([readOnly.end(), away.end({ timeout: 0 })])
  })
  it('after the database was away every follower is told to look again', async () => {
    const heard: (string | null)[] = []
    const stop = await onNotice((told) => void heard.push(...(told ? [...told].map(([jobId, seq]) => `${jobId}:${seq}`) : [null])))
    const id = await job(sql)
    await send(as('lead'), id, [note(id, ids.lead, tablet, 'x')])
    await expect.poll(() => heard).toContain(`${id}:1`)
    await sql`select pg_terminate_backend(pid) from pg_stat_activity where query ilike 'listen %' and datname = current_database()`
    await expect.poll(() => heard, { timeout: 15_000 }).toContain(null)
    stop()
  })
  it('one session has six streams at most: the oldest give way', async () => {
    const ended: number[] = []
    const controllers = Array.from({ length: 8 }, () => new AbortController())
    const readers = controllers.map((c) => noticeStream(async () => as('lead'), c.signal, 'one').getReader())
    readers.forEach(
      (reader, i) =>
        void (async () => {
          while (!(await reader.read()).done);
          ended.push(i)
        })(),
    )
    await expect.poll(() => ended.sort()).toEqual([0, 1])
    controllers.forEach((c) => c.abort())
    await expect.poll(() => ended.length).toBe(8)
  })
})
