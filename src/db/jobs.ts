import { searchWords, type JobSummary, type Stage, SUMMARY_VERSION } from '../core/job'
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

export const ONLY = ['live', 'loose', 'parked', 'disputed', 'home'] as const

/** Which machines are asked for; all where nothing is said. Words are looked for as beginnings, every one of them. */
export interface StandsFilter {
  readonly words?: readonly string[]
  readonly stage?: Stage
  readonly only?: (typeof ONLY)[number]
}

/** Where a page of the list ends; the next one begins after it. */
export interface PageMark {
  readonly open: boolean
  readonly sortAt: number
  readonly jobId: string
}

export async function addJob(
  sql: Db,
  job: { readonly id: string; readonly machineId: string | null; readonly revision: string | null },
): Promise<number> {
  const [row] = await sql<{ number: number }[]>`
    insert into jobs (id, machine_id, revision) values (${job.id}, ${job.machineId}, ${job.revision}) returning number`
  return row!.number
}

/** How far the journals of these jobs have come. */
export async function lastSeqs(sql: Db, ids: readonly string[]): Promise<(readonly [id: string, seq: number])[]> {
  const rows = await sql<{ id: string; seq: number }[]>`select id, last_seq as seq from jobs where id = any(${ids as string[]}::uuid[])`
  return rows.map((r) => [r.id, r.seq] as const)
}

export async function findJob(sql: Db, id: string): Promise<JobRow | null> {
  const [row] = await sql<
    JobRow[]
  >`select id, number, machine_id as "machineId", revision, last_seq as "lastSeq", case when chain_seq = last_seq then encode(chain, 'hex') end as chain from jobs where id = ${id}`
  return row ?? null
}

/** The job that has a number, as it is written; the newest where two tablets gave the same one. */
export async function jobNumbered(sql: Db, number: string): Promise<string | null> {
  const [word] = searchWords(number)
  if (word === undefined) return null
  const [row] = await sql<{ id: string }[]>`
    select job_id as id from summaries
    where words @@ ${`'${word.replaceAll("'", "''")}':*`}::tsquery and upper(coalesce(facts, body)->>'number') = ${number}
    order by sort_at desc, job_id limit 1`
  return row?.id ?? null
}

const ONLY_SQL = {
  live: (sql: Db) => sql`open and live`,
  loose: (sql: Db) => sql`open and loose_fixings + loose_parts > 0`,
  parked: (sql: Db) => sql`open and parked`,
  disputed: (sql: Db) => sql`disputed > 0`,
  home: (sql: Db) => sql`not open`,
} as const satisfies Record<(typeof ONLY)[number], unknown>

function asked(sql: Db, { words, stage, only }: StandsFilter) {
  if (words?.length === 0) return sql`false`
  const begins = (words ?? []).map((w) => `'${w.replaceAll("'", "''")}':*`).join(' & ')
  return sql`${words ? sql`words @@ ${begins}::tsquery` : sql`true`} and ${stage ? sql`stage = ${stage} and open` : sql`true`} and ${only ? ONLY_SQL[only](sql) : sql`true`}`
}

/**
 * Jobs by summary, those in the shop first, the one last worked on first; `limit` rows after `mark`. Rows of an older build are
 * told apart.
 */
export async function listSummaries(
  sql: Db,
  limit: number,
  mark?: PageMark,
  filter: StandsFilter = {},
): Promise<(SummaryRow & { readonly old: boolean })[]> {
  const after = mark ? sql`((not open), (-sort_at), job_id) > (${!mark.open}, ${-mark.sortAt}, ${mark.jobId}::uuid)` : sql`true`
  return sql<(SummaryRow & { old: boolean })[]>`
    select s.job_id as "jobId", s.sort_at as "sortAt", coalesce(s.facts, s.body) as summary, s.version <> ${SUMMARY_VERSION} or s.seq <> j.last_seq as old
    from (select * from summaries where ${after} and ${asked(sql, filter)} order by (not open), (-sort_at), job_id limit ${limit}) s join jobs j on j.id = s.job_id
    order by (not s.open), (-s.sort_at), s.job_id`
}

/** How many machines a filter finds. */
export async function countSummaries(sql: Db, filter: StandsFilter): Promise<number> {
  const [row] = await sql<{ n: number }[]>`select count(*)::int as n from summaries where ${asked(sql, filter)}`
  return row!.n
}

/** Jobs whose row an older build made. */
export async function oldSummaries(sql: Db, limit: number): Promise<string[]> {
  const rows = await sql<{ id: string }[]>`
    select job_id as id from summaries where version < ${SUMMARY_VERSION} limit ${limit}`
  return rows.map((r) => r.id)
}

/** What stands in the shop, over all of it: on stands, at the door, and what is loose. */
export interface ShopTotals {
  readonly stands: number
  readonly door: number
  readonly fixings: number
  readonly parts: number
}

export async function shopTotals(sql: Db): Promise<ShopTotals> {
  const [row] = await sql<ShopTotals[]>`
    select count(*) filter (where not at_door)::int as stands, count(*) filter (where at_door)::int as door, coalesce(sum(loose_fixings), 0)::int as fixings, coalesce(sum(loose_parts), 0)::int as parts
    from summaries where open`
  return row!
}

export async function countJobs(sql: Db): Promise<number> {
  const [row] = await sql<{ n: number }[]>`select count(*)::int as n from jobs`
  return row!.n
}
