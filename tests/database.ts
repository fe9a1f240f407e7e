import { randomBytes } from 'node:crypto'
import path from 'node:path'
import { v4, v7 } from 'uuid'
import { connect, type Sql } from '../src/db/client'
import { addJob } from '../src/db/jobs'
import { migrate } from '../src/db/migrate'
import { type Role, ROLES, written } from '../src/core/job'
import { addPerson } from '../src/db/people'
import { addDevice } from '../src/db/sessions'
import { appendBatch } from '../src/server/append'
import type { Bodies, EntryDraft, Kind } from '../src/core/job'

export const MIGRATIONS = path.join(import.meta.dirname, '..', 'src', 'db', 'migrations')

/** How many are open in this process. */
let open = 0

/** What the app keeps of a database goes with it: the next file of tests in this process has another. */
function forget(): void {
  for (const key of Object.getOwnPropertySymbols(globalThis))
    if (key.description?.startsWith('nailsmith.')) Reflect.deleteProperty(globalThis, key)
}

/** A database of its own on the test server, at the newest shape; dropped by `close`. `db()` of the app uses it too. */
export async function freshDatabase(): Promise<{ readonly sql: Sql; readonly close: () => Promise<void> }> {
  const given = process.env['DATABASE_URL']
  if (!given) throw new Error('these tests need DATABASE_URL; run them by npm test')
  const name = `t_${randomBytes(6).toString('hex')}`
  const admin = connect(given, 1)
  await admin.unsafe(`create database ${name}`)
  const url = new URL(given)
  url.pathname = `/${name}`
  process.env['DATABASE_URL'] = url.href
  const sql = connect(url.href, 20)
  // A stream that ended late may have asked for one once more.
  if (open++ === 0) forget()
  ;(globalThis as Record<symbol, unknown>)[Symbol.for('nailsmith.db')] = sql
  await migrate(sql, MIGRATIONS)
  return {
    sql,
    close: async () => {
      await sql.end()
      await admin.unsafe(`drop database ${name} with (force)`)
      await admin.end()
      process.env['DATABASE_URL'] = given
      if (--open === 0) forget()
    },
  }
}

export async function person(sql: Sql, role: Role, name: string = role): Promise<string> {
  const id = `p-${v4()}`
  await addPerson(sql, { id, name: `${name} ${id.slice(2, 6)}`, role, qualified: false, passphraseHash: 'no way in' })
  return id
}

export async function device(sql: Sql, ...people: readonly string[]): Promise<string> {
  const id = v4()
  await addDevice(sql, id)
  for (const p of people) await sql`insert into sign_ins (device_id, person_id, from_at) values (${id}, ${p}, now() - interval '1 day')`
  return id
}

/** Sends a batch as a lead on a tablet that is known, as it comes over the wire. */
const sentBy =
  (ines: string, tablet: string) =>
  (jobId: string, batch: readonly EntryDraft[]): ReturnType<typeof appendBatch> =>
    appendBatch(
      { person: { id: ines, name: 'lead', role: 'lead', qualified: false }, device: tablet, keyed: true, maySend: true } as never,
      jobId,
      JSON.parse(JSON.stringify(batch)),
    )

/** A database with one lead, at home on one tablet, and what that tablet sends. */
export async function ledShop(): Promise<{
  readonly sql: Sql
  readonly close: () => Promise<void>
  readonly ines: string
  readonly tablet: string
  readonly send: ReturnType<typeof sentBy>
}> {
  const { sql, close } = await freshDatabase()
  const ines = await person(sql, 'lead')
  const tablet = await device(sql, ines)
  return { sql, close, ines, tablet, send: sentBy(ines, tablet) }
}

/** A database with one person of each role, all of them at home on one tablet. */
export async function staffedShop(): Promise<{
  readonly sql: Sql
  readonly close: () => Promise<void>
  readonly ids: Readonly<Record<Role, string>>
  readonly tablet: string
}> {
  const { sql, close } = await freshDatabase()
  const ids = {} as Record<Role, string>
  for (const role of ROLES) ids[role] = await person(sql, role)
  return { sql, close, ids, tablet: await device(sql, ...Object.values(ids)) }
}

export async function job(sql: Sql): Promise<string> {
  const id = v7()
  await addJob(sql, { id, machineId: null, revision: null })
  return id
}

export function draft<K extends Kind>(
  jobId: string,
  by: string,
  deviceId: string,
  kind: K,
  body: Bodies[K],
  over: Partial<EntryDraft> = {},
): EntryDraft<K> {
  return { id: v7(), jobId, base: 0, at: Date.now(), by, device: deviceId, ...written(kind, body, 0), ...over } as EntryDraft<K>
}

export const note = (jobId: string, by: string, deviceId: string, text: string): EntryDraft<'note-added'> =>
  draft(jobId, by, deviceId, 'note-added', { text })
