import type { Db } from './client'
import type { Person } from './people'

export interface SessionRow extends Person {
  readonly deviceId: string
}

export async function addDevice(sql: Db, id: string): Promise<void> {
  await sql`insert into devices (id) values (${id}) on conflict do nothing`
}

export async function addSession(sql: Db, tokenHash: Buffer, personId: string, deviceId: string, days: number): Promise<void> {
  await sql`insert into device_people (device_id, person_id) values (${deviceId}, ${personId}) on conflict do nothing`
  await sql`
    insert into sessions (token_hash, person_id, device_id, expires_at)
    values (${tokenHash}, ${personId}, ${deviceId}, now() + make_interval(days => ${days}))`
}

export async function findSession(sql: Db, tokenHash: Buffer): Promise<SessionRow | null> {
  const [row] = await sql<SessionRow[]>`
    select p.id, p.name, p.role, p.qualified, s.device_id as "deviceId"
    from sessions s join people p on p.id = s.person_id
    where s.token_hash = ${tokenHash} and s.expires_at > now()`
  return row ?? null
}

export async function endSession(sql: Db, tokenHash: Buffer): Promise<void> {
  await sql`delete from sessions where token_hash = ${tokenHash}`
}

export async function forgetStaleSessions(sql: Db): Promise<void> {
  await sql`delete from sessions where expires_at < now()`
}

/** Everyone who has signed in on a device. */
export async function peopleOfDevice(sql: Db, deviceId: string): Promise<Set<string>> {
  const rows = await sql<{ personId: string }[]>`select person_id as "personId" from device_people where device_id = ${deviceId}`
  return new Set(rows.map((r) => r.personId))
}

export async function setFirstLeadToken(sql: Db, tokenHash: Buffer): Promise<void> {
  await sql`delete from first_lead where used_at is null`
  await sql`insert into first_lead (token_hash) values (${tokenHash})`
}

/** Uses the one-time link up; false when it is unknown or was used. */
export async function useFirstLeadToken(sql: Db, tokenHash: Buffer): Promise<boolean> {
  const rows = await sql`update first_lead set used_at = now() where token_hash = ${tokenHash} and used_at is null returning 1`
  return rows.length === 1
}

export async function firstLeadTokenStands(sql: Db, tokenHash: Buffer): Promise<boolean> {
  const rows = await sql`select 1 from first_lead where token_hash = ${tokenHash} and used_at is null`
  return rows.length === 1
}
