import type { Entry, EntryDraft } from '../core/job'
import { tell } from './channel'
import { measure } from './clock'
import { confirm, pruneSentPhotos, putPhoto, shelve, type Shelved, unsentPhotos, waiting, type Waiting } from './store'

const MAX_BATCH = 100
const MAX_BYTES = 200_000
const FIRST_WAIT_MS = 1_000
const LONGEST_WAIT_MS = 10_000

type Answer =
  | { readonly id: string; readonly status: 'stored' | 'already'; readonly seq: number; readonly receivedAt: number }
  | { readonly id: string; readonly status: 'refused'; readonly reason: string }

let sending = false
let again = false
let timer: ReturnType<typeof setTimeout> | undefined
let wait = FIRST_WAIT_MS
let sender = ''

/** Whose session sends; set by the page that is open. */
export function sendAs(personId: string): void {
  sender = personId
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
  if (done) {
    wait = FIRST_WAIT_MS
    if (again) {
      again = false
      kick()
    }
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

/** True when nothing is left to send. */
async function drain(): Promise<boolean> {
  for (;;) {
    const all = await waiting()
    const first = all[0]
    if (!first) break
    const mine = all.filter((w) => w.jobId === first.jobId)
    if (!(await sendBatch(first.jobId, batchOf(mine)))) return false
  }
  return sendPhotos()
}

function batchOf(list: readonly Waiting[]): readonly Waiting[] {
  const batch: Waiting[] = []
  let bytes = 2
  for (const item of list) {
    const size = JSON.stringify(item.draft).length + 1
    if (batch.length > 0 && (batch.length >= MAX_BATCH || bytes + size > MAX_BYTES)) break
    batch.push(item)
    bytes += size
  }
  return batch
}

/** False when the server could not be asked; the batch is then still in the outbox. */
async function sendBatch(jobId: string, batch: readonly Waiting[]): Promise<boolean> {
  const sentAt = Date.now()
  let response: Response
  try {
    response = await fetch(`/api/jobs/${jobId}/entries`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(batch.map((w) => w.draft)),
    })
  } catch {
    tell({ type: 'link', link: 'alone' })
    return false
  }
  if (response.status === 401) {
    tell({ type: 'link', link: 'signed out' })
    return false
  }
  if (response.status >= 500) {
    tell({ type: 'link', link: 'alone' })
    return false
  }
  if (!response.ok) {
    const { message } = (await response.json().catch(() => ({ message: 'The server would not take this.' }))) as { message: string }
    if (response.status === 413 && batch.length > 1) return sendBatch(jobId, batch.slice(0, Math.ceil(batch.length / 2)))
    await putOnShelf(jobId, batch.map((w) => ({ draft: w.draft, reason: message })))
    return true
  }
  const { answers, now } = (await response.json()) as { answers: Answer[]; now: number }
  measure(now, sentAt, Date.now())
  tell({ type: 'link', link: 'joined' })
  const drafts = new Map(batch.map((w) => [w.id, w.draft]))
  const taken: Entry[] = []
  const refused: { draft: EntryDraft; reason: string }[] = []
  for (const answer of answers) {
    const draft = drafts.get(answer.id)
    if (!draft) continue
    if (answer.status === 'refused') refused.push({ draft, reason: answer.reason })
    else taken.push({ ...draft, seq: answer.seq, receivedAt: answer.receivedAt, sentBy: sender } as Entry)
  }
  await confirm(taken)
  if (taken.length > 0) tell({ type: 'confirmed', jobId, entries: taken })
  if (refused.length > 0) await putOnShelf(jobId, refused)
  return true
}

async function putOnShelf(jobId: string, refused: readonly { readonly draft: EntryDraft; readonly reason: string }[]): Promise<void> {
  await shelve(refused.map(({ draft, reason }): Shelved => ({ id: draft.id, jobId, reason, at: Date.now(), draft })))
  tell({ type: 'shelved', jobId, ids: refused.map((r) => r.draft.id) })
}

async function sendPhotos(): Promise<boolean> {
  for (const photo of await unsentPhotos()) {
    if (photo.fault !== undefined) continue
    try {
      const response = await fetch('/api/photos', { method: 'POST', headers: { 'content-type': photo.blob.type }, body: photo.blob })
      if (response.ok) await putPhoto({ ...photo, sent: true })
      else if (response.status === 401 || response.status >= 500) return false
      else {
        const { message } = (await response.json().catch(() => ({ message: 'The server would not take this photo.' }))) as { message: string }
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
