import { v7 } from 'uuid'
import { type Bodies, emptyState, type Entry, type EntryDraft, fold, type JobState, type Kind, reduce, type UnknownEntry } from '../core/job'
import { hear, type Link, tell } from './channel'
import { measure, now, recallClock } from './clock'
import { follow } from './follow'
import { kick, sendAs } from './send'
import { faultyPhotos, heldEntries, holdEntries, putWaiting, type QueuedPhoto, type Shelved, shelved, unshelve, waiting } from './store'

/** What a job's screen is drawn from. */
export interface JournalView {
  readonly state: JobState
  /** Confirmed entries, then those not sent yet. */
  readonly entries: readonly (Entry | UnknownEntry)[]
  readonly unsent: ReadonlySet<string>
  readonly shelf: readonly Shelved[]
  /** Photos that the server would not take. */
  readonly badPhotos: readonly QueuedPhoto[]
  readonly link: Link
  readonly ready: boolean
  /** False where this browser keeps nothing, as in some private windows: then nothing can be logged here. */
  readonly keeps: boolean
}

export interface JournalOptions {
  readonly jobId: string
  readonly device: string
  readonly person: string
  readonly entries: readonly (Entry | UnknownEntry)[]
}

const POLL_MS = 10_000

/** The browser's side of one job's journal: what is confirmed, what waits to be sent, and what both add up to. */
export class JournalClient {
  private confirmed = new Map<number, Entry | UnknownEntry>()
  private pending: EntryDraft[] = []
  private shelf: readonly Shelved[] = []
  private badPhotos: readonly QueuedPhoto[] = []
  private link: Link = 'joined'
  private ready = false
  private keeps = true
  private base: JobState
  private baseCount = 0
  private view: JournalView
  private readonly listeners = new Set<() => void>()
  private stopHearing: (() => void) | null = null
  private poll: ReturnType<typeof setInterval> | undefined
  private reading = false
  private readAgain = false

