import { BUILD, VOCABULARY } from '../core/build'
import { type EntryDraft, isKind, KINDS, type KindRules, mayOverride, type Role, type Stamp, BATCH_ENTRIES } from '../core/job'
import { hasStandIn } from '../core/instruments'
import { fileVolts, type MachineFile } from '../core/machine'
import { db, type Db } from '../db/client'
import { type EntryOwner, historyId, ownersOf } from '../db/entries'
import { type Again, append, type AppendOptions, type AppendResult, type Checked } from '../db/journal'
import { findJob } from '../db/jobs'
import { loadMachineText } from '../db/machines'
import { listPeople, type ShopPerson } from '../db/people'
import { staysOn, type Stay } from '../db/sessions'
import { currentLimits, loadSettings } from '../db/settings'
import { parseEntry } from '../formats/entry'
import { pageOf } from './pages'
import { refusal } from './permissions'
import type { Session } from './session'
import { demoMode } from './sign-in'

export interface BatchFault {
  readonly status: 400 | 403 | 404 | 409 | 413
  readonly message: string
  readonly again: Again
}

/** How a batch comes. */
export interface Sending {
  readonly now?: () => number
  /** The sender's build; absent for one from before builds had numbers. */
  readonly build?: number
  /** The number of the closed lists that the sender knows. */
  readonly vocabulary?: number
  /** The past that the sender holds, where it says so. */
  readonly history?: string
  /** Given back from another past, which agrees with this one up to this seq. */
  readonly agrees?: number
}

/** A device's clock may be off by this much when it says that somebody was signed in. */
const CLOCK_MS = 5 * 60_000
const NO_JOB = 'There is no such job on this server. What you logged is kept on this device.'

interface Desk {
  readonly sql: Db
  readonly session: Session
  readonly jobId: string
  readonly sending: Sending
  readonly people: ReadonlyMap<string, ShopPerson>
  readonly stays: readonly Stay[]
  readonly stamp: (role: Role, file?: Pick<MachineFile, 'pack' | 'energy'> | null) => Promise<Stamp>
}

/**
 * Takes a batch of entries for one job from a signed-in device. Each entry gets its own answer: stored, already there, or
 * refused with a reason and whether trying again helps; a bad one does not hold up the rest. A first `job-opened` makes the job.
 */
export async function appendBatch(
  session: Session,
  jobId: string,
  batch: unknown,
  sending: Sending = {},
): Promise<AppendResult | BatchFault> {
  if (!Array.isArray(batch)) return { status: 400, message: 'A list of entries is wanted.', again: 'never' }
  if (batch.length > BATCH_ENTRIES) return { status: 413, message: `At most ${BATCH_ENTRIES} entries at a time.`, again: 'never' }
  const sql = db()
  if (sending.history !== undefined && sending.history !== (await historyId(sql)))
    return { status: 409, message: 'This server holds another past than the tablet: it was put back from a backup.', again: 'later' }
  if (!session.maySend)
    return { status: 403, message: 'This tablet has no key any more. Sign in on it once, and what it kept goes up.', again: 'other person' }
  const [everybody, stays, { shop }] = await Promise.all([listPeople(sql), staysOn(sql, session.device), loadSettings(sql)])
  const people = new Map(everybody.map((p) => [p.id, p]))
  const names = new Map([...people.values()].map((p) => [p.id, p.name]))
  const desk: Desk = {
    sql,
    session,
    jobId,
    sending,
    people,
    stays,
    stamp: async (role, file) => {
      const { version, limits } = await currentLimits(sql)
      return { settingsVersion: version, settings: limits, role, ...(file !== undefined ? { fullVolts: file && fileVolts(file) } : {}) }
    },
  }
  const checked: Checked[] = []
  for (const value of batch) checked.push(await check(desk, value, checked))
  const create = await opening(sql, jobId, checked)
  const result = await append(sql, jobId, checked, session.person.id, sending.now ?? Date.now, {
    page: (state) => pageOf(state, names, shop),
    ...(create ? { create } : {}),
  })
  if (result) return result
  // Where its opening was refused, each line has its own answer all the same.
  if (checked.every((c) => c.ok)) return { status: 404, message: NO_JOB, again: 'later' }
  return {
    answers: checked.map((c) => ({
      id: c.ok ? c.entry.id : c.id,
      status: 'refused',
      reason: c.ok ? NO_JOB : c.reason,
      again: c.ok ? 'later' : (c.again ?? 'never'),
    })),
    lastSeq: 0,
    chain: '',
  }
}

/** Of which machine a job is made that this batch opens; null where it is there, or nothing opens it. */
async function opening(sql: Db, jobId: string, checked: readonly Checked[]): Promise<AppendOptions['create'] | null> {
  const first = checked.find((c) => c.ok)
  if (!first?.ok || first.entry.kind !== 'job-opened' || (await findJob(sql, jobId))) return null
  const { machine } = first.entry.body as EntryDraft<'job-opened'>['body']
  return { machineId: machine.file ?? null, revision: machine.file === undefined ? null : (machine.revision ?? null) }
}

