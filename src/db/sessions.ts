import type { Db } from './client'
import type { Person } from './people'

export interface SessionRow extends Person {
  readonly deviceId: string
  readonly secretHash: Buffer | null
  /** May still send without a secret, as a device from before secrets. */
  readonly grace: boolean
}

/** A session as a lead sees it. */
export interface OpenSession {
  readonly id: string
  readonly personId: string
  readonly deviceId: string
  readonly agent: string
  readonly since: Date
  readonly seenAt: Date
  readonly keyed: boolean
}

export async function addDevice(sql: Db, id: string): Promise<void> {
  await sql`insert into devices (id) values (${id}) on conflict do nothing`
}

/** What is known of a device; null when it was never seen. */
export async function findDevice(sql: Db, id: string): Promise<{ readonly secretHash: Buffer | null } | null> {
  const [row] = await sql<{ secretHash: Buffer | null }[]>`select secret_hash as "secretHash" from devices where id = ${id}`
  return row ?? null
}

export async function setDeviceSecret(sql: Db, id: string, secretHash: Buffer, agent: string): Promise<void> {
  await sql`update devices set secret_hash = ${secretHash}, agent = ${agent} where id = ${id}`
}

export async function addSession(sql: Db, tokenHash: Buffer, personId: string, deviceId: string, days: number): Promise<void> {
  // Builds from before sign-ins read this table.
  await sql`insert into device_people (device_id, person_id) values (${deviceId}, ${personId}) on conflict do nothing`
  await sql`insert into sign_ins (device_id, person_id) values (${deviceId}, ${personId}) on conflict do nothing`
  await sql`
    insert into sessions (token_hash, person_id, device_id, expires_at)
    values (${tokenHash}, ${personId}, ${deviceId}, now() + make_interval(days => ${days}))`
}

/** Somebody is on a device for so long, without a session of their own. */
export async function addStay(sql: Db, deviceId: string, personId: string, seconds: number): Promise<void> {
  await sql`
    insert into sign_ins (device_id, person_id, from_at, until_at)
    values (${deviceId}, ${personId}, now(), now() + make_interval(secs => ${seconds})) on conflict do nothing`
}

/** Who a session is of; null when it has ended or its person was struck off. */
export async function findSession(sql: Db, tokenHash: Buffer): Promise<SessionRow | null> {
  const [row] = await sql<SessionRow[]>`
    select p.id, p.name, p.role, p.qualified, s.device_id as "deviceId", d.secret_hash as "secretHash", d.keyless_until > now() as grace
    from sessions s join people p on p.id = s.person_id join devices d on d.id = s.device_id
    where s.token_hash = ${tokenHash} and s.expires_at > now() and p.struck_at is null`
  return row ?? null
}

export async function touchSession(sql: Db, tokenHash: Buffer): Promise<void> {
  await sql`update sessions set seen_at = now() where token_hash = ${tokenHash} and seen_at < now() - interval '1 minute'`
}

export async function listSessions(sql: Db): Promise<OpenSession[]> {
  return sql<OpenSession[]>`
    select s.id, s.person_id as "personId", s.device_id as "deviceId", d.agent, s.created_at as since, s.seen_at as "seenAt", d.secret_hash is not null as keyed
    from sessions s join devices d on d.id = s.device_id join people p on p.id = s.person_id
    where s.expires_at > now() and p.struck_at is null order by s.seen_at desc limit 500`
}

type Which =
  | { readonly token: Buffer }
  | { readonly id: string }
  | { readonly person: string; readonly but?: Buffer }
  | { readonly device: string }
  | { readonly stale: true }

/** Ends sessions at once; where somebody has none left on a device, their time on it ends too. @returns how many ended */
export async function endSessions(sql: Db, which: Which): Promise<number> {
  const where =
    'token' in which
      ? sql`token_hash = ${which.token}`
      : 'id' in which
        ? sql`id = ${which.id}`
        : 'person' in which
          ? sql`person_id = ${which.person} and (${which.but ?? null}::bytea is null or token_hash <> ${which.but ?? null}::bytea)`
          : 'device' in which
            ? sql`device_id = ${which.device}`
            : sql`expires_at < now()`
  const ended = await sql<{ personId: string; deviceId: string; until: Date }[]>`
    delete from sessions where ${where} returning person_id as "personId", device_id as "deviceId", least(expires_at, now()) as until`
  for (const { personId, deviceId, until } of ended) {
    await sql`
      update sign_ins set until_at = greatest(from_at, ${until}) where device_id = ${deviceId} and person_id = ${personId} and until_at is null
        and not exists (select 1 from sessions s where s.device_id = ${deviceId} and s.person_id = ${personId} and s.expires_at > now())`
  }
  return ended.length
}

/** A device's secret is taken away: it sends nothing until somebody signs in on it anew. */
export async function endDevice(sql: Db, id: string): Promise<void> {
  await endSessions(sql, { device: id })
  await sql`update devices set secret_hash = null, keyless_until = now() where id = ${id}`
}

/** When somebody was signed in on a device, epoch ms. */
export interface Stay {
  readonly personId: string
  readonly from: number
  /** Infinity while they still are. */
  readonly until: number
}

/** Everyone's times on a device. */
export async function staysOn(sql: Db, deviceId: string): Promise<Stay[]> {
  const rows = await sql<{ personId: string; fromAt: Date; untilAt: Date | null }[]>`
    select person_id as "personId", from_at as "fromAt", until_at as "untilAt" from sign_ins where device_id = ${deviceId}`
  return rows.map((r) => ({ personId: r.personId, from: r.fromAt.getTime(), until: r.untilAt?.getTime() ?? Infinity }))
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
