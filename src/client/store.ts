import { type DBSchema, type IDBPDatabase, openDB } from 'idb'
import { BUILD } from '../core/build'
import type { Entry, EntryDraft, UnknownEntry } from '../core/job'

export interface Waiting {
  readonly id: string
  readonly jobId: string
  /** Order in which this browser made them: a counter, whatever its clock says. */
  readonly n: number
  readonly draft: EntryDraft
  /** Made while this browser held another past of the job, which agrees with the server's up to here. */
  readonly agrees?: number
}

/** An entry that the server will never take. It can be read, saved, offered again and put away; it is never lost by itself. */
export interface Shelved {
  readonly id: string
  readonly jobId: string
  readonly reason: string
  readonly at: number
  readonly draft: EntryDraft
}

export interface QueuedPhoto {
  readonly id: string
  readonly jobId: string
  readonly blob: Blob
  /** When it was taken, epoch ms. */
  readonly at: number
  readonly sent: boolean
  /** Why the server would not take it. */
  readonly fault?: string
}

/** What this browser knows of the past that it holds of a job. */
export interface Past {
  readonly jobId: string
  readonly history: string
  readonly seq: number
  /** Running hash of the journal at `seq`. */
  readonly chain: string
}

/** An entry that this browser holds and the server has lost. */
export interface Lost {
  readonly id: string
  readonly jobId: string
  readonly entry: Entry
  /** How far the past that it is from agrees with the server's. */
  readonly agrees: number
  /** Why it was not taken back yet. */
  readonly reason?: string
}

interface Shape extends DBSchema {
  entries: { key: [string, number]; value: Entry | UnknownEntry }
  outbox: { key: string; value: Waiting; indexes: { order: number } }
  shelf: { key: string; value: Shelved; indexes: { job: string } }
  photos: { key: string; value: QueuedPhoto }
}

/** What came later lies in a database of its own: raising the version of the first would block tabs of an older build. */
interface Shape2 extends DBSchema {
  pasts: { key: string; value: Past }
  lost: { key: string; value: Lost; indexes: { job: string } }
}

let opened: Promise<IDBPDatabase<Shape>> | null = null
let opened2: Promise<IDBPDatabase<Shape2>> | null = null

function open(): Promise<IDBPDatabase<Shape>> {
  opened ??= openDB<Shape>('nailsmith', 1, {
    upgrade(store) {
      store.createObjectStore('entries', { keyPath: ['jobId', 'seq'] })
      store.createObjectStore('outbox', { keyPath: 'id' }).createIndex('order', 'n')
      store.createObjectStore('shelf', { keyPath: 'id' }).createIndex('job', 'jobId')
      store.createObjectStore('photos', { keyPath: 'id' })
    },
    // A newer build wants it otherwise: this tab lets go, and goes on by what it can still reach.
    blocking: (_current, _blocked, event) => ((event.target as IDBDatabase).close(), (opened = null)),
    terminated: () => (opened = null),
  })
  // One that could not be opened is tried again at the next call.
  opened.catch(() => (opened = null))
  return opened
}

function open2(): Promise<IDBPDatabase<Shape2>> {
  opened2 ??= openDB<Shape2>('nailsmith-2', 1, {
    upgrade(store) {
      store.createObjectStore('pasts', { keyPath: 'jobId' })
      store.createObjectStore('lost', { keyPath: 'id' }).createIndex('job', 'jobId')
    },
    blocking: (_current, _blocked, event) => ((event.target as IDBDatabase).close(), (opened2 = null)),
    terminated: () => (opened2 = null),
  })
  opened2.catch(() => (opened2 = null))
  return opened2
}

const jobRange = (jobId: string): IDBKeyRange => IDBKeyRange.bound([jobId, 0], [jobId, Number.MAX_SAFE_INTEGER])

/** Confirmed entries of a job that this browser holds, in order. */
export async function heldEntries(jobId: string): Promise<(Entry | UnknownEntry)[]> {
  return (await open()).getAll('entries', jobRange(jobId))
}

export async function holdEntries(entries: readonly (Entry | UnknownEntry)[]): Promise<void> {
  const tx = (await open()).transaction('entries', 'readwrite')
  await Promise.all([...entries.map((e) => tx.store.put(e)), tx.done])
}

