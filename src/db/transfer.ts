import type { Sql, Tx } from './client'

/** What a shop is carried by: its rows without secrets and without what can be worked out anew. */
export interface ShopRows {
  readonly settings: readonly object[]
  readonly settingsVersions: readonly object[]
  readonly people: readonly object[]
  readonly devices: readonly object[]
  readonly stays: readonly object[]
  /** Absent in an export of before there was a list of them. */
  readonly instruments?: readonly { readonly ranges: unknown }[]
  readonly machines: readonly { readonly id: string; readonly name: string; readonly class: string }[]
  readonly revisions: readonly { readonly machine_id: string; readonly revision: string; readonly added_at: Date }[]
  readonly jobs: readonly {
    readonly id: string
    readonly number: number
    readonly machine_id: string | null
    readonly revision: string | null
    readonly last_seq: number
    readonly opened_at: Date
  }[]
  readonly reports: readonly object[]
}

/** An entry as it is carried: every column, its content hash in hexadecimal. */
export interface CarriedEntry {
  readonly job_id: string
  readonly seq: number
  readonly id: string
  readonly base: number
  readonly at: number
  readonly received_at: number
  readonly by_person: string
  readonly sent_by: string
  readonly device: string
  readonly kind: string
  readonly v: number
  readonly body: unknown
  readonly content: string
  readonly stamp: unknown
  readonly agrees: number | null
}

/** The rows of a shop; with a job, those that the job needs. */
export async function shopRows(sql: Sql, jobId?: string): Promise<ShopRows> {
  const only = jobId ?? null
  const jobs = await sql<
    ShopRows['jobs'][number][]
  >`select id, number, machine_id, revision, last_seq, opened_at from jobs where ${only}::uuid is null or id = ${only}::uuid order by number`
  const [people, devices, stays, machines, revisions, reports, settings, settingsVersions, instruments] = await Promise.all([
    sql`select id, name, role, qualified, demo, struck_at, created_at from people where ${only}::uuid is null or id in (select by_person from entries where job_id = ${only} union select sent_by from entries where job_id = ${only}) order by created_at, id`,
    sql`select id, first_seen from devices where ${only}::uuid is null or id in (select device from entries where job_id = ${only}) order by id`,
    only === null
      ? sql`select device_id, person_id, from_at, until_at from sign_ins order by device_id, person_id, from_at`
      : Promise.resolve([]),
    sql<
      ShopRows['machines'][number][]
    >`select id, name, class from machines where ${only}::uuid is null or id in (select machine_id from jobs where id = ${only}) order by id`,
    sql<
      ShopRows['revisions'][number][]
    >`select machine_id, revision, added_at from machine_revisions where ${only}::uuid is null or (machine_id, revision) in (select machine_id, revision from jobs where id = ${only}) order by machine_id, added_at, revision`,
    sql`select job_id, seq, reducer, body, written_at from reports where ${only}::uuid is null or job_id = ${only}::uuid order by job_id, seq`,
    sql`select body from settings`,
    sql`select version, limits, at from settings_versions order by version`,
    only === null
      ? sql<
          { ranges: unknown }[]
        >`select id, name, kind, ranges, leads, lamp_step, grip, reach, to_char(calibrated_to, 'YYYY-MM-DD') as calibrated_to, demo, struck_at, added_at from instruments order by added_at, id`
      : Promise.resolve([]),
  ])
  return { settings, settingsVersions, people, devices, stays, instruments, machines, revisions, jobs, reports }
}

/** A job's entries as they are carried, in order, a thousand at a time. */
export async function* carriedEntries(sql: Sql, jobId: string): AsyncGenerator<readonly CarriedEntry[]> {
  for (let after = 0; ;) {
    const rows = await sql<CarriedEntry[]>`
      select job_id, seq, id, base, at, received_at, by_person, sent_by, device, kind, v, body, encode(content, 'hex') as content, stamp, agrees
      from entries where job_id = ${jobId} and seq > ${after} order by seq limit 1000`
    if (rows.length === 0) return
    yield rows
    after = rows.at(-1)!.seq
  }
}

