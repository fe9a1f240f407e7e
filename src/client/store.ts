import { type DBSchema, type IDBPDatabase, openDB } from 'idb'
import type { Entry, EntryDraft, UnknownEntry } from '../core/job'

export interface Waiting {
  readonly id: string
  readonly jobId: string
  /** Order in which this browser made them. */
  readonly n: number
  readonly draft: EntryDraft
}

/** An entry that the server will not take. It can be read, exported and put away; it is never lost by itself. */
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

interface Shape extends DBSchema {
  entries: { key: [string, number]; value: Entry | UnknownEntry }
  outbox: { key: string; value: Waiting; indexes: { order: number } }
  shelf: { key: string; value: Shelved; indexes: { job: string } }
  photos: { key: string; value: QueuedPhoto }
}

let opened: Promise<IDBPDatabase<Shape>> | null = null

function open(): Promise<IDBPDatabase<Shape>> {
  opened ??= openDB<Shape>('nailsmith', 1, {
    upgrade(store) {
      store.createObjectStore('entries', { keyPath: ['jobId', 'seq'] })
      store.createObjectStore('outbox', { keyPath: 'id' }).createIndex('order', 'n')
      store.createObjectStore('shelf', { keyPath: 'id' }).createIndex('job', 'jobId')
      store.createObjectStore('photos', { keyPath: 'id' })
    },
  })
  return opened
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

let counter = 0

const WAL = 'nailsmith-unsaved:'

/**
 * Entries are first written down where writing is done at once: a page that is left in the next moment would take its unfinished
 * database transaction with it.
 */
function jot(drafts: readonly EntryDraft[]): void {
  try {
    for (const draft of drafts) localStorage.setItem(WAL + draft.id, JSON.stringify(draft))
  } catch {
    // No room or no storage: the transaction alone has to do.
  }
}

function rubOut(drafts: readonly EntryDraft[]): void {
  try {
    for (const draft of drafts) localStorage.removeItem(WAL + draft.id)
  } catch {
    // As above.
  }
}

/** Moves what a page left behind unfinished into the outbox. Safe to repeat: the server knows an entry by its id. */
async function recover(): Promise<void> {
  const keys = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i)).filter((key) => key?.startsWith(WAL)) as string[]
  const drafts = keys.flatMap((key) => {
    try {
      return [JSON.parse(localStorage.getItem(key) ?? 'null') as EntryDraft | null].filter((d) => d !== null)
    } catch {
      return []
    }
  })
  if (drafts.length > 0) await putWaiting(drafts.sort((a, b) => (a.id < b.id ? -1 : 1)))
}

/** Puts entries into the outbox, in one transaction; resolved when they are on disk. */
export async function putWaiting(drafts: readonly EntryDraft[]): Promise<void> {
  jot(drafts)
  const tx = (await open()).transaction('outbox', 'readwrite', { durability: 'strict' })
  await Promise.all([...drafts.map((draft) => tx.store.put({ id: draft.id, jobId: draft.jobId, n: Date.now() * 1000 + (counter++ % 1000), draft })), tx.done])
  rubOut(drafts)
}

let recovered: Promise<void> | null = null

export async function waiting(jobId?: string): Promise<Waiting[]> {
  recovered ??= recover()
  await recovered
  const all = await (await open()).getAllFromIndex('outbox', 'order')
  return jobId === undefined ? all : all.filter((w) => w.jobId === jobId)
}

/** What the server took moves from the outbox to the held entries, at once. */
export async function confirm(entries: readonly Entry[]): Promise<void> {
  const tx = (await open()).transaction(['entries', 'outbox'], 'readwrite')
  await Promise.all([...entries.flatMap((e) => [tx.objectStore('entries').put(e), tx.objectStore('outbox').delete(e.id)]), tx.done])
}

/** What the server refused moves from the outbox to the shelf, at once. */
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
