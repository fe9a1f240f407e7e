import {
  type Entry,
  fold,
  inWords,
  type JobState,
  reduce,
  REDUCER_VERSION,
  refold,
  searchedFor,
  searchWords,
  summarize,
  SUMMARY_VERSION,
} from '../core/job'
import type { MachineFile } from '../core/machine'
import { type Wording, wordingOf } from '../core/planning'
import type { Db, Sql, Tx } from './client'
import { chainAt, readEntries } from './entries'
import { loadMachineText } from './machines'

// What is worked out from journals: states, kept on the way, and the rows of the list of stands.

/** States last folded by this copy; good only where their `seq` is the journal's, which the row lock settles. */
const recent = new Map<string, JobState>()
const RECENT_LIMIT = 200

/**
 * The state before `fresh`, from memory or the snapshot, folded on; folded anew from before its target where a crossing-out reaches
 * back.
 */
export async function stateAfter(
  tx: Tx,
  jobId: string,
  job: { readonly lastSeq: number },
  fresh: readonly Entry[],
  inserted: Promise<unknown>,
): Promise<JobState> {
  const strikes = fresh.filter((e) => e.kind === 'struck')
  if (strikes.length === 0) return fold(await stateAt(tx, jobId, job.lastSeq), fresh)!
  await inserted
  const reach = await earliestStruck(
    tx,
    jobId,
    strikes.map((e) => e.id),
  )
  // What stands on something that was just crossed out, or is back again, is no longer true.
  await tx`delete from snapshots where job_id = ${jobId} and seq >= ${reach}`
  const row = await stateBefore(tx, jobId, reach)
  return row ? refold(row.state, await readEntries(tx, jobId, row.seq)) : reduce(jobId, await readEntries(tx, jobId, 0))
}

/**
 * The latest kept state from before `reach` that nothing written after it reaches back into. Two builds may run side by side, and one
 * from before kept states crosses out without taking them away.
 */
async function stateBefore(tx: Tx, jobId: string, reach: number): Promise<{ readonly state: JobState; readonly seq: number } | null> {
  const [row] = await tx<{ state: JobState; seq: number }[]>`
    select state, seq from (
      select state, seq from snapshots where job_id = ${jobId} and reducer = ${REDUCER_VERSION} and seq < ${reach}
      union all select snapshot, snapshot_seq from jobs where id = ${jobId} and reducer = ${REDUCER_VERSION} and snapshot_seq < ${reach} and snapshot is not null
    ) kept order by seq desc limit 1`
  if (!row) return null
  const later = await tx<{ id: string }[]>`select id from entries where job_id = ${jobId} and seq > ${row.seq} and kind = 'struck'`
  const back = await earliestStruck(
    tx,
    jobId,
    later.map((e) => e.id),
  )
  return back > row.seq ? row : stateBefore(tx, jobId, back)
}

/** The lowest seq that these crossings-out reach, through every crossing-out that they cross out in turn. */
async function earliestStruck(tx: Tx, jobId: string, ids: readonly string[]): Promise<number> {
  const [row] = await tx<{ seq: number | null }[]>`
    with recursive reached as (
      select e.id, e.seq, e.kind, e.body from entries e where e.job_id = ${jobId} and e.id = any(${ids as string[]}::uuid[])
      union all
      select t.id, t.seq, t.kind, t.body from reached r join entries t on r.kind = 'struck' and t.job_id = ${jobId} and t.seq < r.seq and t.id::text = r.body->>'target'
    ) select min(seq) as seq from reached`
  return row?.seq ?? Infinity
}

async function stateAt(sql: Db, jobId: string, seq: number): Promise<JobState> {
  const known = recent.get(jobId)
  if (known?.seq === seq) return known
  const [row] = await sql<{ snapshot: JobState | null; snapshotSeq: number; reducer: number }[]>`
    select snapshot, snapshot_seq as "snapshotSeq", reducer from jobs where id = ${jobId}`
  if (row?.snapshot && row.reducer === REDUCER_VERSION) {
    const since = (await readEntries(sql, jobId, row.snapshotSeq)).filter((e) => e.seq <= seq)
    const folded = fold(row.snapshot, since)
    if (folded) return folded
  }
  return reduce(
    jobId,
    (await readEntries(sql, jobId, 0)).filter((e) => e.seq <= seq),
  )
}

function remember(state: JobState): void {
  recent.delete(state.jobId)
  recent.set(state.jobId, state)
  if (recent.size > RECENT_LIMIT) recent.delete(recent.keys().next().value!)
}