export async function photoIds(sql: Sql): Promise<readonly string[]> {
  return (await sql<{ id: string }[]>`select id from photos order by id`).map((r) => r.id)
}

export interface CarriedPhoto {
  readonly id: string
  readonly mime: string
  readonly width: number
  readonly height: number
  readonly uploaded_by: string
  readonly uploaded_at: Date
  readonly bytes: Buffer
}

export async function carriedPhoto(sql: Sql, id: string): Promise<CarriedPhoto | null> {
  const [row] = await sql<CarriedPhoto[]>`select id, mime, width, height, uploaded_by, uploaded_at, bytes from photos where id = ${id}`
  return row ?? null
}

/** Is nothing in this shop yet that an import could mix with? */
export async function shopIsEmpty(sql: Sql): Promise<boolean> {
  const [row] = await sql<
    { any: boolean }[]
  >`select exists (select 1 from jobs) or exists (select 1 from people) or exists (select 1 from machines) as any`
  return !row!.any
}

/** Puts a shop's rows into an empty one. Nobody can sign in yet: no passphrase is carried. */
export async function putShopRows(tx: Tx, rows: ShopRows, fileOf: (machine: string, revision: string) => string): Promise<void> {
  const put = async (table: string, list: readonly object[], more: Readonly<Record<string, unknown>> = {}): Promise<void> => {
    for (const row of list) await tx`insert into ${tx(table)} ${tx({ ...row, ...more } as never)}`
  }
  for (const { body } of rows.settings as { body: unknown }[])
    await tx`insert into settings (body) values (${tx.json(body as never)}) on conflict (only_row) do update set body = excluded.body`
  for (const { version, limits, at } of rows.settingsVersions as { version: number; limits: unknown; at: string }[])
    await tx`insert into settings_versions (version, limits, at) overriding system value values (${version}, ${tx.json(limits as never)}, ${at})`
  await tx`select setval(pg_get_serial_sequence('settings_versions', 'version'), greatest((select coalesce(max(version), 0) from settings_versions), 1))`
  await put('people', rows.people, { passphrase_hash: 'none' })
  await put('devices', rows.devices, { keyless_until: new Date(0) })
  await put('sign_ins', rows.stays)
  for (const { ranges, ...row } of rows.instruments ?? []) await put('instruments', [row], { ranges: tx.json(ranges as never) })
  await put('machines', rows.machines)
  for (const { machine_id, revision, added_at } of rows.revisions)
    await tx`insert into machine_revisions (machine_id, revision, file, added_at) values (${machine_id}, ${revision}, ${fileOf(machine_id, revision)}::text::json, ${added_at})`
  await put('jobs', rows.jobs)
  await tx`select setval('job_numbers', greatest((select coalesce(max(number), 400) from jobs), 400))`
}

export async function putEntries(tx: Tx, entries: readonly CarriedEntry[]): Promise<void> {
  const rows = entries.map((e) => ({
    ...e,
    body: tx.json(e.body as never),
    stamp: e.stamp === null ? null : tx.json(e.stamp as never),
    content: Buffer.from(e.content, 'hex'),
  }))
  for (let i = 0; i < rows.length; i += 500) await tx`insert into entries ${tx(rows.slice(i, i + 500) as never)}`
}

export async function putReports(tx: Tx, reports: readonly object[]): Promise<void> {
  for (const r of reports as { job_id: string; seq: number; reducer: number; body: unknown; written_at: string }[]) {
    await tx`insert into reports (job_id, seq, reducer, body, written_at) values (${r.job_id}, ${r.seq}, ${r.reducer}, ${tx.json(r.body as never)}, ${r.written_at})`
  }
}

export async function putCarriedPhoto(tx: Tx, photo: CarriedPhoto): Promise<void> {
  await tx`insert into photos ${tx(photo as never)}`
}

/** A database that was put back holds another past than the tablets that were ahead of it: it says so by a new number. */
export async function renewHistory(sql: Sql | Tx): Promise<void> {
  await sql`update history set id = gen_random_uuid(), since = now()`
}
