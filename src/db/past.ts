import { type Case, CASE_KINDS, caseOf, reduce, struckIds } from '../core/job'
import { nearSerials } from '../core/machine'
import type { Db } from './client'
import { entriesOfKinds } from './entries'

/** What the shop knows of a machine from other jobs. */
export interface PastRow {
  /** In how many jobs of the same model each fault was called, by its id. */
  readonly called: Readonly<Record<string, number>>
  /** The same, of those whose machine’s number is near this one’s. */
  readonly near: Readonly<Record<string, number>>
  /** Jobs of the same model in which any was. */
  readonly jobs: number
  /** Epoch ms at which the same machine last left the shop; null where it was not here before, or nobody said which one it is. */
  readonly leftAt: number | null
}

interface Row {
  readonly id: string
  readonly seq: number
  readonly jobId: string
  readonly kind: string
  readonly unit: string | null
  readonly body: { readonly target?: string; readonly id?: string; readonly certainty?: string }
}

/** Jobs that are looked at, the newest first. */
const MOST_JOBS = 500

/** The faults that were called for sure on the same model, once a job, without those that were crossed out; and when this one left. */
export async function pastOf(sql: Db, jobId: string): Promise<PastRow> {
  const rows = await sql<Row[]>`
    with others as (
      select o.id from jobs j join jobs o on o.machine_id = j.machine_id and o.id <> j.id where j.id = ${jobId} order by o.id desc limit ${MOST_JOBS}
    )
    select e.id, e.seq, e.job_id as "jobId", e.kind, e.body, coalesce(s.facts, s.body)->>'unit' as unit from others
    join entries e on e.job_id = others.id left join summaries s on s.job_id = others.id
    where e.kind = 'struck' or (e.kind = 'fault-called' and e.body->>'id' is not null)`
  const struck = struckIds(rows)
  const [own] = await sql<{ unit: string | null }[]>`select coalesce(facts, body)->>'unit' as unit from summaries where job_id = ${jobId}`
  const called: Record<string, number> = {}
  const near: Record<string, number> = {}
  const jobs = new Set<string>()
  const seen = new Set<string>()
  for (const { id, jobId: job, kind, unit, body } of rows) {
    if (kind !== 'fault-called' || struck.has(id) || body.certainty === 'maybe') continue
    for (const fault of body.id!.split('+')) {
      if (seen.has(`${job} ${fault}`)) continue
      seen.add(`${job} ${fault}`)
      jobs.add(job)
      called[fault] = (called[fault] ?? 0) + 1
      if (own?.unit && unit && nearSerials(own.unit, unit)) near[fault] = (near[fault] ?? 0) + 1
    }
  }
  const [left] = await sql<{ at: number | null }[]>`
    with here as (
      select j.machine_id, coalesce(s.facts, s.body)->>'unit' as unit from jobs j join summaries s on s.job_id = j.id where j.id = ${jobId}
    )
    select max(e.at) as at from here
    join jobs j on j.machine_id = here.machine_id and j.id <> ${jobId}
    join summaries s on s.job_id = j.id and coalesce(s.facts, s.body)->>'unit' = here.unit and here.unit <> ''
    join entries e on e.job_id = j.id and e.kind = 'handed-back'`
  return { called, near, jobs: jobs.size, leftAt: left?.at ?? null }
}

/** Jobs whose findings are shown, the newest first. */
const MOST_CASES = 60

/** What was found on a model, job by job: what was told, what the tests showed, what was called for sure; the newest first. */
export async function casesOf(sql: Db, machineId: string): Promise<readonly Case[]> {
  const jobs = await sql<{ id: string }[]>`
    select j.id from jobs j where j.machine_id = ${machineId} and exists (select 1 from entries e where e.job_id = j.id and e.kind = 'fault-called')
    order by j.id desc limit ${MOST_CASES}`
  const entries = await entriesOfKinds(
    sql,
    jobs.map((j) => j.id),
    CASE_KINDS,
  )
  return jobs.flatMap(({ id }) => {
    const found = caseOf(id, reduce(id, entries.get(id) ?? []))
    return found ? [found] : []
  })
}
