import { SAID } from '../core/build'
import { BATCH_ENTRIES, bringsPlan, type Entry, type EntryDraft, SENT_BYTES, type Stamp } from '../core/job'
import { type Held, tell } from './channel'
import { measure } from './clock'
import { confirm, knownPast, pruneSentPhotos, putPhoto, rubOut, shelve, type Shelved, unsentPhotos, waiting, type Waiting } from './store'

const FIRST_WAIT_MS = 1_000
const LONGEST_WAIT_MS = 10_000
/** A server that answers nothing for so long counts as out of reach. */
export const ANSWER_MS = 20_000

type Again = 'later' | 'other person' | 'newer build' | 'never'
type Answer =
  | {
      readonly id: string
      readonly status: 'stored' | 'already'
      readonly seq: number
      readonly receivedAt: number
      readonly stamp?: Stamp
    }
  | { readonly id: string; readonly status: 'refused'; readonly reason: string; readonly again?: Again; readonly past?: 'other' }

let sending = false
let again = false
let timer: ReturnType<typeof setTimeout> | undefined
let wait = FIRST_WAIT_MS
let sender = ''

/** Entries that this browser's storage would not take: they live in this page only, until they are sent. */
const unkept = new Map<string, Waiting>()
/** Entries that wait for another person or a newer server, by what they were refused for; asked again only when that has changed. */
const held = new Map<string, Held & { readonly sender: string }>()

/** Whose session sends; set by the page that is open. What waited for somebody else is tried again. */
export function sendAs(personId: string): void {
  if (sender !== personId) release()
  sender = personId
}

/** What waits for somebody else or a newer server now: whoever opens a job later was not told. */
export function heldNow(): readonly Held[] {
  return [...held.values()].map(({ id, jobId, reason }) => ({ id, jobId, reason }))
}

function release(): void {
  if (held.size === 0) return
  held.clear()
  tell({ type: 'held', held: [] })
}

/** Sends these too, though they could not be kept. */
export function sendUnkept(items: readonly Waiting[]): void {
  for (const item of items) unkept.set(item.id, item)
  kick()
}

/** What lives in this page only. */
export function unkeptIds(): ReadonlySet<string> {
  return new Set(unkept.keys())
}

/** Sends what waits, in order, one tab at a time. What cannot be sent now is tried again by itself. */
export function kick(): void {
  if (sending) {
    again = true
    return
  }
  sending = true
  void exclusively(drain).then(
    (done) => settle(done),
    () => settle(false),
  )
}

function settle(done: boolean): void {
  sending = false
  clearTimeout(timer)
  if (again) {
    again = false
    if (done) {
      wait = FIRST_WAIT_MS
      return kick()
    }
  }
  if (done) {
    wait = FIRST_WAIT_MS
    return
  }
  timer = setTimeout(kick, wait)
  wait = Math.min(wait * 2, LONGEST_WAIT_MS)
}

/** The network is back: try at once. */
export function hurry(): void {
  wait = FIRST_WAIT_MS
  clearTimeout(timer)
  kick()
}

async function exclusively(work: () => Promise<boolean>): Promise<boolean> {
  if (!navigator.locks) return work()
  return navigator.locks.request('nailsmith-send', work)
}

/** Everything that is to be sent: what is kept, and what only this page has. */
async function queue(): Promise<Waiting[]> {
  const kept = await waiting().catch(() => [])
  const known = new Set(kept.map((w) => w.id))
  return [...kept, ...[...unkept.values()].filter((w) => !known.has(w.id))].sort((a, b) => a.n - b.n)
}

/** True when nothing is left that could be sent now. One entry that cannot be taken holds up none of the others. */
async function drain(): Promise<boolean> {
  const aside = new Set<string>()
  for (;;) {
    const all = (await queue()).filter((w) => !aside.has(w.id) && held.get(w.id)?.sender !== sender)
    const first = all[0]
    if (!first) break
    const mine = all.filter((w) => w.jobId === first.jobId && w.agrees === first.agrees)
    const result = await sendBatch(first.jobId, batchOf(mine))
    if (result === 'stop') return false
    for (const id of result) aside.add(id)
  }
  const photos = await sendPhotos().catch(() => false)
  return aside.size === 0 && photos
}

function batchOf(list: readonly Waiting[]): readonly Waiting[] {
  const batch: Waiting[] = []
  let bytes = 2
  for (const item of list) {
    const size = JSON.stringify(item.draft).length + 1
    // A large plan goes by itself.
    if (
      batch.length > 0 &&
      (batch.length >= BATCH_ENTRIES || bytes + size > SENT_BYTES || (bringsPlan(item.draft.kind) && size > SENT_BYTES / 2))
    )
      break
    batch.push(item)
    bytes += size
    if (bringsPlan(item.draft.kind) && size > SENT_BYTES / 2) break
  }
  return batch
}

