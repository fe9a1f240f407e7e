import { createHash } from 'node:crypto'
import { type Entry, type EntryDraft, fold, type JobState, reduce, REDUCER_VERSION, summarize, type UnknownEntry } from '../core/job'
import type { Db, Sql, Tx } from './client'
import { addReport } from './reports'

/** What became of one entry of a batch. */
export type Answer =
  | { readonly id: string; readonly status: 'stored' | 'already'; readonly seq: number; readonly receivedAt: number }
  | { readonly id: string; readonly status: 'refused'; readonly reason: string }

/** An entry that has passed every check but those that need the journal itself. */
export type Checked = { readonly ok: true; readonly entry: EntryDraft } | { readonly ok: false; readonly id: string; readonly reason: string }

export interface AppendResult {
  readonly answers: Answer[]
  readonly lastSeq: number
}

interface EntryRow {
  readonly id: string
  readonly jobId: string
  readonly seq: number
  readonly base: number
  readonly at: number
  readonly receivedAt: number
  readonly by: string
  readonly sentBy: string
  readonly device: string
  readonly kind: string
  readonly v: number
  readonly body: unknown
}

/** A stored state is refreshed when it has fallen this far behind. */
const SNAPSHOT_EVERY = 64

/** States last folded by this copy; good only where their `seq` is the journal's, which the row lock settles. */
const recent = new Map<string, JobState>()
const RECENT_LIMIT = 200

/** SHA-256 over what the device wrote, whatever the order of members. */
export function contentHash(entry: EntryDraft): Buffer {
  const stable = (value: unknown): unknown =>
    Array.isArray(value)
      ? value.map(stable)
      : value !== null && typeof value === 'object'
        ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)).map(([k, v]) => [k, stable(v)]))
        : value
  const { jobId, base, at, by, device, kind, v, body } = entry
  return createHash('sha256').update(JSON.stringify(stable({ jobId, base, at, by, device, kind, v, body }))).digest()
}

/**
 * Appends a batch to one job in one transaction: lock the job, know the ids that are there, number and insert the new ones,
 * fold the state, write the summary, notify `jobId:seq`. Gapless, exactly once by id. Null when there is no such job.
 * @param page what goes home with a machine, kept in the same transaction as its `handed-back`
 */
export async function append(sql: Sql, jobId: string, batch: readonly Checked[], sentBy: string, now: () => number, page?: (state: JobState) => unknown): Promise<AppendResult | null> {
  const result = await sql.begin(async (tx) => appendIn(tx, jobId, batch, sentBy, now, page))
  if (!result) return null
  if (result.state) remember(result.state)
  return { answers: result.answers, lastSeq: result.lastSeq }
}

async function appendIn(tx: Tx, jobId: string, batch: readonly Checked[], sentBy: string, now: () => number, page?: (state: JobState) => unknown) {
  const ids = batch.flatMap((c) => (c.ok ? [c.entry.id] : []))
  // Both go out at once and are answered in order: what is there is read under the job's lock.
  const [jobs, known] = await Promise.all([
    tx<{ lastSeq: number; snapshotSeq: number }[]>`select last_seq as "lastSeq", snapshot_seq as "snapshotSeq" from jobs where id = ${jobId} for update`,
    tx<{ id: string; jobId: string; seq: number; receivedAt: number; content: Buffer }[]>`
      select id, job_id as "jobId", seq, received_at as "receivedAt", content from entries where id = any(${ids}::uuid[])`,
  ])
  const job = jobs[0]
  if (!job) return null
  const there = new Map(known.map((row) => [row.id, row]))
  const answers: Answer[] = []
  const fresh: Entry[] = []
  const rows: object[] = []
  const receivedAt = now()
  let seq = job.lastSeq
  for (const checked of batch) {
    if (!checked.ok) {
      answers.push({ id: checked.id, status: 'refused', reason: checked.reason })
      continue
    }
    const entry = checked.entry
    const content = contentHash(entry)
    const known = there.get(entry.id)
    if (known) {
      const same = known.jobId === jobId && content.equals(known.content)
      answers.push(same ? { id: entry.id, status: 'already', seq: known.seq, receivedAt: known.receivedAt } : { id: entry.id, status: 'refused', reason: 'This entry number is already in use for something else.' })
      continue
    }
    seq += 1
    there.set(entry.id, { id: entry.id, jobId, seq, receivedAt, content })
    answers.push({ id: entry.id, status: 'stored', seq, receivedAt })
    fresh.push({ ...entry, seq, receivedAt, sentBy } as Entry)
    rows.push({
      job_id: jobId, seq, id: entry.id, base: entry.base, at: Math.round(entry.at), received_at: receivedAt, by_person: entry.by, sent_by: sentBy,
      device: entry.device, kind: entry.kind, v: entry.v, body: tx.json(entry.body as never), content,
    })
  }
  if (fresh.length === 0) return { answers, lastSeq: job.lastSeq, state: null }
  const inserted = tx`insert into entries ${tx(rows as never)}`.execute()
  const state = await stateAfter(tx, jobId, job, fresh, inserted)
  const store = seq - job.snapshotSeq >= SNAPSHOT_EVERY || fresh.some((e) => e.kind === 'plan-adopted' || e.kind === 'struck')
  await Promise.all([
    inserted,
    store
      ? tx`update jobs set last_seq = ${seq}, snapshot = ${tx.json(state as never)}, snapshot_seq = ${seq}, reducer = ${REDUCER_VERSION} where id = ${jobId}`
      : tx`update jobs set last_seq = ${seq} where id = ${jobId}`,
    writeSummary(tx, state),
    ...(page ? fresh.filter((e) => e.kind === 'handed-back').map((e) => freeze(tx, jobId, e.seq, page, inserted)) : []),
    tx`select pg_notify('journal', ${`${jobId}:${seq}`})`,
  ])
  return { answers, lastSeq: seq, state }
}

