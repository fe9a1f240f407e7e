import type { Db } from './client'

/** An instrument as its relay tells of it: JSON, read by whoever asks. */
export interface RelayRow {
  readonly id: string
  readonly name: string
  /** The session that it is bound to. */
  readonly session: Buffer
  readonly instruments: unknown
  /** Whose tablet each of its instruments is at. */
  readonly claims: readonly { readonly instrument: string; readonly session: Buffer; readonly person: string }[]
}

/** A code that lets one relay join within `minutes`, bound to a session. The session's older unused codes are void. */
export async function addRelayCode(sql: Db, session: Buffer, codeHash: Buffer, minutes: number): Promise<void> {
  await sql`delete from relays where token_hash is null and (session_hash = ${session} or code_until < now())`
  await sql`
    insert into relays (session_hash, code_hash, code_until) values (${session}, ${codeHash}, now() + make_interval(mins => ${minutes}))`
}

/** Uses a code up. @returns whether it stood */
export async function joinRelay(sql: Db, codeHash: Buffer, tokenHash: Buffer, name: string): Promise<boolean> {
  const rows = await sql`
    update relays r set token_hash = ${tokenHash}, code_hash = null, code_until = null, name = ${name}, seen_at = now()
    from sessions s where r.code_hash = ${codeHash} and r.code_until > now() and s.token_hash = r.session_hash and s.expires_at > now()
    returning 1`
  return rows.length === 1
}

/**
 * Notes what a relay has, and takes the orders that wait for it.
 * @returns null when nobody knows the relay, or the session that it was bound to has ended
 */
export async function hearRelay(
  sql: Db,
  tokenHash: Buffer,
  instruments: readonly unknown[],
): Promise<{ readonly id: string; readonly changed: boolean; readonly orders: readonly unknown[] } | null> {
  const next = JSON.stringify(instruments)
  const [row] = await sql<{ id: string; same: boolean; orders: unknown[]; silent: number }[]>`
    with old as (
      select r.id, r.orders, r.instruments = ${next}::text::jsonb as same, extract(epoch from now() - r.seen_at)::float8 as silent
      from relays r join sessions s on s.token_hash = r.session_hash join people p on p.id = s.person_id
      where r.token_hash = ${tokenHash} and s.expires_at > now() and p.struck_at is null for update of r
    ), kept as (
      update relays r set instruments = ${next}::text::jsonb, orders = '[]', seen_at = now() from old where r.id = old.id
    ) select * from old`
  return row ? { id: row.id, changed: !row.same || row.silent > 5, orders: row.orders } : null
}

/** Which session each instrument of a relay is claimed by. */
export async function claimsOf(sql: Db, relay: string): Promise<ReadonlyMap<string, Buffer>> {
  const rows = await sql<{ instrument: string; session: Buffer }[]>`
    select c.instrument, c.session_hash as session from relay_claims c join sessions s on s.token_hash = c.session_hash
    where c.relay_id = ${relay} and s.expires_at > now()`
  return new Map(rows.map((r) => [r.instrument, r.session]))
}

/** Every relay that was heard of within a minute. */
export async function listRelays(sql: Db): Promise<RelayRow[]> {
  return sql<RelayRow[]>`
    select r.id, r.name, r.session_hash as session, r.instruments,
      coalesce((select json_agg(json_build_object('instrument', c.instrument, 'session', encode(c.session_hash, 'hex'), 'person', p.name))
        from relay_claims c join sessions t on t.token_hash = c.session_hash join people p on p.id = t.person_id
        where c.relay_id = r.id and t.expires_at > now()), '[]') as claims
    from relays r join sessions s on s.token_hash = r.session_hash
    where r.token_hash is not null and s.expires_at > now() and r.seen_at > now() - interval '1 minute' order by r.name, r.id`.then(
    (rows) =>
      rows.map((r) => ({
        ...r,
        claims: r.claims.map((c) => ({ ...c, session: Buffer.from(c.session as unknown as string, 'hex') })),
      })),
  )
}

/** Takes an instrument to a session’s tablet, from whoever had it. @returns whether there is such a relay */
export async function claim(sql: Db, relay: string, instrument: string, session: Buffer): Promise<boolean> {
  const rows = await sql`
    insert into relay_claims (relay_id, instrument, session_hash) select id, ${instrument}, ${session} from relays where id = ${relay}
    on conflict (relay_id, instrument) do update set session_hash = excluded.session_hash returning 1`
  return rows.length === 1
}

export async function unclaim(sql: Db, relay: string, instrument: string, session: Buffer): Promise<void> {
  await sql`delete from relay_claims where relay_id = ${relay} and instrument = ${instrument} and session_hash = ${session}`
}

/** Orders that wait for a relay, at most; what is older goes. */
const MOST_ORDERS = 20

/** Leaves an order for a relay, where this session has claimed the instrument. @returns whether it has */
export async function order(sql: Db, relay: string, instrument: string, session: Buffer, body: unknown): Promise<boolean> {
  const rows = await sql`
    update relays r set orders = case when jsonb_array_length(r.orders) >= ${MOST_ORDERS} then r.orders - 0 else r.orders end || ${JSON.stringify([body])}::text::jsonb
    from relay_claims c where r.id = ${relay} and c.relay_id = r.id and c.instrument = ${instrument} and c.session_hash = ${session}
    returning 1`
  return rows.length === 1
}

/** Ends a relay, where it is bound to this session. */
export async function endRelay(sql: Db, relay: string, session: Buffer): Promise<void> {
  await sql`delete from relays where id = ${relay} and session_hash = ${session}`
}
