import type { Db } from './client'

/** Keeps the page that went home at `seq`; one that is there already stays as it is. */
export async function addReport(
  sql: Db,
  page: { readonly jobId: string; readonly seq: number; readonly reducer: number; readonly body: unknown },
): Promise<void> {
  await sql`insert into reports (job_id, seq, reducer, body) values (${page.jobId}, ${page.seq}, ${page.reducer}, ${sql.json(page.body as never)}) on conflict do nothing`
}

/** Every page of a job by the seq of its hand back. */
export async function listReports(sql: Db, jobId: string): Promise<readonly { readonly seq: number; readonly body: unknown }[]> {
  return sql<{ seq: number; body: unknown }[]>`select seq, body from reports where job_id = ${jobId} order by seq`
}

/** Hand backs that have no page yet. */
export async function unfrozen(sql: Db): Promise<readonly { readonly jobId: string; readonly seq: number }[]> {
  return sql<{ jobId: string; seq: number }[]>`
    select e.job_id as "jobId", e.seq from entries e where e.kind = 'handed-back' and not exists (select 1 from reports r where r.job_id = e.job_id and r.seq = e.seq)
    order by e.job_id, e.seq`
}

/** When this database went through something that is done once; null when it has not. */
export async function marked(sql: Db, name: string): Promise<number | null> {
  const [there] = await sql<{ there: boolean }[]>`select to_regclass('marks') is not null as there`
  if (!there!.there) return null
  const [row] = await sql<{ build: number }[]>`select build from marks where name = ${name}`
  return row?.build ?? null
}

export async function mark(sql: Db, name: string, build: number): Promise<void> {
  await sql`insert into marks (name, build) values (${name}, ${build}) on conflict do nothing`
}

/** Is anything written in any journal? False for a database that is still empty or has no shape yet. */
export async function hasEntries(sql: Db): Promise<boolean> {
  const [there] = await sql<{ there: boolean }[]>`select to_regclass('entries') is not null as there`
  if (!there!.there) return false
  return (await sql`select 1 from entries limit 1`).length > 0
}
