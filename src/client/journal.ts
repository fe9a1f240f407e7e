import { v7 } from 'uuid'
import { SAID, VOCABULARY } from '../core/build'
import {
  type Bodies,
  emptyState,
  type Entry,
  type EntryDraft,
  fold,
  type JobState,
  type Kind,
  reduce,
  type UnknownEntry,
  written,
} from '../core/job'
import { mended } from '../core/text'
import { type Held, hear, type Link, tell } from './channel'
import { measure, now, recallClock } from './clock'
import { follow } from './follow'
import { ANSWER_MS, heldNow, kick, sendAs, sendUnkept, unkeptIds } from './send'
import type { JournalOptions, JournalView } from './view'
import {
  faultyPhotos,
  heldEntries,
  holdEntries,
  jot,
  keepPast,
  knownPast,
  type Lost,
  lostEntries,
  numbered,
  offerAgain,
  putWaiting,
  type QueuedPhoto,
  rubOut,
  type Shelved,
  shelved,
  unshelve,
  waiting,
} from './store'

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
  private held: readonly Held[] = []
  private lost: readonly Lost[] = []
  private stranger: string | null = null
  private changingPast = false
  /** The page shows it no more: what the server has now is the next page's to find out. */
  private left = false
  /** The server knows ids that this build does not: the page has to be loaded anew. */
  private outdated = false
  private unjotted: ReadonlySet<string> = new Set()
  private base: JobState
  private baseCount = 0
  private view: JournalView
  private readonly listeners = new Set<() => void>()
  private stopHearing: (() => void) | null = null
  private poll: ReturnType<typeof setInterval> | undefined
  private reading = false
  /** The past that is held has still to be compared with the server's: once a load, and whenever the stream opens anew. */
  private checkPast = false
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
    this.left = false
    recallClock()
    sendAs(this.options.person)
    tell({ type: 'person', person: this.options.person })
    this.stopHearing = hear((word) => {
      if (word.type === 'link') this.setLink(word.link)
      else if (word.type === 'person') this.meet(word.person)
      else if (word.type === 'held') this.setHeld(word.held)
      else if (word.type === 'opened') void ((this.checkPast = true), this.read())
      else if (!('jobId' in word) || word.jobId !== this.options.jobId) return
      else if (word.type === 'other past') void this.otherPast()
      else if (word.type === 'notice') word.seq > this.lastSeq() && void this.read()
      else if (word.type === 'confirmed' || word.type === 'told') this.take(word.entries)
      else if (word.type === 'pending') this.addPending(word.drafts)
      else void this.refreshShelf(word.ids)
    })
    this.setHeld(heldNow())
    const lookAway = follow(this.options.jobId)
    void this.load().catch(() => {
      this.keeps = false
      this.ready = true
      this.redraw()
    })
    this.poll = setInterval(() => void this.read(), POLL_MS)
    return () => {
      this.left = true
      lookAway()
      this.stopHearing?.()
      clearInterval(this.poll)
    }
  }

  /** Logs an entry: shown at once, kept on this device, sent when it can be. */
  log<K extends Kind>(kind: K, body: Bodies[K]): string {
    return this.logAll([{ kind, body }])[0]!
  }

  /** @param by whoever signed in on this device for these; the one who is signed in where it is left out */
  logAll(items: readonly { readonly kind: Kind; readonly body: Bodies[Kind] }[], by = this.options.person): string[] {
    if (this.stranger !== null) return []
    const at = now()
    const drafts = items.map(
      ({ kind, body }) =>
        ({
          id: v7(),
          jobId: this.options.jobId,
          base: this.lastSeq(),
          at,
          by,
          device: this.options.device,
          ...mended(written(kind, body, this.options.form ?? 0)),
        }) as EntryDraft,
    )
    const fresh = numbered(drafts)
    const jotted = jot(fresh)
    this.addPending(drafts)
    void putWaiting(fresh).then(
      () => {
        rubOut(drafts.map((d) => d.id))
        tell({ type: 'pending', jobId: this.options.jobId, drafts })
        kick()
      },
      () => {
        // The storage fails while the page is open: it is sent from here, and the screen says at once where nothing keeps it.
        sendUnkept(fresh)
        if (!jotted) this.redraw()
      },
    )
    if (!jotted) this.unjotted = new Set([...this.unjotted, ...drafts.map((d) => d.id)])
    return drafts.map((d) => d.id)
  }

  async putAway(id: string): Promise<void> {
    await unshelve(id)
    await this.refreshShelf([])
  }

  /** Puts a shelved entry back among those that wait to be sent. */
  async offer(id: string): Promise<void> {
    const draft = this.shelf.find((s) => s.id === id)?.draft
    await offerAgain([id])
    await this.refreshShelf([])
    if (draft) this.addPending([draft])
    kick()
  }

  /** Gives back what the server has lost; reads on when it is done. */
  async giveBack(): Promise<void> {
    const { giveBack } = await import('./past')
    await giveBack(this.lost)
    this.lost = await lostEntries(this.options.jobId)
    this.redraw()
    await this.read()
  }

  private meet(person: string): void {
    const stranger = person === this.options.person ? null : person
    if (stranger === this.stranger) return
    this.stranger = stranger
    // What is sent from here goes by their session.
    sendAs(person)
    this.redraw()
  }

  private setHeld(held: readonly Held[]): void {
    this.held = held.filter((h) => h.jobId === this.options.jobId)
    this.redraw()
  }

  /** The server holds another past of this job: this browser takes it over, and keeps what the server has lost. */
  private async otherPast(): Promise<void> {
    if (this.changingPast || this.left) return
    this.changingPast = true
    try {
      // Seldom wanted: it comes when it is, from what is kept for use without a network.
      const { takeOtherPast } = await import('./past')
      if (this.left) return
      const entries = await takeOtherPast(this.options.jobId, [...this.confirmed.values()])
      if (!entries) return this.setLink('alone')
      this.confirmed = new Map(entries.map((e) => [e.seq, e]))
      this.base = emptyState(this.options.jobId)
      this.baseCount = 0
      this.lost = await lostEntries(this.options.jobId)
      this.setLink('joined')
      this.redraw()
      kick()
    } catch {
      this.setLink('alone')
    } finally {
      this.changingPast = false
    }
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
    // What the page came with is the server's; what is held beside it is believed only where it goes on from there.
    const came = new Map(this.options.entries.map((e) => [e.seq, e.id]))
    const parted = held.some((e) => came.has(e.seq) && came.get(e.seq) !== e.id)
    if (!parted) for (const entry of held) if (!this.confirmed.has(entry.seq)) this.confirmed.set(entry.seq, entry)
    if (!parted) void holdEntries(this.options.entries).catch(() => undefined)
    this.lost = await lostEntries(jobId).catch(() => [])
    this.checkPast = true
    if (parted) await this.otherPast()
    this.shelf = shelf
    this.badPhotos = badPhotos
    this.ready = true
    this.addPending(unsent.map((w) => w.draft))
    this.redraw()
    kick()
    await this.read()
  }

  private addPending(drafts: readonly EntryDraft[]): void {
    const known = new Set([
      ...this.pending.map((d) => d.id),
      ...[...this.confirmed.values()].map((e) => e.id),
      ...this.shelf.map((s) => s.id),
    ])
    const fresh = drafts.filter((d) => !known.has(d.id))
    if (fresh.length === 0) return
    this.pending = [...this.pending, ...fresh]
    this.redraw()
  }

  private take(entries: readonly (Entry | UnknownEntry)[]): void {
    const fresh = entries.filter((e) => !this.confirmed.has(e.seq))
    // What came by the stream before its own answer is drawn once more where it was kept nowhere: it is safe now.
    if (fresh.length === 0 && this.unjotted.size === 0 && entries.every((e) => !this.pending.some((p) => p.id === e.id))) return
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
      for (let more = true; more;) {
        const sentAt = Date.now()
        const { jobId } = this.options
        const past = this.checkPast ? await knownPast(jobId).catch(() => null) : null
        const seen = past && past.seq <= this.lastSeq() ? `&seen=${past.seq}&chain=${past.chain}` : ''
        // What is held when it is asked: a line that is sent meanwhile may be answered before this is.
        const held = this.lastSeq()
        const response = await fetch(`/api/jobs/${jobId}/entries?after=${held}${seen}`, {
          cache: 'no-store',
          headers: SAID,
          signal: AbortSignal.timeout(ANSWER_MS),
        })
        if (response.status === 401) return this.setLink('signed out')
        if (response.status === 409 || (response.status === 404 && this.lastSeq() > 0)) return void this.otherPast()
        if (!response.ok) return this.setLink(response.status >= 500 ? 'troubled' : 'alone')
        const {
          entries,
          lastSeq,
          chain,
          history,
          person,
          vocabulary,
          now: serverNow,
        } = (await response.json()) as {
          entries: (Entry | UnknownEntry)[]
          lastSeq: number
          chain?: string
          history?: string
          person?: string
          vocabulary?: number
          now: number
        }
        measure(serverNow, sentAt, Date.now())
        this.setLink('joined')
        this.checkPast = false
        if (person) this.meet(person)
        if ((vocabulary ?? 0) > VOCABULARY && !this.outdated) {
          this.outdated = true
          this.redraw()
        }
        if (lastSeq < held) return void this.otherPast()
        if (entries.length > 0) {
          // Where the storage fails the page goes on all the same.
          await holdEntries(entries).catch(() => undefined)
          this.take(entries)
        }
        const at = entries.at(-1)?.seq ?? this.lastSeq()
        if (chain && history && at === this.lastSeq()) await keepPast({ jobId, history, seq: at, chain }).catch(() => undefined)
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

  private unkeptNow(): ReadonlySet<string> {
    const alive = unkeptIds()
    return new Set([...this.unjotted].filter((id) => alive.has(id)))
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
    return {
      state,
      entries,
      unsent: new Set(pending.map((p) => p.id)),
      shelf: this.shelf,
      badPhotos: this.badPhotos,
      held: this.held,
      lost: this.lost,
      unkept: this.unkeptNow(),
      stranger: this.stranger,
      outdated: this.outdated,
      link: this.link,
      ready: this.ready,
      keeps: this.keeps,
    }
  }
}