/** Keeps the page as it stands at the hand back itself, whatever follows it in the same batch. */
async function freeze(tx: Tx, jobId: string, seq: number, page: (state: JobState) => unknown, inserted: Promise<unknown>): Promise<void> {
  await inserted
  const state = reduce(jobId, (await readEntries(tx, jobId, 0)).filter((e) => e.seq <= seq))
  if (state.handedBack?.seq === seq) await addReport(tx, { jobId, seq, reducer: REDUCER_VERSION, body: page(state) })
}

/** The state before `fresh`, from memory or the snapshot, folded on; reduced anew where a crossing-out reaches back. */
async function stateAfter(tx: Tx, jobId: string, job: { readonly lastSeq: number }, fresh: readonly Entry[], inserted: Promise<unknown>): Promise<JobState> {
  const before = await stateAt(tx, jobId, job.lastSeq)
  const folded = fold(before, fresh)
  if (folded) return folded
  await inserted
  return reduce(jobId, await readEntries(tx, jobId, 0))
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
  return reduce(jobId, (await readEntries(sql, jobId, 0)).filter((e) => e.seq <= seq))
}

function remember(state: JobState): void {
  recent.delete(state.jobId)
  recent.set(state.jobId, state)
  if (recent.size > RECENT_LIMIT) recent.delete(recent.keys().next().value!)
}

async function writeSummary(tx: Tx, state: JobState): Promise<void> {
  const body = summarize(state)
  const open = !body.handedBack
  await tx`
    insert into summaries (job_id, open, sort_at, body) values (${state.jobId}, ${open}, ${Math.round(body.lastAt)}, ${tx.json(body as never)})
    on conflict (job_id) do update set open = excluded.open, sort_at = excluded.sort_at, body = excluded.body`
}

/** Entries of a job after `seq`, in order. */
export async function readEntries(sql: Db, jobId: string, after: number, limit = 100_000): Promise<(Entry | UnknownEntry)[]> {
  const rows = await sql<EntryRow[]>`
    select id, job_id as "jobId", seq, base, at, received_at as "receivedAt", by_person as by, sent_by as "sentBy", device, kind, v, body
    from entries where job_id = ${jobId} and seq > ${after} order by seq limit ${limit}`
  return rows as unknown as (Entry | UnknownEntry)[]
}

export interface EntryOwner {
  readonly by: string
  readonly kind: string
}

/** Who wrote which of these entries of a job. */
export async function ownersOf(sql: Db, jobId: string, ids: readonly string[]): Promise<Map<string, EntryOwner>> {
  if (ids.length === 0) return new Map()
  const rows = await sql<{ id: string; by: string; kind: string }[]>`select id, by_person as by, kind from entries where job_id = ${jobId} and id in ${sql(ids as string[])}`
  return new Map(rows.map((r) => [r.id, { by: r.by, kind: r.kind }]))
}