/** `stop` when the server could not be asked: the batch is still here. Else the ids that have to be tried later. */
async function sendBatch(jobId: string, batch: readonly Waiting[]): Promise<'stop' | readonly string[]> {
  const sentAt = Date.now()
  const agrees = batch[0]?.agrees
  let response: Response
  try {
    const past = await knownPast(jobId).catch(() => null)
    const drafts = batch.map((w) => w.draft)
    response = await fetch(`/api/jobs/${jobId}/entries`, {
      method: 'POST',
      headers: {
        'content-type': 'application/json',
        ...SAID,
        ...(past && agrees === undefined ? { 'x-nailsmith-history': past.history } : {}),
      },
      body: JSON.stringify(agrees === undefined ? drafts : { agrees, entries: drafts }),
      signal: AbortSignal.timeout(ANSWER_MS),
    })
  } catch {
    tell({ type: 'link', link: 'alone' })
    return 'stop'
  }
  if (response.status === 401) {
    tell({ type: 'link', link: 'signed out' })
    return 'stop'
  }
  if (response.status >= 500) {
    tell({ type: 'link', link: 'troubled' })
    return 'stop'
  }
  const ids = batch.map((w) => w.id)
  if (!response.ok) {
    const told = (await response.json().catch(() => ({}))) as { message?: string; again?: Again }
    if (response.status === 413 && batch.length > 1) return sendBatch(jobId, batch.slice(0, Math.ceil(batch.length / 2)))
    const reason = told.message ?? 'The server would not take this.'
    if (response.status === 409) tell({ type: 'other past', jobId })
    return settleRefused(
      jobId,
      batch.map((w) => ({
        draft: w.draft,
        reason,
        again:
          told.again ?? (response.status === 403 ? 'other person' : response.status === 413 || response.status === 400 ? 'never' : 'later'),
      })),
    )
  }
  const { answers, now } = (await response.json()) as { answers: Answer[]; now: number }
  measure(now, sentAt, Date.now())
  tell({ type: 'link', link: 'joined' })
  const byId = new Map(answers.map((a) => [a.id, a]))
  const taken: Entry[] = []
  const refused: Refused[] = []
  for (const { draft } of batch) {
    const answer = byId.get(draft.id)
    // An entry without an answer of its own, or refused by a server that does not say for how long: later.
    if (!answer) refused.push({ draft, reason: 'The server did not answer for this one.', again: 'later' })
    else if (answer.status === 'refused') {
      refused.push({ draft, reason: answer.reason, again: answer.again ?? 'later' })
      if (answer.past) tell({ type: 'other past', jobId })
    } else
      taken.push({
        ...draft,
        seq: answer.seq,
        receivedAt: answer.receivedAt,
        sentBy: sender,
        ...(answer.stamp ? { stamp: answer.stamp } : {}),
        ...(agrees !== undefined ? { agrees } : {}),
      } as Entry)
  }
  // The server has them: whether this browser can note that is another matter.
  await confirm(taken).catch(() => undefined)
  rubOut(taken.map((e) => e.id))
  for (const e of taken) unkept.delete(e.id)
  if (taken.length > 0) tell({ type: 'confirmed', jobId, entries: taken })
  const later = await settleRefused(jobId, refused)
  // What was stored though its database would not let go of it here must not be sent round and round.
  const left = new Set((await queue()).map((w) => w.id))
  return [...later, ...ids.filter((id) => left.has(id) && byId.get(id)?.status !== 'refused')]
}

interface Refused {
  readonly draft: EntryDraft
  readonly reason: string
  readonly again: Again
}

/** Puts on the shelf what will never be taken, holds what waits for somebody, and says which are to be tried later. */
async function settleRefused(jobId: string, refused: readonly Refused[]): Promise<readonly string[]> {
  const never = refused.filter((r) => r.again === 'never')
  if (never.length > 0) {
    await shelve(never.map(({ draft, reason }): Shelved => ({ id: draft.id, jobId, reason, at: Date.now(), draft }))).catch(() => undefined)
    for (const { draft } of never) unkept.delete(draft.id)
    rubOut(never.map((r) => r.draft.id))
    tell({ type: 'shelved', jobId, ids: never.map((r) => r.draft.id) })
  }
  const waits = refused.filter((r) => r.again === 'other person' || r.again === 'newer build')
  for (const { draft, reason } of waits) held.set(draft.id, { id: draft.id, jobId, reason, sender })
  if (waits.length > 0) tell({ type: 'held', held: heldNow() })
  return refused.filter((r) => r.again !== 'other person' && r.again !== 'newer build').map((r) => r.draft.id)
}

async function sendPhotos(): Promise<boolean> {
  for (const photo of await unsentPhotos()) {
    if (photo.fault !== undefined) continue
    try {
      const response = await fetch('/api/photos', {
        method: 'POST',
        headers: { 'content-type': photo.blob.type },
        body: photo.blob,
        signal: AbortSignal.timeout(ANSWER_MS * 3),
      })
      if (response.ok) await putPhoto({ ...photo, sent: true })
      else if (response.status === 401 || response.status >= 500) return false
      // Somebody who may send it signs in later; a photo waits as its line does.
      else if (response.status === 403) continue
      else {
        const { message } = (await response.json().catch(() => ({ message: 'The server would not take this photo.' }))) as {
          message: string
        }
        await putPhoto({ ...photo, fault: message })
        tell({ type: 'shelved', jobId: photo.jobId, ids: [] })
      }
    } catch {
      return false
    }
  }
  await pruneSentPhotos()
  return true
}