  constructor(private readonly options: JournalOptions) {
    for (const entry of options.entries) this.confirmed.set(entry.seq, entry)
    this.base = emptyState(options.jobId)
    this.view = this.draw()
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  readonly snapshot = (): JournalView => this.view

  /** Joins the outbox, the other tabs and the server; returns how to leave. */
  start(): () => void {
    recallClock()
    sendAs(this.options.person)
    this.stopHearing = hear((word) => {
      if (word.type === 'link') this.setLink(word.link)
      else if (word.type === 'opened') void this.read()
      else if (word.jobId !== this.options.jobId) return
      else if (word.type === 'notice') word.seq > this.lastSeq() && void this.read()
      else if (word.type === 'confirmed') this.take(word.entries)
      else if (word.type === 'pending') this.addPending(word.drafts)
      else void this.refreshShelf(word.ids)
    })
    follow()
    void this.load().catch(() => {
      this.keeps = false
      this.ready = true
      this.redraw()
    })
    this.poll = setInterval(() => void this.read(), POLL_MS)
    return () => {
      this.stopHearing?.()
      clearInterval(this.poll)
    }
  }

  /** Logs an entry: shown at once, kept on this device, sent when it can be. */
  log<K extends Kind>(kind: K, body: Bodies[K]): string {
    return this.logAll([{ kind, body }])[0]!
  }

  logAll(items: readonly { readonly kind: Kind; readonly body: Bodies[Kind] }[]): string[] {
    const at = now()
    const drafts = items.map(({ kind, body }): EntryDraft => ({
      id: v7(), jobId: this.options.jobId, base: this.lastSeq(), at, by: this.options.person, device: this.options.device, kind, v: 1, body,
    }))
    this.addPending(drafts)
    void putWaiting(drafts).then(() => {
      tell({ type: 'pending', jobId: this.options.jobId, drafts })
      kick()
    })
    return drafts.map((d) => d.id)
  }

  async putAway(id: string): Promise<void> {
    await unshelve(id)
    await this.refreshShelf([])
  }

  /** The highest seq up to which nothing is missing here. */
  private lastSeq(): number {
    let seq = this.baseCount
    while (this.confirmed.has(seq + 1)) seq += 1
    return seq
  }

  private async load(): Promise<void> {
    const { jobId } = this.options
    const [held, unsent, shelf, badPhotos] = await Promise.all([heldEntries(jobId), waiting(jobId), shelved(jobId), faultyPhotos(jobId)])
    for (const entry of held) this.confirmed.set(entry.seq, entry)
    void holdEntries(this.options.entries)
    this.shelf = shelf
    this.badPhotos = badPhotos
    this.ready = true
    this.addPending(unsent.map((w) => w.draft))
    this.redraw()
    kick()
    await this.read()
  }

  private addPending(drafts: readonly EntryDraft[]): void {
    const known = new Set([...this.pending.map((d) => d.id), ...[...this.confirmed.values()].map((e) => e.id), ...this.shelf.map((s) => s.id)])
    const fresh = drafts.filter((d) => !known.has(d.id))
    if (fresh.length === 0) return
    this.pending = [...this.pending, ...fresh]
    this.redraw()
  }

  private take(entries: readonly (Entry | UnknownEntry)[]): void {
    const fresh = entries.filter((e) => !this.confirmed.has(e.seq))
    if (fresh.length === 0 && entries.every((e) => !this.pending.some((p) => p.id === e.id))) return
    for (const entry of fresh) this.confirmed.set(entry.seq, entry)
    const ids = new Set(entries.map((e) => e.id))
    this.pending = this.pending.filter((p) => !ids.has(p.id))
    this.redraw()
    if (this.confirmed.size > this.lastSeq()) void this.read()
  }

  private async refreshShelf(ids: readonly string[]): Promise<void> {
    this.shelf = await shelved(this.options.jobId)
    this.badPhotos = await faultyPhotos(this.options.jobId)
    const gone = new Set(ids)
    this.pending = this.pending.filter((p) => !gone.has(p.id))
    this.redraw()
  }

  /** Reads on from the last seq that is here without a gap. */
  private async read(): Promise<void> {
    if (this.reading) {
      this.readAgain = true
      return
    }
    this.reading = true
    try {
      for (let more = true; more; ) {
        const sentAt = Date.now()
        const response = await fetch(`/api/jobs/${this.options.jobId}/entries?after=${this.lastSeq()}`, { cache: 'no-store' })
        if (response.status === 401) return this.setLink('signed out')
        if (!response.ok) return this.setLink('alone')
        const { entries, lastSeq, now: serverNow } = (await response.json()) as { entries: (Entry | UnknownEntry)[]; lastSeq: number; now: number }
        measure(serverNow, sentAt, Date.now())
        this.setLink('joined')
        if (entries.length > 0) {
          await holdEntries(entries)
          this.take(entries)
        }
        more = entries.length > 0 && this.lastSeq() < lastSeq
      }
    } catch {
      this.setLink('alone')
    } finally {
      this.reading = false
      if (this.readAgain) {
        this.readAgain = false
        void this.read()
      }
    }
  }

  private setLink(link: Link): void {
    if (link === this.link) return
    this.link = link
    if (link === 'joined') kick()
    this.redraw()
  }

  private redraw(): void {
    this.view = this.draw()
    this.listeners.forEach((listener) => listener())
  }

  private draw(): JournalView {
    const contiguous = this.lastSeq()
    const confirmed: (Entry | UnknownEntry)[] = []
    for (let seq = 1; seq <= contiguous; seq++) confirmed.push(this.confirmed.get(seq)!)
    const fresh = confirmed.slice(this.baseCount)
    this.base = fold(this.base, fresh) ?? reduce(this.options.jobId, confirmed)
    this.baseCount = contiguous
    const pending = this.pending.map((draft, i) => ({ ...draft, seq: contiguous + 1 + i, receivedAt: null, sentBy: null }) as Entry)
    const entries = [...confirmed, ...pending]
    const state = pending.length === 0 ? this.base : (fold(this.base, pending) ?? reduce(this.options.jobId, entries))
    return { state, entries, unsent: new Set(pending.map((p) => p.id)), shelf: this.shelf, badPhotos: this.badPhotos, link: this.link, ready: this.ready, keeps: this.keeps }
  }
}
