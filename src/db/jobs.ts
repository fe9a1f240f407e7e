import type { JobSummary } from '../core/job'
import type { Db } from './client'

export interface JobRow {
  readonly id: string
  readonly number: number
  readonly machineId: string | null
  readonly revision: string | null
  readonly lastSeq: number
  /** Running hash at `lastSeq`, hexadecimal; null where it was not asked for yet. */
  readonly chain: string | null
}

export interface SummaryRow {
  readonly jobId: string
  readonly sortAt: number
  readonly summary: JobSummary
}

/** Where a page of the list ends; the next one begins after it. */
export interface PageMark {
  readonly open: boolean
  readonly sortAt: number
  readonly jobId: string
}

export async function addJob(sql: Db, job: { readonly id: string; readonly machineId: string | null; readonly revision: string | null }): Promise<number> {
  const [row] = await sql<{ number: number }[]>`
    insert into jobs (id, machine_id, revision) values (${job.id}, ${job.machineId}, ${job.revision}) returning number`
  return row!.number
}

export async function findJob(sql: Db, id: string): Promise<JobRow | null> {
  const [row] = await sql<JobRow[]>`select id, number, machine_id as "machineId", revision, last_seq as "lastSeq", case when chain_seq = last_seq then encode(chain, 'hex') end as chain from jobs where id = ${id}`
  return row ?? null
}

/** Jobs by summary, those in the shop first, the one last worked on first; `limit` rows after `mark`. */
export async function listSummaries(sql: Db, limit: number, mark?: PageMark): Promise<SummaryRow[]> {
  const after = mark ? sql`where ((not open), (-sort_at), job_id) > (${!mark.open}, ${-mark.sortAt}, ${mark.jobId}::uuid)` : sql``
  return sql<SummaryRow[]>`
    select job_id as "jobId", sort_at as "sortAt", body as summary from summaries ${after}
    order by (not open), (-sort_at), job_id limit ${limit}`
}

export async function countJobs(sql: Db): Promise<number> {
  const [row] = await sql<{ n: number }[]>`select count(*)::int as n from jobs`
  return row!.n
}
