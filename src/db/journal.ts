import { createHash } from 'node:crypto'
import { type Entry, type EntryDraft, fold, inWords, type JobState, reduce, REDUCER_VERSION, refold, searchedFor, searchWords, type Stamp, summarize, SUMMARY_VERSION, type UnknownEntry } from '../core/job'
import type { MachineFile } from '../core/machine'
import { type Wording, wordingOf } from '../core/planning'
import { mended } from '../core/text'
import type { Db, Sql, Tx } from './client'
import { loadMachineText } from './machines'
import { addReport } from './reports'

/** Whether sending the same again can help: later, by somebody else, once this server is renewed, or never. */
export type Again = 'later' | 'other person' | 'newer build' | 'never'

/** What became of one entry of a batch. */
export type Answer =
  | { readonly id: string; readonly status: 'stored' | 'already'; readonly seq: number; readonly receivedAt: number; readonly stamp?: Stamp }
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
  readonly stamp: Stamp | null
  readonly agrees: number | null
}

/** A stored state is refreshed when it has fallen this far behind: the longer the journal, and the larger the state, the more seldom. */
const staleBy = (seq: number): number => Math.max(64, seq >> 3)
/** One of these is kept on the way, for crossings-out that reach further back. */
const KEEP_EVERY = 512

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

/** The running hash after one more entry: SHA-256 over the one before and the entry's content. */
const link = (chain: Buffer, content: Buffer): Buffer => createHash('sha256').update(chain).update(content).digest()
const NO_CHAIN = Buffer.alloc(32)

/** The running hash of a job's journal at `seq`, from what is stored. 10,000 entries take some 80 ms. */
export async function chainAt(sql: Db, jobId: string, seq: number): Promise<Buffer> {
  const rows = await sql<{ content: Buffer }[]>`select content from entries where job_id = ${jobId} and seq <= ${seq} order by seq`
  return rows.reduce<Buffer>((chain, { content }) => link(chain, content), NO_CHAIN)
}

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
export function append(sql: Sql, jobId: string, batch: readonly Checked[], sentBy: string, now: () => number, options: AppendOptions = {}): Promise<AppendResult | null> {
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
    const results = await together(sql, jobId, group).catch((error: unknown) => (group.length === 1 ? (group[0]!.failed(error), null) : null))
    if (results) group.forEach((w, i) => w.done(results[i]!))
    else if (group.length > 1) for (const w of group) await together(sql, jobId, [w]).then(([result]) => w.done(result!), w.failed)
  }
  // In the same breath in which nobody waits any more: who comes next begins anew.
  jobs.delete(jobId)
}

async function together(sql: Sql, jobId: string, group: readonly Sent[]): Promise<(AppendResult | null)[]> {
  const written = await sql.begin((tx) => appendIn(tx, jobId, group))
  if (written?.state) {
    remember(written.state)
    foundBy.delete(jobId)
    foundBy.set(jobId, searchedFor(written.said))
    if (foundBy.size > RECENT_LIMIT) foundBy.delete(foundBy.keys().next().value!)
  }
  return group.map((_, i) => written?.results[i] ?? null)
}

