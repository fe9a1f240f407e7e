import { type EntryDraft, MAY_OVERRIDE } from '../core/job'
import { db, type Db } from '../db/client'
import { append, type AppendResult, type Checked, ownersOf } from '../db/journal'
import type { Role } from '../db/people'
import { listPeople, type Person } from '../db/people'
import { peopleOfDevice } from '../db/sessions'
import { MAX_BATCH, parseEntry } from '../formats/entry'
import { pageOf } from './pages'
import { mayWrite } from './permissions'
import type { Session } from './session'

export type BatchFault = { readonly status: 400 | 404 | 413; readonly message: string }

/** Kinds that nobody can write for somebody else. */
const OWN_HAND = new Set(['check-overridden', 'handed-back'])

/**
 * Takes a batch of entries for one job from a signed-in device. Each entry gets its own answer: stored, already there, or
 * refused with a reason; a bad one does not hold up the rest.
 */
export async function appendBatch(session: Session, jobId: string, batch: unknown, now: () => number = Date.now): Promise<AppendResult | BatchFault> {
  if (!Array.isArray(batch)) return { status: 400, message: 'A list of entries is wanted.' }
  if (batch.length > MAX_BATCH) return { status: 413, message: `At most ${MAX_BATCH} entries at a time.` }
  const sql = db()
  const authors = await peopleOfDevice(sql, session.device)
  const people = new Map((await listPeople(sql)).map((p) => [p.id, p]))
  const names = new Map([...people.values()].map((p) => [p.id, p.name]))
  const checked: Checked[] = []
  for (const value of batch) checked.push(await check(sql, session, jobId, value, authors, people, checked))
  const result = await append(sql, jobId, checked, session.person.id, now, (state) => pageOf(state, names))
  return result ?? { status: 404, message: 'There is no such job on this server. What you logged is kept on this device.' }
}

async function check(
  sql: Db, session: Session, jobId: string, value: unknown, authors: ReadonlySet<string>, people: ReadonlyMap<string, Person>, earlier: readonly Checked[],
): Promise<Checked> {
  const parsed = parseEntry(value)
  if (!parsed.ok) return { ok: false, id: parsed.error.id, reason: parsed.error.reason }
  const entry = parsed.value
  const no = (reason: string): Checked => ({ ok: false, id: entry.id, reason })
  if (entry.jobId !== jobId) return no('This entry belongs to another job.')
  if (entry.device !== session.device) return no('This entry was made on another device.')
  const role = people.get(entry.by)?.role
  if (!role || !authors.has(entry.by)) return no('Its author has never signed in on this device.')
  const denied = mayWrite(role, entry.kind) ?? mayWrite(session.person.role, entry.kind)
  if (denied) return no(denied)
  if (OWN_HAND.has(entry.kind) && entry.by !== session.person.id) return no('Only the one who is signed in can put a name to this.')
  if (entry.kind === 'check-passed' && (entry.body as EntryDraft<'check-passed'>['body']).check === 'qualified') {
    if (!people.get(entry.by)?.qualified) return no('Above 60 V it is made safe by somebody who is marked qualified for that.')
    if (entry.by !== session.person.id) return no('Only the one who is signed in can put a name to this.')
  }
  if (entry.kind === 'check-overridden') {
    const { check: id } = entry.body as EntryDraft<'check-overridden'>['body']
    if (MAY_OVERRIDE[id] === 'lead' && role !== 'lead') return no('Only a lead may pass over this check.')
  }
  if (entry.kind === 'struck') {
    const denial = await mayStrike(sql, jobId, entry as EntryDraft<'struck'>, role, earlier)
    if (denial) return no(denial)
  }
  return { ok: true, entry }
}

/** Own entries: their writer. Others': a mechanic or a lead. Proofs and overrides: a lead, with a reason. */
async function mayStrike(sql: Db, jobId: string, entry: EntryDraft<'struck'>, role: Role, earlier: readonly Checked[]): Promise<string | null> {
  const { target, reason } = entry.body
  const inBatch = earlier.find((c) => c.ok && c.entry.id === target)
  const owner = inBatch?.ok ? { by: inBatch.entry.by, kind: inBatch.entry.kind as string } : (await ownersOf(sql, jobId, [target])).get(target)
  if (!owner) return 'The entry to be crossed out is not in this job.'
  if (owner.kind === 'proof-taken' || owner.kind === 'check-overridden') {
    if (role !== 'lead') return 'Only a lead may cross out a proof or an override.'
    if (!reason?.trim()) return 'Crossing out a proof or an override needs a reason.'
  }
  if (owner.by !== entry.by && role !== 'lead' && role !== 'mechanic') return 'Only a mechanic or a lead may cross out what somebody else wrote.'
  return null
}