async function check(desk: Desk, value: unknown, earlier: readonly Checked[]): Promise<Checked> {
  const { sql, session, jobId, sending, people, stays } = desk
  const parsed = parseEntry(value)
  if (!parsed.ok) {
    const { id, reason, unknown } = parsed.error
    const newer = (sending.build ?? 0) > BUILD || (sending.vocabulary ?? 0) > VOCABULARY
    return { ok: false, id, reason, again: unknown && newer ? 'newer build' : 'never' }
  }
  const entry = parsed.value
  const no = (reason: string, again: Again): Checked => ({ ok: false, id: entry.id, reason, again })
  if (entry.jobId !== jobId) return no('This entry belongs to another job.', 'never')
  const author = people.get(entry.by)
  if (!author) return no('Its author has never worked here.', 'other person')
  const own = entry.by === session.person.id
  if (!demoMode() && hasStandIn(entry.body)) return no('A simulated instrument’s reading has no place in a real shop.', 'never')
  const rules: KindRules = KINDS[entry.kind]
  // What is given back from another past may be anybody's, where a lead takes it.
  const taken = sending.agrees !== undefined && session.person.role === 'lead'
  if (entry.device !== session.device && !taken) return no('This entry was made on another device.', 'other person')
  if (!own && !taken && !stays.some((s) => s.personId === entry.by && entry.at >= s.from - CLOCK_MS && entry.at <= s.until + CLOCK_MS)) {
    return no(
      stays.some((s) => s.personId === entry.by)
        ? `${author.name} was not signed in on this device when it was made.`
        : `${author.name} has never signed in on this device.`,
      'other person',
    )
  }
  const denied = refusal(author.role, entry.kind) ?? refusal(session.person.role, entry.kind)
  if (denied) return no(denied, 'other person')
  if (rules.ownHand && !own && !taken) return no('Only the one who is signed in can put a name to this.', 'other person')
  if (rules.keyed && !session.keyed)
    return no('This tablet has no key yet, so it proves and overrides nothing. Sign in on it once more.', 'other person')
  if (entry.kind === 'check-passed' && (entry.body as EntryDraft<'check-passed'>['body']).check === 'qualified') {
    if (!author.qualified) return no('Above 60 V it is made safe by somebody who is marked qualified for that.', 'other person')
    if (!own && !taken) return no('Only the one who is signed in can put a name to this.', 'other person')
  }
  if (
    entry.kind === 'check-overridden' &&
    mayOverride((entry.body as EntryDraft<'check-overridden'>['body']).check) === 'lead' &&
    author.role !== 'lead'
  )
    return no('Only a lead may go on without this check.', 'other person')
  if (entry.kind === 'struck') {
    const denial = await mayStrike(desk, entry as EntryDraft<'struck'>, author.role, earlier)
    if (denial) return no(denial.reason, denial.again)
  }
  const agrees = sending.agrees !== undefined ? { agrees: sending.agrees } : {}
  if (!rules.stamped) return { ok: true, entry, ...agrees }
  const named = fileOf(entry)
  const text = named && (await loadMachineText(sql, named.file, named.revision))
  if (named && entry.kind === 'job-opened' && text === null)
    return no(`The machine file “${named.file}”, revision ${named.revision}, is not on this server.`, 'later')
  return {
    ok: true,
    entry,
    ...agrees,
    stamp: await desk.stamp(author.role, named ? (text ? (JSON.parse(text) as MachineFile) : null) : undefined),
  }
}

function fileOf(entry: EntryDraft): { readonly file: string; readonly revision: string } | null {
  if (entry.kind !== 'job-opened') return null
  const { file, revision } = (entry.body as EntryDraft<'job-opened'>['body']).machine
  return file === undefined ? null : { file, revision: revision ?? '' }
}

/**
 * Own entries: their writer. Others': a mechanic or a lead. What opens, proves or tells the voltage: a lead, with a reason. A
 * crossing-out is as the entry that it changes in the end, however many lie between.
 */
async function mayStrike(
  desk: Desk,
  entry: EntryDraft<'struck'>,
  role: Role,
  earlier: readonly Checked[],
): Promise<{ readonly reason: string; readonly again: Again } | null> {
  const { target, reason } = entry.body
  const inBatch = new Map(
    earlier.flatMap((c) =>
      c.ok
        ? [
            [
              c.entry.id,
              {
                id: c.entry.id,
                by: c.entry.by,
                kind: c.entry.kind,
                target: c.entry.kind === 'struck' ? (c.entry.body as { target: string }).target : null,
              } satisfies EntryOwner,
            ] as const,
          ]
        : [],
    ),
  )
  const batched: EntryOwner[] = []
  let next: string | null = target
  for (let e = inBatch.get(next); e; e = next === null ? undefined : inBatch.get(next)) {
    batched.push(e)
    inBatch.delete(e.id)
    next = e.target
  }
  const stored = next === null ? new Map<string, EntryOwner>() : await ownersOf(desk.sql, desk.jobId, [next])
  if (next !== null && !stored.has(next)) return { reason: 'The entry to be crossed out is not in this job.', again: 'later' }
  const chain = [...batched, ...stored.values()]
  if (chain.some((e) => isKind(e.kind) && KINDS[e.kind].struckBy === 'lead')) {
    if (role !== 'lead')
      return {
        reason: 'Only a lead may cross out a proof, an override, a voltage or the opening of a job, or bring one back.',
        again: 'other person',
      }
    if (!reason?.trim())
      return { reason: 'Crossing out a proof, an override, a voltage or the opening of a job needs a reason.', again: 'never' }
  }
  if (chain.some((e) => e.by !== entry.by)) {
    if (role !== 'lead' && role !== 'mechanic')
      return { reason: 'Only a mechanic or a lead may cross out what somebody else wrote.', again: 'other person' }
    if (!desk.session.keyed)
      return {
        reason: 'This tablet has no key yet, so it crosses out nobody else’s lines. Sign in on it once more.',
        again: 'other person',
      }
  }
  return null
}
