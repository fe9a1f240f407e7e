import { createHash } from 'node:crypto'
import type { Entry, EntryDraft, Stamp, UnknownEntry } from '../core/job'
import { mended } from '../core/text'
import type { Db } from './client'

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

/** SHA-256 over what the device wrote, whatever the order of members. */
export function contentHash(entry: EntryDraft): Buffer {
  const stable = (value: unknown): unknown =>
    Array.isArray(value)
      ? value.map(stable)
      : value !== null && typeof value === 'object'
        ? Object.fromEntries(
            Object.entries(value)
              .sort(([a], [b]) => (a < b ? -1 : 1))
              .map(([k, v]) => [k, stable(v)]),
          )
        : value
  const { jobId, base, at, by, device, kind, v, body } = entry
  return createHash('sha256')
    .update(JSON.stringify(stable({ jobId, base, at, by, device, kind, v, body })))
    .digest()
}

/** The running hash after one more entry: SHA-256 over the one before and the entry's content. */
export const link = (chain: Buffer, content: Buffer): Buffer => createHash('sha256').update(chain).update(content).digest()
export const NO_CHAIN = Buffer.alloc(32)

/** The running hash of a job's journal at `seq`, from what is stored. 10,000 entries take some 80 ms. */
export async function chainAt(sql: Db, jobId: string, seq: number): Promise<Buffer> {
  const rows = await sql<{ content: Buffer }[]>`select content from entries where job_id = ${jobId} and seq <= ${seq} order by seq`
  return rows.reduce<Buffer>((chain, { content }) => link(chain, content), NO_CHAIN)
}

type Kept = Entry | UnknownEntry
/** Texts that cannot be shown are mended on the way out, never in the row. */
const kept = (rows: readonly EntryRow[]): Kept[] =>
  rows.map(({ stamp, agrees, ...row }) =>
    mended({ ...row, ...(stamp ? { stamp } : {}), ...(agrees !== null ? { agrees } : {}) }),
  ) as unknown as Kept[]

const columns = (sql: Db) =>
  sql`id, job_id as "jobId", seq, base, at, received_at as "receivedAt", by_person as by, sent_by as "sentBy", device, kind, v, body, stamp, agrees`

/** Entries of a job after `seq`, in order. */
export async function readEntries(sql: Db, jobId: string, after: number, limit = 100_000): Promise<Kept[]> {
  return kept(
    await sql<EntryRow[]>`select ${columns(sql)} from entries where job_id = ${jobId} and seq > ${after} order by seq limit ${limit}`,
  )
}

/** Entries of some kinds of many jobs, by job, in order. */
export async function entriesOfKinds(
  sql: Db,
  jobIds: readonly string[],
  kinds: readonly string[],
): Promise<ReadonlyMap<string, readonly Kept[]>> {
  const rows = await sql<EntryRow[]>`
    select ${columns(sql)} from entries where job_id = any(${jobIds as string[]}::uuid[]) and kind = any(${kinds as string[]}::text[]) order by seq`
  const by = new Map<string, Kept[]>()
  for (const entry of kept(rows)) {
    const own = by.get(entry.jobId)
    if (own) own.push(entry)
    else by.set(entry.jobId, [entry])
  }
  return by
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
