import { BUILD } from '../core/build'
import type { Instrument } from '../core/instruments'
import type { JobSummary } from '../core/job'
import type { MachineFile } from '../core/machine'
import { db } from '../db/client'
import {
  countSummaries,
  findJob,
  listSummaries,
  oldSummaries,
  type PageMark,
  shopTotals,
  type ShopTotals,
  type StandsFilter,
} from '../db/jobs'
import { chainAt, historyId, readEntries } from '../db/entries'
import { renewSummary } from '../db/states'
import { listJobsToDo, listMachines, loadMachineText, type MachineRow } from '../db/machines'
import { sawOlder, writtenForm } from '../db/newest'
import { listInstruments } from '../db/instruments'
import { listPeople, type Person } from '../db/people'
import { listReports } from '../db/reports'
import type { Report } from '../formats/report'
import { pastOf, type PastRow } from '../db/past'
import { type EarlierRide, earlierRides } from '../db/rides'
import { loadSettings, type ShopSettings } from '../db/settings'
import type { Entry, UnknownEntry } from '../core/job'

const PAGE = 40

export interface JobListItem {
  readonly id: string
  readonly summary: JobSummary
  /** Who worked on it last, by name. */
  readonly by: string
  /** To whom it was handed over, by name, where they have not taken it up. */
  readonly to: string | null
}

export interface JobList {
  readonly jobs: readonly JobListItem[]
  readonly next: PageMark | null
  /** How many machines are found in all. */
  readonly found: number
  readonly totals: ShopTotals
}

/** Rows of an older build are made anew when the list is read, so many at a time. */
const RENEWED_AT_ONCE = 200

export async function listJobs(mark?: PageMark, filter: StandsFilter = {}): Promise<JobList> {
  const sql = db()
  for (const id of await oldSummaries(sql, RENEWED_AT_ONCE)) await renewSummary(sql, id)
  let rows = await listSummaries(sql, PAGE + 1, mark, filter)
  const old = rows.filter((r) => r.old)
  if (old.length > 0) {
    for (const { jobId } of old) await renewSummary(sql, jobId)
    rows = await listSummaries(sql, PAGE + 1, mark, filter)
  }
  const last = rows[PAGE - 1]
  const [people, found, totals] = await Promise.all([listPeople(sql), countSummaries(sql, filter), shopTotals(sql)])
  const names = new Map(people.map((p) => [p.id, p.name]))
  return {
    jobs: rows.slice(0, PAGE).map((r) => ({
      id: r.jobId,
      summary: r.summary,
      by: names.get(r.summary.lastBy) ?? 'somebody',
      to: r.summary.handedTo === null ? null : (names.get(r.summary.handedTo) ?? 'somebody'),
    })),
    next: rows.length > PAGE && last ? { open: !last.summary.handedBack, sortAt: last.sortAt, jobId: last.jobId } : null,
    found,
    totals,
  }
}

export interface JobPack {
  readonly jobId: string
  readonly entries: readonly (Entry | UnknownEntry)[]
  readonly file: MachineFile | null
  readonly people: readonly Person[]
  readonly settings: ShopSettings
  /** The build up to whose forms entries are written. */
  readonly form: number
  readonly instruments: readonly Instrument[]
  /** Pages that went home, by the seq of their hand back, as they were printed. */
  readonly pages: readonly { readonly seq: number; readonly body: Report }[]
  /** What logs of earlier rides of the same machine said, the last one first. */
  readonly earlier: readonly EarlierRide[]
  /** What other jobs say of this model, and of this machine. */
  readonly past: PastRow
}

/** Remembers that something of an older build asks from a device: as long as it does, nothing is written that it cannot read. */
export async function noteOlder(device: string, build: number | undefined): Promise<void> {
  if ((build ?? 0) < BUILD) await sawOlder(db(), device)
}

/** The build up to whose forms entries are written. */
export const form = (): Promise<number> => writtenForm(db())

/** Everything that a job's screen starts from; null when there is no such job. */
export async function loadJob(id: string): Promise<JobPack | null> {
  if (!/^[0-9a-f-]{36}$/.test(id)) return null
  const sql = db()
  const job = await findJob(sql, id)
  if (!job) return null
  const text = job.machineId && job.revision ? await loadMachineText(sql, job.machineId, job.revision) : null
  return {
    jobId: id,
    entries: await readEntries(sql, id, 0),
    file: text === null ? null : (JSON.parse(text) as MachineFile),
    people: await listPeople(sql),
    settings: await loadSettings(sql),
    form: await writtenForm(sql),
    instruments: await listInstruments(sql),
    pages: (await listReports(sql, id)) as JobPack['pages'],
    earlier: await earlierRides(sql, id),
    past: await pastOf(sql, id),
  }
}

/** What a tablet reads on with. */
export interface Continuation {
  readonly entries: readonly (Entry | UnknownEntry)[]
  readonly lastSeq: number
  /** Running hash of the journal after the last of `entries`, hexadecimal. */
  readonly chain: string
  /** Which past of the shop this database holds. */
  readonly history: string
}

/**
 * Entries of a job after `after`.
 * @param held the running hash that a tablet has of the journal at some seq
 * @returns null when there is no such job; `past: other` when what the tablet holds was never written here
 */
export function entriesAfter(
  jobId: string,
  after: number,
  held?: { readonly seq: number; readonly chain: string },
  limit = 500,
): Promise<ReadOn> {
  // Followers are told at the same moment and read the same: it is read once for all of them.
  const key = `${jobId} ${after} ${held?.seq} ${held?.chain} ${limit}`
  const under = reading.get(key)
  if (under) return under
  const read = readOn(jobId, after, held, limit).finally(() => reading.delete(key))
  reading.set(key, read)
  return read
}

type ReadOn = Continuation | { readonly past: 'other'; readonly lastSeq: number; readonly history: string } | null
const reading = new Map<string, Promise<ReadOn>>()

async function readOn(
  jobId: string,
  after: number,
  held: { readonly seq: number; readonly chain: string } | undefined,
  limit: number,
): Promise<ReadOn> {
  const sql = db()
  const job = await findJob(sql, jobId)
  if (!job) return null
  const history = await historyId(sql)
  const other = { past: 'other' as const, lastSeq: job.lastSeq, history }
  if (after > job.lastSeq || (held && held.seq > job.lastSeq)) return other
  if (held && (await chainOf(sql, job, held.seq)) !== held.chain) return other
  // What was written since the job was looked up comes with the next notice: the running hash is known up to there.
  const entries = (await readEntries(sql, jobId, after, limit)).filter((e) => e.seq <= job.lastSeq)
  return { entries, lastSeq: job.lastSeq, chain: await chainOf(sql, job, entries.at(-1)?.seq ?? after), history }
}

async function chainOf(
  sql: ReturnType<typeof db>,
  job: { readonly id: string; readonly lastSeq: number; readonly chain: string | null },
  seq: number,
): Promise<string> {
  return seq === job.lastSeq && job.chain ? job.chain : (await chainAt(sql, job.id, seq)).toString('hex')
}

export function machines(): Promise<MachineRow[]> {
  return listMachines(db())
}

export function jobsToDo(): ReturnType<typeof listJobsToDo> {
  return listJobsToDo(db())
}

/** The newest revision of a machine's file; null where there is none. */
export async function loadMachine(id: string): Promise<MachineFile | null> {
  const machine = (await listMachines(db())).find((m) => m.id === id)
  const text = machine ? await loadMachineText(db(), id, machine.revision) : null
  return text === null ? null : (JSON.parse(text) as MachineFile)
}
