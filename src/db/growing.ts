import type { Db } from './client'

/** The newest file of a machine as it was put in; null where the shop has none of it. */
export async function newestOf(sql: Db, machineId: string): Promise<string | null> {
  const [row] = await sql<{ file: string }[]>`
    select file::text as file from machine_revisions where machine_id = ${machineId} order by added_at desc, revision desc limit 1`
  return row?.file ?? null
}

/** Jobs that a file of the shop grew from. */
export async function grownJobs(sql: Db): Promise<string[]> {
  const rows = await sql<{ id: string }[]>`
    select distinct json_array_elements_text(file->'x-grown'->'jobs') as id from machine_revisions
    where json_typeof(file->'x-grown'->'jobs') = 'array'`
  return rows.map((r) => r.id)
}

const MOST = 60

/** Jobs of machines without a file that have gone home with something taken down, the last one first. */
export async function fileless(sql: Db): Promise<readonly { readonly jobId: string; readonly name: string; readonly number: string }[]> {
  return sql<{ jobId: string; name: string; number: string }[]>`
    select job_id as "jobId", coalesce(facts, body)->>'machine' as name, coalesce(facts, body)->>'number' as number from summaries
    where not open and coalesce(facts, body)->>'fileless' = 'true' and (coalesce(facts, body)->>'depth')::int > 0
    order by sort_at desc, job_id limit ${MOST}`
}
