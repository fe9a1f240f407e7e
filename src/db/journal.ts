import { bringsPlan, type Entry, type EntryDraft, type JobState, reduce, REDUCER_VERSION, type Stamp, noticeOf } from '../core/job'
import type { Sql, Tx } from './client'
import { chainAt, contentHash, link, NO_CHAIN, readEntries } from './entries'
import { addReport } from './reports'
import { committed, stateAfter, withWords, writeRow } from './states'

/** Whether sending the same again can help: later, by somebody else, once this server is renewed, or never. */
export type Again = 'later' | 'other person' | 'newer build' | 'never'

/** What became of one entry of a batch. */
export type Answer =
  | {
      readonly id: string
      readonly status: 'stored' | 'already'
      readonly seq: number
      readonly receivedAt: number
      readonly stamp?: Stamp
    }
  | { readonly id: string; readonly status: 'refused'; readonly reason: string; readonly again: Again; readonly past?: 'other' }

/** An entry that has passed every check but those that need the journal itself. */
export type Checked =
  | { readonly ok: true; readonly entry: EntryDraft; readonly stamp?: Stamp; readonly agrees?: number }
  | { readonly ok: false; readonly id: string; readonly reason: string; readonly again?: Again }

export interface AppendResult {
  readonly answers: Answer[]
  readonly lastSeq: number
  /** Running hash of the journal at `lastSeq`, hexadecimal. */
  readonly chain: string
}

export interface AppendOptions {
  /** What goes home with a machine, kept in the same transaction as its `handed-back`. */
  readonly page?: (state: JobState) => unknown
  /** The job is made where it is not there yet: of this machine and revision. */
  readonly create?: { readonly machineId: string | null; readonly revision: string | null }
}

/** A stored state is refreshed when it has fallen this far behind: the longer the journal, and the larger the state, the more seldom. */
const staleBy = (seq: number): number => Math.max(64, seq >> 3)
/** One of these is kept on the way, for crossings-out that reach further back. */
const KEEP_EVERY = 512

/** One batch as it came. */
interface Sent {
  readonly batch: readonly Checked[]
  readonly sentBy: string
  readonly now: () => number
  readonly options: AppendOptions
}

interface Waiting extends Sent {
  readonly done: (result: AppendResult | null) => void
  readonly failed: (error: unknown) => void
}

/** Batches that wait for the one before them, by database and job; while one is being written the others gather. */
const queues = new WeakMap<Sql, Map<string, Waiting[]>>()
/** So many are written in one transaction. */
const GROUP = 16

/**
 * Appends a batch to one job: lock the job, know the ids that are there, number and insert the new ones, fold the state, write the
 * summary, notify `jobId:seq`. Gapless, exactly once by id. What comes for the same job while one is being written is written
 * together with it in the next transaction; where that fails, each by itself. Null when there is no such job.
 */
export function append(
  sql: Sql,
  jobId: string,
  batch: readonly Checked[],
  sentBy: string,
  now: () => number,
  options: AppendOptions = {},
): Promise<AppendResult | null> {
  const jobs = queues.get(sql) ?? new Map<string, Waiting[]>()
  queues.set(sql, jobs)
  return new Promise((done, failed) => {
    const waiting: Waiting = { batch, sentBy, now, options, done, failed }
    const queue = jobs.get(jobId)
    if (queue) return void queue.push(waiting)
    const own = [waiting]
    jobs.set(jobId, own)
    void drain(sql, jobId, own, jobs)
  })
}

async function drain(sql: Sql, jobId: string, queue: Waiting[], jobs: Map<string, Waiting[]>): Promise<void> {
  while (queue.length > 0) {
    const group = queue.splice(0, GROUP)
    const results = await together(sql, jobId, group).catch((error: unknown) =>
      group.length === 1 ? (group[0]!.failed(error), null) : null,
    )
    if (results) group.forEach((w, i) => w.done(results[i]!))
    else if (group.length > 1) for (const w of group) await together(sql, jobId, [w]).then(([result]) => w.done(result!), w.failed)
  }
  // In the same breath in which nobody waits any more: who comes next begins anew.
  jobs.delete(jobId)
}

async function together(sql: Sql, jobId: string, group: readonly Sent[]): Promise<(AppendResult | null)[]> {
  const written = await sql.begin((tx) => appendIn(tx, jobId, group))
  if (written?.state) {
    committed(written.state, written.said)
  }
  return group.map((_, i) => written?.results[i] ?? null)
}