/** Puts a job's held entries aside for others: those of another past go, the server's come. */
export async function replaceHeld(jobId: string, entries: readonly (Entry | UnknownEntry)[]): Promise<void> {
  const tx = (await open()).transaction('entries', 'readwrite')
  await Promise.all([tx.store.delete(jobRange(jobId)), ...entries.map((e) => tx.store.put(e)), tx.done])
}

const WAL = 'nailsmith-unsaved:'
const COUNTER = 'nailsmith-n'
let highest = 0

/** The next number of this browser: one above every one that was given out here. */
function nextNumber(): number {
  let kept = 0
  try {
    kept = Number(localStorage.getItem(COUNTER)) || 0
  } catch {
    // Storage is shut: the highest of this page, and of the outbox when it is written, has to do.
  }
  highest = Math.max(highest, kept) + 1
  try {
    localStorage.setItem(COUNTER, String(highest))
  } catch {
    // As above.
  }
  return highest
}

/** Numbers drafts as this browser made them. */
export function numbered(drafts: readonly EntryDraft[], agrees?: number): Waiting[] {
  return drafts.map((draft) => ({ id: draft.id, jobId: draft.jobId, n: nextNumber(), draft, ...(agrees !== undefined ? { agrees } : {}) }))
}

/**
 * Entries are first written down where writing is done at once: a page that is left in the next moment would take its unfinished
 * database transaction with it.
 * @returns false where there is no room or no storage
 */
export function jot(items: readonly Waiting[]): boolean {
  try {
    for (const item of items) localStorage.setItem(WAL + item.id, JSON.stringify(item))
    return true
  } catch {
    return false
  }
}

export function rubOut(ids: readonly string[]): void {
  try {
    for (const id of ids) localStorage.removeItem(WAL + id)
  } catch {
    // Left for the next start, which knows an entry by its id.
  }
}

/** Reads what was jotted: with its number, or as builds before numbers wrote it. */
function readJot(text: string | null): Waiting | null {
  try {
    const item = JSON.parse(text ?? 'null') as Waiting | EntryDraft | null
    if (item === null) return null
    return 'draft' in item ? item : { ...numbered([item])[0]! }
  } catch {
    return null
  }
}

/** Moves what a page left behind unfinished into the outbox. Safe to repeat: the server knows an entry by its id. */
async function recover(): Promise<void> {
  const keys = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i)).filter((key) => key?.startsWith(WAL)) as string[]
  // Ids rise with time, so that lines from before numbers come in their order.
  const items = keys.sort().flatMap((key) => readJot(localStorage.getItem(key)) ?? [])
  if (items.length === 0) return
  await putWaiting(items)
  rubOut(items.map((i) => i.id))
}

/** Puts entries into the outbox, in one transaction; resolved when they are on disk. Numbers are raised above those that lie there. */
export async function putWaiting(items: readonly Waiting[]): Promise<void> {
  const tx = (await open()).transaction('outbox', 'readwrite', { durability: 'strict' })
  const last = (await tx.store.index('order').openKeyCursor(null, 'prev'))?.key ?? 0
  // An outbox from before counters holds times: what is new comes after it all the same.
  const lift = items.some((i) => i.n <= last) && last > 1e12 ? last : 0
  if (lift > 0) highest = Math.max(highest, lift)
  await Promise.all([...items.map((i) => tx.store.put(lift > 0 && i.n < lift ? { ...i, n: lift + i.n } : i)), tx.done])
}

/** Marks what waits for a job as made in another past. */
export async function markAgrees(jobId: string, agrees: number): Promise<void> {
  const tx = (await open()).transaction('outbox', 'readwrite')
  const all = await tx.store.getAll()
  await Promise.all([...all.filter((w) => w.jobId === jobId && w.draft.base > agrees).map((w) => tx.store.put({ ...w, agrees })), tx.done])
}

const OFFERED = 'nailsmith-shelf-offered'

/** What an older build shelved is offered once more: it may be taken now, or wait for somebody. */
async function offerShelf(): Promise<void> {
  if (localStorage.getItem(OFFERED) === String(BUILD)) return
  const shelf = await (await open()).getAll('shelf')
  await offerAgain(shelf.map((s) => s.id))
  localStorage.setItem(OFFERED, String(BUILD))
}