const wordings = new Map<string, Wording>()
const WORDINGS_LIMIT = 40

/** A job as it is said: a plan without words takes them from the machine's file at its revision. */
export async function withWords(sql: Db, state: JobState): Promise<JobState> {
  if (!state.machine.file || !state.fileRevision || ![...state.down, ...state.up].some((s) => s.bare)) return state
  const key = JSON.stringify([state.machine.file, state.fileRevision, state.goals])
  let words = wordings.get(key)
  if (!words) {
    const text = await loadMachineText(sql, state.machine.file, state.fileRevision)
    words = wordingOf(text === null ? null : (JSON.parse(text) as MachineFile), state.goals)
    wordings.set(key, words)
    if (wordings.size > WORDINGS_LIMIT) wordings.delete(wordings.keys().next().value!)
  }
  return inWords(state, words)
}

/** The text that each job was found by when its row was last committed here. */
const foundBy = new Map<string, string>()

/**
 * @param before the text that the row was last given by this copy, where it knows: its words are not written again while that is
 * the same
 */
async function writeSummary(tx: Db, state: JobState, before?: string): Promise<void> {
  const facts = summarize(state)
  const { next } = facts
  // An older build beside this one reads `body`, where what is next is a text.
  const body = {
    ...facts,
    next: next.is === 'step' ? next.title : next.is === 'stage' ? next.stage : next.is,
    nextPass: next.is === 'step' ? next.pass : null,
  }
  const { loose } = facts
  const text = searchedFor(state)
  const same = text === before
  await tx`
    insert into summaries (job_id, open, sort_at, body, version, seq, facts, stage, at_door, live, parked, disputed, loose_fixings, loose_parts, words)
    values (${state.jobId}, ${!facts.handedBack}, ${Math.round(facts.lastAt)}, ${tx.json(body as never)}, ${SUMMARY_VERSION}, ${state.seq}, ${tx.json(facts as never)}, ${facts.stage}, ${facts.stand === ''},
      ${facts.power === 'live'}, ${facts.parked}, ${facts.disputed}, ${loose.fixings}, ${loose.parts}, array_to_tsvector(${same ? [] : searchWords(text)}::text[]))
    on conflict (job_id) do update set
      open = excluded.open, sort_at = excluded.sort_at, body = excluded.body, version = excluded.version, seq = excluded.seq, facts = excluded.facts, stage = excluded.stage, at_door = excluded.at_door,
      live = excluded.live, parked = excluded.parked, disputed = excluded.disputed, loose_fixings = excluded.loose_fixings, loose_parts = excluded.loose_parts, words = ${same ? tx`summaries.words` : tx`excluded.words`}`
}

/** Makes a job's row in the list anew from its journal, where an older build wrote it last. */
export async function renewSummary(sql: Sql, jobId: string): Promise<void> {
  await sql.begin(async (tx) => {
    const [job] = await tx<{ lastSeq: number }[]>`select last_seq as "lastSeq" from jobs where id = ${jobId} for update`
    if (job) await writeSummary(tx, await withWords(tx, await stateAt(tx, jobId, job.lastSeq)))
  })
}

/** Writes a job's summary and state anew from its entries, as after an import. */
export async function rebuild(sql: Db, jobId: string): Promise<void> {
  await sql`select 1 from jobs where id = ${jobId} for update`
  const entries = await readEntries(sql, jobId, 0)
  const state = reduce(jobId, entries)
  recent.delete(jobId)
  await sql`delete from snapshots where job_id = ${jobId}`
  await sql`update jobs set last_seq = ${entries.length}, chain = ${await chainAt(sql, jobId, entries.length)}, chain_seq = ${entries.length}, snapshot = ${sql.json(state as never)}, snapshot_seq = ${entries.length}, reducer = ${REDUCER_VERSION} where id = ${jobId}`
  await writeSummary(sql, await withWords(sql, state))
}

/** After a commit: what this copy knows of the job from now on. */
export function committed(state: JobState, said: JobState): void {
  remember(state)
  foundBy.delete(state.jobId)
  foundBy.set(state.jobId, searchedFor(said))
  if (foundBy.size > RECENT_LIMIT) foundBy.delete(foundBy.keys().next().value!)
}

/** The row of a job as it stands in an append: its words are not written again while they are the same. */
export const writeRow = (tx: Tx, said: JobState): Promise<void> => writeSummary(tx, said, foundBy.get(said.jobId))
