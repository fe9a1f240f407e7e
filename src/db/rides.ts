import { struckIds } from '../core/job'
import type { RideLogSummary } from '../core/ride'
import type { Db } from './client'

/** What the log of an earlier ride of a machine said. */
export interface EarlierRide {
  /** Number of its job. */
  readonly job: string
  readonly at: number
  readonly findings: RideLogSummary['findings']
}

interface Row {
  readonly job: string
  readonly id: string
  readonly seq: number
  readonly at: number
  readonly kind: string
  readonly body: { readonly target?: string; readonly log?: Pick<RideLogSummary, 'findings'> }
}

/**
 * The last rides with a log of the same machine, in other jobs than this, without those that were crossed out; none where nobody said
 * which one of its kind it is.
 */
export async function earlierRides(sql: Db, jobId: string, limit = 3): Promise<readonly EarlierRide[]> {
  const rows = await sql<Row[]>`
    with here as (
      select j.machine_id, coalesce(s.facts, s.body)->>'unit' as unit from jobs j join summaries s on s.job_id = j.id where j.id = ${jobId}
    )
    select coalesce(s.facts, s.body)->>'number' as job, e.id, e.seq, e.at, e.kind,
      case when e.kind = 'struck' then e.body else json_build_object('log', json_build_object('findings', e.body->'log'->'findings')) end as body
    from here
    join jobs j on j.machine_id = here.machine_id and j.id <> ${jobId}
    join summaries s on s.job_id = j.id and coalesce(s.facts, s.body)->>'unit' = here.unit and here.unit <> ''
    join entries e on e.job_id = j.id and (e.kind = 'struck' or (e.kind = 'ride-added' and e.body->'log'->'findings' is not null))`
  // A crossing-out stands in the journal of what it crosses out: rows of several jobs do not get in one another's way.
  const struck = struckIds(rows)
  return rows
    .filter((r) => r.kind === 'ride-added' && !struck.has(r.id))
    .sort((a, b) => b.at - a.at || b.seq - a.seq)
    .slice(0, limit)
    .map(({ job, at, body }) => ({ job, at, findings: body.log!.findings }))
}