async function appendIn(tx: Tx, jobId: string, group: readonly Sent[]) {
  const create = group.find((s) => s.options.create)?.options.create
  const page = group.find((s) => s.options.page)?.options.page
  let number: string | null = null
  if (create) {
    const [made] = await tx<
      { number: number }[]
    >`insert into jobs (id, machine_id, revision) values (${jobId}, ${create.machineId}, ${create.revision}) on conflict do nothing returning number`
    if (made) number = String(made.number).padStart(4, '0')
  }
  const batches = group.map(({ batch }) => (number === null ? batch : batch.map((c) => withNumber(c, number))))
  const batch = batches.flat()
  const ids = batch.flatMap((c) => (c.ok ? [c.entry.id] : []))
  // Both go out at once and are answered in order: what is there is read under the job's lock.
  const [jobs, known] = await Promise.all([
    tx<
      { lastSeq: number; snapshotSeq: number; chain: Buffer | null }[]
    >`select last_seq as "lastSeq", snapshot_seq as "snapshotSeq", case when chain_seq = last_seq then chain end as chain from jobs where id = ${jobId} for update`,
    tx<{ id: string; jobId: string; seq: number; receivedAt: number; content: Buffer; stamp: Stamp | null }[]>`
      select id, job_id as "jobId", seq, received_at as "receivedAt", content, stamp from entries where id = any(${ids}::uuid[])`,
  ])
  const job = jobs[0]
  if (!job) return null
  const there = new Map(known.map((row) => [row.id, row]))
  const fresh: Entry[] = []
  const rows: object[] = []
  const results: AppendResult[] = []
  let seq = job.lastSeq
  let chain = job.chain ?? (job.lastSeq === 0 ? NO_CHAIN : await chainAt(tx, jobId, job.lastSeq))
  for (const [i, { sentBy, now }] of group.entries()) {
    const answers: Answer[] = []
    const receivedAt = now()
    for (const checked of batches[i]!) {
      if (!checked.ok) {
        answers.push({ id: checked.id, status: 'refused', reason: checked.reason, again: checked.again ?? 'never' })
        continue
      }
      const { entry, stamp, agrees } = checked
      const content = contentHash(entry)
      const known = there.get(entry.id)
      if (known) {
        const same = known.jobId === jobId && content.equals(known.content)
        answers.push(
          same
            ? {
                id: entry.id,
                status: 'already',
                seq: known.seq,
                receivedAt: known.receivedAt,
                ...(known.stamp ? { stamp: known.stamp } : {}),
              }
            : { id: entry.id, status: 'refused', reason: 'This entry number is already in use for something else.', again: 'never' },
        )
        continue
      }
      if ((agrees ?? entry.base) > job.lastSeq) {
        answers.push({
          id: entry.id,
          status: 'refused',
          reason: 'This entry says that it has seen more of the journal than there is. The tablet holds another past of this job.',
          again: 'later',
          past: 'other',
        })
        continue
      }
      seq += 1
      chain = link(chain, content)
      there.set(entry.id, { id: entry.id, jobId, seq, receivedAt, content, stamp: stamp ?? null })
      answers.push({ id: entry.id, status: 'stored', seq, receivedAt, ...(stamp ? { stamp } : {}) })
      fresh.push({ ...entry, seq, receivedAt, sentBy, ...(stamp ? { stamp } : {}), ...(agrees !== undefined ? { agrees } : {}) } as Entry)
      rows.push({
        job_id: jobId,
        seq,
        id: entry.id,
        base: entry.base,
        at: Math.round(entry.at),
        received_at: receivedAt,
        by_person: entry.by,
        sent_by: sentBy,
        device: entry.device,
        kind: entry.kind,
        v: entry.v,
        body: tx.json(entry.body as never),
        content,
        stamp: stamp ? tx.json(stamp as never) : null,
        agrees: agrees ?? null,
      })
    }
    results.push({ answers, lastSeq: seq, chain: chain.toString('hex') })
  }
  if (fresh.length === 0) return { results, state: null, said: null }
  const inserted = tx`insert into entries ${tx(rows as never)}`.execute()
  const state = await stateAfter(tx, jobId, job, fresh, inserted)
  const said = await withWords(tx, state)
  const store = seq - job.snapshotSeq >= staleBy(seq) || fresh.some((e) => e.kind === 'struck' || bringsPlan(e.kind))
  const passed = Math.floor(seq / KEEP_EVERY) > Math.floor(job.lastSeq / KEEP_EVERY)
  await Promise.all([
    inserted,
    store
      ? tx`update jobs set last_seq = ${seq}, chain = ${chain}, chain_seq = ${seq}, snapshot = ${tx.json(state as never)}, snapshot_seq = ${seq}, reducer = ${REDUCER_VERSION} where id = ${jobId}`
      : tx`update jobs set last_seq = ${seq}, chain = ${chain}, chain_seq = ${seq} where id = ${jobId}`,
    ...(passed
      ? [
          tx`insert into snapshots (job_id, seq, reducer, state) values (${jobId}, ${seq}, ${REDUCER_VERSION}, ${tx.json(state as never)}) on conflict (job_id, seq) do update set reducer = excluded.reducer, state = excluded.state`,
        ]
      : []),
    writeRow(tx, said),
    ...(page ? fresh.filter((e) => e.kind === 'handed-back').map((e) => freeze(tx, jobId, e.seq, page, inserted)) : []),
    tx`select pg_notify('journal', ${noticeOf(jobId, seq)})`,
  ])
  return { results, state, said }
}

/** A job that was opened without a number gets the shop's. */
function withNumber(c: Checked, number: string): Checked {
  if (!c.ok || !c.stamp || c.entry.kind !== 'job-opened' || (c.entry.body as { readonly number: string }).number !== '') return c
  return { ...c, stamp: { ...c.stamp, number } }
}

/** Keeps the page as it stands at the hand back itself, whatever follows it in the same batch. */
async function freeze(tx: Tx, jobId: string, seq: number, page: (state: JobState) => unknown, inserted: Promise<unknown>): Promise<void> {
  await inserted
  const state = reduce(
    jobId,
    (await readEntries(tx, jobId, 0)).filter((e) => e.seq <= seq),
  )
  if (state.handedBack?.seq === seq) await addReport(tx, { jobId, seq, reducer: REDUCER_VERSION, body: page(await withWords(tx, state)) })
}