let ready: Promise<void> | null = null

export async function waiting(jobId?: string): Promise<Waiting[]> {
  ready ??= recover().then(offerShelf)
  // What cannot be taken up now is tried again at the next start.
  await ready.catch(() => (ready = null))
  const all = await (await open()).getAllFromIndex('outbox', 'order')
  return jobId === undefined ? all : all.filter((w) => w.jobId === jobId)
}

/** What the server took moves from the outbox to the held entries, at once. */
export async function confirm(entries: readonly Entry[]): Promise<void> {
  const tx = (await open()).transaction(['entries', 'outbox'], 'readwrite')
  await Promise.all([...entries.flatMap((e) => [tx.objectStore('entries').put(e), tx.objectStore('outbox').delete(e.id)]), tx.done])
}

/** What the server will never take moves from the outbox to the shelf, at once. */
export async function shelve(items: readonly Shelved[]): Promise<void> {
  const tx = (await open()).transaction(['shelf', 'outbox'], 'readwrite')
  await Promise.all([...items.flatMap((s) => [tx.objectStore('shelf').put(s), tx.objectStore('outbox').delete(s.id)]), tx.done])
}

export async function shelved(jobId: string): Promise<Shelved[]> {
  return (await open()).getAllFromIndex('shelf', 'job', jobId)
}

export async function unshelve(id: string): Promise<void> {
  await (await open()).delete('shelf', id)
}

/** Puts shelved entries back among those that wait. */
export async function offerAgain(ids: readonly string[]): Promise<void> {
  const tx = (await open()).transaction(['shelf', 'outbox'], 'readwrite')
  const items = (await Promise.all(ids.map((id) => tx.objectStore('shelf').get(id))))
    .filter((s) => s !== undefined)
    .sort((a, b) => (a.id < b.id ? -1 : 1))
  const fresh = numbered(items.map((s) => s.draft))
  await Promise.all([
    ...fresh.map((w) => tx.objectStore('outbox').put(w)),
    ...items.map((s) => tx.objectStore('shelf').delete(s.id)),
    tx.done,
  ])
}

export async function knownPast(jobId: string): Promise<Past | null> {
  return (await (await open2()).get('pasts', jobId)) ?? null
}

export async function keepPast(past: Past): Promise<void> {
  await (await open2()).put('pasts', past)
}

/** Entries of a job that the server has lost, in their order. */
export async function lostEntries(jobId: string): Promise<Lost[]> {
  return (await (await open2()).getAllFromIndex('lost', 'job', jobId)).sort((a, b) => a.entry.seq - b.entry.seq)
}

export async function keepLost(items: readonly Lost[]): Promise<void> {
  const tx = (await open2()).transaction('lost', 'readwrite')
  await Promise.all([...items.map((l) => tx.store.put(l)), tx.done])
}

export async function dropLost(ids: readonly string[]): Promise<void> {
  const tx = (await open2()).transaction('lost', 'readwrite')
  await Promise.all([...ids.map((id) => tx.store.delete(id)), tx.done])
}

export async function putPhoto(photo: QueuedPhoto): Promise<void> {
  await (await open()).put('photos', photo)
}

export async function photoBlob(id: string): Promise<Blob | null> {
  return (await (await open()).get('photos', id))?.blob ?? null
}

export async function unsentPhotos(): Promise<QueuedPhoto[]> {
  return (await (await open()).getAll('photos')).filter((p) => !p.sent)
}

/** Photos of a job that the server would not take. */
export async function faultyPhotos(jobId: string): Promise<QueuedPhoto[]> {
  return (await (await open()).getAll('photos')).filter((p) => p.jobId === jobId && p.fault !== undefined)
}

const KEEP_SENT = 40

/** Of the photos that the server has, only the last few stay here. */
export async function pruneSentPhotos(): Promise<void> {
  const store = await open()
  const sent = (await store.getAll('photos')).filter((p) => p.sent).sort((a, b) => b.at - a.at)
  await Promise.all(sent.slice(KEEP_SENT).map((p) => store.delete('photos', p.id)))
}