async function appendIn(tx: Tx, jobId: string, group: readonly Sent[]) {
  const create = group.find((s) => s.options.create)?.options.create
  const page = group.find((s) => s.options.page)?.options.page
  let number: string | null = null
  if (create) {
    const [made] = await tx<{ number: number }[]>`insert into jobs (id, machine_id, revision) values (${jobId}, ${create.machineId}, ${create.revision}) on conflict do nothing returning number`
    if (made) number = String(made.number).padStart(4, '0')
  }
  const batches = group.map(({ batch }) => (number === null ? batch : batch.map((c) => withNumber(c, number))))
  const batch = batches.flat()
  const ids = batch.flatMap((c) => (c.ok ? [c.entry.id] : []))
  // Both go out at once and are answered in order: what is there is read under the job's lock.
  const [jobs, known] = await Promise.all([
    tx<{ lastSeq: number; snapshotSeq: number; chain: Buffer | null }[]>`select last_seq as "lastSeq", snapshot_seq as "snapshotSeq", case when chain_seq = last_seq then chain end as chain from jobs where id = ${jobId} for update`,
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
        answers.push(same ? { id: entry.id, status: 'already', seq: known.seq, receivedAt: known.receivedAt, ...(known.stamp ? { stamp: known.stamp } : {}) } : { id: entry.id, status: 'refused', reason: 'This entry number is already in use for something else.', again: 'never' })
        continue
      }
      if ((agrees ?? entry.base) > job.lastSeq) {
        answers.push({ id: entry.id, status: 'refused', reason: 'This entry says that it has seen more of the journal than there is. The tablet holds another past of this job.', again: 'later', past: 'other' })
        continue
      }
      seq += 1
      chain = link(chain, content)
      there.set(entry.id, { id: entry.id, jobId, seq, receivedAt, content, stamp: stamp ?? null })
      answers.push({ id: entry.id, status: 'stored', seq, receivedAt, ...(stamp ? { stamp } : {}) })
      fresh.push({ ...entry, seq, receivedAt, sentBy, ...(stamp ? { stamp } : {}), ...(agrees !== undefined ? { agrees } : {}) } as Entry)
      rows.push({
        job_id: jobId, seq, id: entry.id, base: entry.base, at: Math.round(entry.at), received_at: receivedAt, by_person: entry.by, sent_by: sentBy,
        device: entry.device, kind: entry.kind, v: entry.v, body: tx.json(entry.body as never), content, stamp: stamp ? tx.json(stamp as never) : null, agrees: agrees ?? null,
      })
    }
    results.push({ answers, lastSeq: seq, chain: chain.toString('hex') })
  }
  if (fresh.length === 0) return { results, state: null, said: null }
  const inserted = tx`insert into entries ${tx(rows as never)}`.execute()
  const state = await stateAfter(tx, jobId, job, fresh, inserted)
  const said = await withWords(tx, state)
  const store = seq - job.snapshotSeq >= staleBy(seq) || fresh.some((e) => e.kind === 'plan-adopted' || e.kind === 'struck')
  const passed = Math.floor(seq / KEEP_EVERY) > Math.floor(job.lastSeq / KEEP_EVERY)
  await Promise.all([
    inserted,
    store
      ? tx`update jobs set last_seq = ${seq}, chain = ${chain}, chain_seq = ${seq}, snapshot = ${tx.json(state as never)}, snapshot_seq = ${seq}, reducer = ${REDUCER_VERSION} where id = ${jobId}`
      : tx`update jobs set last_seq = ${seq}, chain = ${chain}, chain_seq = ${seq} where id = ${jobId}`,
    ...(passed ? [tx`insert into snapshots (job_id, seq, reducer, state) values (${jobId}, ${seq}, ${REDUCER_VERSION}, ${tx.json(state as never)}) on conflict (job_id, seq) do update set reducer = excluded.reducer, state = excluded.state`] : []),
    writeSummary(tx, said, foundBy.get(jobId)),
    ...(page ? fresh.filter((e) => e.kind === 'handed-back').map((e) => freeze(tx, jobId, e.seq, page, inserted)) : []),
    tx`select pg_notify('journal', ${`${jobId}:${seq}`})`,
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
  const state = reduce(jobId, (await readEntries(tx, jobId, 0)).filter((e) => e.seq <= seq))
  if (state.handedBack?.seq === seq) await addReport(tx, { jobId, seq, reducer: REDUCER_VERSION, body: page(await withWords(tx, state)) })
}

/** The state before `fresh`, from memory or the snapshot, folded on; folded anew from before its target where a crossing-out reaches back. */
async function stateAfter(tx: Tx, jobId: string, job: { readonly lastSeq: number }, fresh: readonly Entry[], inserted: Promise<unknown>): Promise<JobState> {
  const strikes = fresh.filter((e) => e.kind === 'struck')
  if (strikes.length === 0) return fold(await stateAt(tx, jobId, job.lastSeq), fresh)!
  await inserted
  const reach = await earliestStruck(tx, jobId, strikes.map((e) => e.id))
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
  const back = await earliestStruck(tx, jobId, later.map((e) => e.id))
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
  return reduce(jobId, (await readEntries(sql, jobId, 0)).filter((e) => e.seq <= seq))
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

/** @param before the text that the row was last given by this copy, where it knows: its words are not written again while that is the same */
async function writeSummary(tx: Db, state: JobState, before?: string): Promise<void> {
  const facts = summarize(state)
  const { next } = facts
  // An older build beside this one reads `body`, where what is next is a text.
  const body = { ...facts, next: next.is === 'step' ? next.title : next.is === 'stage' ? next.stage : next.is, nextPass: next.is === 'step' ? next.pass : null }
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

/** Entries of a job after `seq`, in order. Texts that cannot be shown are mended on the way out, never in the row. */
export async function readEntries(sql: Db, jobId: string, after: number, limit = 100_000): Promise<(Entry | UnknownEntry)[]> {
  const rows = await sql<EntryRow[]>`
    select id, job_id as "jobId", seq, base, at, received_at as "receivedAt", by_person as by, sent_by as "sentBy", device, kind, v, body, stamp, agrees
    from entries where job_id = ${jobId} and seq > ${after} order by seq limit ${limit}`
  return rows.map(({ stamp, agrees, ...row }) => mended({ ...row, ...(stamp ? { stamp } : {}), ...(agrees !== null ? { agrees } : {}) })) as unknown as (Entry | UnknownEntry)[]
}

export interface EntryOwner {
  readonly id: string
  readonly by: string
  readonly kind: string
  /** What it crosses out, where it is a crossing-out. */
  readonly target: string | null
}

/** These entries of a job and, where one is a crossing-out, what it crosses out, and so on: whose they are, and of which kind. */
export async function ownersOf(sql: Db, jobId: string, ids: readonly string[]): Promise<Map<string, EntryOwner>> {
  if (ids.length === 0) return new Map()
  const rows = await sql<EntryOwner[]>`
    with recursive chain as (
      select id, seq, by_person as by, kind, case when kind = 'struck' then body->>'target' end as target from entries where job_id = ${jobId} and id = any(${ids as string[]}::uuid[])
      union
      select e.id, e.seq, e.by_person, e.kind, case when e.kind = 'struck' then e.body->>'target' end from chain c join entries e on e.job_id = ${jobId} and e.id::text = c.target and e.seq < c.seq
    ) select id, by, kind, target from chain`
  return new Map(rows.map((r) => [r.id, r]))
}

/** Which past of the shop this database holds. */
export async function historyId(sql: Db): Promise<string> {
  const [row] = await sql<{ id: string }[]>`select id from history`
  return row!.id
}
