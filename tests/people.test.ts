import { dunlin } from '../src/demo/machines/dunlin'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import sharp from 'sharp'
import { loadDemo } from '../scripts/setup'
import { reduce } from '../src/core/job'
import type { Sql } from '../src/db/client'
import { countJobs, listSummaries } from '../src/db/jobs'
import { readEntries } from '../src/db/entries'
import { loadMachineText } from '../src/db/machines'
import { addSession, findSession, setFirstLeadToken } from '../src/db/sessions'
import { parseMachineFile } from '../src/formats/machine-file'
import { keepPhoto, readPhoto } from '../src/server/photos'
import { hashPassphrase, newToken, tokenHash, verifyPassphrase } from '../src/server/secrets'
import { lockSeconds } from '../src/db/tries'
import { checkSignIn, firstLeadOpen, inWords, makeFirstLead } from '../src/server/sign-in'
import { device, freshDatabase } from './database'

let sql: Sql
let close: () => Promise<void>
const LOADED = Date.now()
beforeAll(async () => {
  ;({ sql, close } = await freshDatabase())
})
afterAll(() => close())

describe('an empty shop', () => {
  it('opens once, by its link, to its first lead', async () => {
    const token = newToken()
    await setFirstLeadToken(sql, tokenHash(token))
    expect(await firstLeadOpen(token)).toBe(true)
    expect(await firstLeadOpen(newToken())).toBe(false)
    expect(await makeFirstLead(token, 'Ada', 'short')).toMatchObject({ message: expect.stringMatching(/at least 10/) })
    const made = await makeFirstLead(token, 'Ada', 'long enough words')
    expect(made).toHaveProperty('personId')
    expect(await makeFirstLead(token, 'Eve', 'long enough words')).toMatchObject({ message: expect.stringMatching(/used/) })
    expect(await checkSignIn('ada', 'long enough words')).toHaveProperty('personId')
    await sql`delete from people`
  })
})

describe('the demo world', () => {
  beforeAll(() => loadDemo(sql, LOADED))

  it('has Dunlins at several stages, one machine without a file, and no entry that the reducer finds odd', async () => {
    expect(await countJobs(sql)).toBe(16)
    const rows = await listSummaries(sql, 50)
    expect(new Set(rows.map((r) => r.summary.stage)).size).toBeGreaterThanOrEqual(4)
    expect(rows.filter((r) => r.summary.fileless)).toHaveLength(1)
    for (const row of rows) {
      const state = reduce(row.jobId, await readEntries(sql, row.jobId, 0))
      expect(state.flags, row.summary.machine).toEqual([])
      expect(state.lastAt).toBeLessThanOrEqual(LOADED)
    }
  })

  it('keeps the machine file letter for letter', async () => {
    const text = await loadMachineText(sql, 'dunlin', dunlin().revision)
    const parsed = parseMachineFile(text!)
    expect(parsed.ok).toBe(true)
    if (parsed.ok) expect(JSON.stringify(parsed.value, null, 1)).toBe(text)
  })

  it('signs Ines in, tells a wrong passphrase nothing, and locks after five with the wait in words', async () => {
    expect(await checkSignIn('INES', 'ines at the slip')).toEqual({ personId: 'p-ines' })
    const wrong = await checkSignIn('Ines', 'nope')
    expect(await checkSignIn('Nobody', 'nope')).toEqual(wrong)
    for (let i = 0; i < 3; i++) await checkSignIn('Ines', 'nope')
    expect(await checkSignIn('Ines', 'nope')).toMatchObject({ message: expect.stringMatching(/wait 1 minute/) })
    expect(await checkSignIn('Ines', 'ines at the slip')).toMatchObject({ message: expect.stringMatching(/Try again in/) })
    expect(await checkSignIn('Ines', 'ines at the slip', undefined, () => Date.now() + 61_000)).toEqual({ personId: 'p-ines' })
  })

  it('ends a session that is past its time', async () => {
    const token = newToken()
    const tablet = await device(sql)
    await addSession(sql, tokenHash(token), 'p-marit', tablet, 1)
    expect(await findSession(sql, tokenHash(token))).toMatchObject({ name: 'Marit', deviceId: tablet })
    await sql`update sessions set expires_at = now() - interval '1 second' where token_hash = ${tokenHash(token)}`
    expect(await findSession(sql, tokenHash(token))).toBeNull()
  })
})

describe('waiting and secrets', () => {
  it.each([
    [4, null],
    [5, 60],
    [6, 120],
    [11, 3600],
    [40, 3600],
  ])('after %i failures: %s s', (failures, seconds) => expect(lockSeconds(failures, { free: 5, longest: 3600 })).toBe(seconds))
  it.each([
    [1, '1 second'],
    [59, '59 seconds'],
    [60, '1 minute'],
    [61, '2 minutes'],
  ])('%i s is %s', (s, words) => expect(inWords(s)).toBe(words))
  it('hashes by Argon2id, and a broken hash verifies nothing', async () => {
    const hash = await hashPassphrase('words')
    expect(hash).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/)
    expect(await verifyPassphrase(hash, 'words')).toBe(true)
    expect(await verifyPassphrase('rubbish', 'words')).toBe(false)
  })
})

describe('photos', () => {
  const picture = (width: number, height: number) => sharp({ create: { width, height, channels: 3, background: '#9c4518' } })
  it('keeps a photo under the hash of what was sent, smaller, turned upright and without what the camera wrote in it', async () => {
    const bytes = await picture(3000, 1500)
      .withExif({ IFD0: { Copyright: 'somebody' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer()
    const kept = await keepPhoto(bytes, 'p-ines')
    expect(kept).toHaveProperty('id')
    const row = await readPhoto((kept as { id: string }).id)
    const meta = await sharp(row!.bytes).metadata()
    expect([meta.format, meta.width, meta.height]).toEqual(['webp', 1024, 2048])
    expect(meta.exif).toBeUndefined()
    expect(await keepPhoto(bytes, 'p-ines')).toEqual(kept)
  })
  it('refuses what is no picture, what only begins like one, and one of 40 megapixels', async () => {
    expect(await keepPhoto(new TextEncoder().encode('<svg onload="x">'), 'p-ines')).toMatchObject({ status: 415 })
    expect(await keepPhoto(new Uint8Array([0xff, 0xd8, 0xff, 1, 2, 3]), 'p-ines')).toMatchObject({ status: 415 })
    const huge = await picture(8000, 5000).png().toBuffer()
    expect(await keepPhoto(huge, 'p-ines')).toMatchObject({ status: 413 })
  })
  it('has nothing for an id that is none', async () => expect(await readPhoto("x' or 1=1")).toBeNull())
})
