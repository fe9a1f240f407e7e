import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { v4, v7 } from 'uuid'
import type { Entry, EntryDraft } from '../core/job'

/** A server of one job: numbers entries, knows ids, and can be broken in the ways that networks break. */
class FakeServer {
  entries: Entry[] = []
  history = 'first'
  person = 'p-ines'
  vocabulary = 1
  mode:
    | 'up'
    | 'down'
    | 'answer lost'
    | 'signed out'
    | 'restarting'
    | 'refuses odd'
    | 'viewer'
    | 'older'
    | 'skips'
    | 'no term'
    | 'shut'
    | 'small' = 'up'
  posts: number[] = []
  readonly agrees: number[] = []
  photos: number = 0

  readonly fetch = vi.fn(async (url: string, init?: RequestInit): Promise<Response> => {
    if (this.mode === 'down') throw new TypeError('Failed to fetch')
    if (this.mode === 'signed out') return Response.json({ message: 'sign in' }, { status: 401 })
    if (this.mode === 'restarting') return Response.json({}, { status: 503 })
    if (url === '/api/photos' && this.mode === 'viewer') return Response.json({ message: 'A viewer may not do this.' }, { status: 403 })
    if (url === '/api/photos') return ((this.photos += 1), Response.json({ id: 'x' }))
    if (init?.method !== 'POST') {
      const query = new URL(url, 'http://x').searchParams
      const after = Number(query.get('after'))
      const seen = query.get('seen')
      if (after > this.entries.length || (seen !== null && query.get('chain') !== this.chain(Number(seen))))
        return Response.json({ past: 'other', again: 'later' }, { status: 409 })
      return Response.json({
        entries: this.entries.slice(after),
        lastSeq: this.entries.length,
        chain: this.chain(this.entries.length),
        history: this.history,
        person: this.person,
        vocabulary: this.vocabulary,
        now: Date.now(),
      })
    }
    const sent = JSON.parse(String(init.body)) as EntryDraft[] | { agrees: number; entries: EntryDraft[] }
    const batch = Array.isArray(sent) ? sent : sent.entries
    const history = (init.headers as Record<string, string>)['x-nailsmith-history']
    if (history !== undefined && history !== this.history)
      return Response.json({ message: 'another past', again: 'later' }, { status: 409 })
    if (!Array.isArray(sent)) this.agrees.push(sent.agrees)
    this.posts.push(batch.length)
    if (this.mode === 'shut') return Response.json({ message: 'Not by you.' }, { status: 403 })
    if (this.mode === 'small' && batch.length > 5) return Response.json({ message: 'too much' }, { status: 413 })
    if (JSON.stringify(batch).length > 256_000) return Response.json({ message: 'too much' }, { status: 413 })
    const answers = (this.mode === 'skips' ? batch.slice(1) : batch).map((draft) => {
      if (this.mode === 'no term') return { id: draft.id, status: 'refused', reason: 'not now' }
      const known = this.entries.find((e) => e.id === draft.id)
      if (known) return { id: draft.id, status: 'already', seq: known.seq, receivedAt: known.receivedAt }
      if (this.mode === 'refuses odd' && (draft.body as { text: string }).text.startsWith('odd'))
        return { id: draft.id, status: 'refused', reason: 'odd', again: 'never' }
      if (this.mode === 'viewer' && draft.by !== 'p-runa')
        return { id: draft.id, status: 'refused', reason: 'A viewer reads; ask a mechanic to log this.', again: 'other person' }
      if (this.mode === 'older' && draft.kind === 'voltage-told')
        return { id: draft.id, status: 'refused', reason: 'not known here', again: 'newer build' }
      return this.store(draft)
    })
    if (this.mode === 'answer lost') {
      this.mode = 'up'
      throw new TypeError('network changed')
    }
    return Response.json({ answers, lastSeq: this.entries.length, now: Date.now() })
  })

  chain(seq: number): string {
    return this.entries
      .slice(0, seq)
      .map((e) => e.id)
      .join()
  }

  store(draft: EntryDraft) {
    const seq = this.entries.length + 1
    this.entries.push({ ...draft, seq, receivedAt: Date.now(), sentBy: draft.by } as Entry)
    return { id: draft.id, status: 'stored', seq, receivedAt: Date.now() }
  }
}

/** Another one for each test: what the last one still had on the way is of another job. */
let JOB = v7()
const TABLET = v4()
let server: FakeServer
let stops: (() => void)[] = []
let kept: Map<string, string>

async function open(entries: readonly Entry[] = [], person = 'p-ines') {
  const { JournalClient } = await import('./journal')
  const client = new JournalClient({ jobId: JOB, device: TABLET, person, entries })
  stops.push(client.start())
  await vi.waitFor(() => expect(client.snapshot().ready).toBe(true))
  return client
}
const texts = (entries: readonly { body: unknown }[]) => entries.map((e) => (e.body as { text?: string }).text)
const other = (text: string): EntryDraft => ({
  id: v7(),
  jobId: JOB,
  base: 0,
  at: Date.now(),
  by: 'p-marit',
  device: v4(),
  kind: 'note-added',
  v: 1,
  body: { text },
})

beforeEach(() => {
  JOB = v7()
  vi.resetModules()
  server = new FakeServer()
  vi.stubGlobal('fetch', server.fetch)
  vi.stubGlobal('navigator', {})
  kept = new Map<string, string>()
  vi.stubGlobal('localStorage', {
    getItem: (k: string) => kept.get(k) ?? null,
    setItem: (k: string, v: string) => void kept.set(k, v),
    removeItem: (k: string) => void kept.delete(k),
    key: (i: number) => [...kept.keys()][i] ?? null,
    get length() {
      return kept.size
    },
  })
})
afterEach(async () => {
  stops.forEach((stop) => stop())
  stops = []
  vi.unstubAllGlobals()
  // A fresh browser for the next test.
  const { IDBFactory } = await import('fake-indexeddb')
  globalThis.indexedDB = new IDBFactory()
})

describe('the outbox', () => {
  it('shows an entry at once, and sends it', async () => {
    const client = await open()
    client.log('note-added', { text: 'a' })
    expect(texts(client.snapshot().entries)).toEqual(['a'])
    expect(client.snapshot().unsent.size).toBe(1)
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0))
    expect(texts(server.entries)).toEqual(['a'])
    expect(client.snapshot().state.notes.map((n) => n.text)).toEqual(['a'])
  })

  it('keeps what was logged without a network through a reload, and sends it once, in order', async () => {
    server.mode = 'down'
    const first = await open()
    for (const t of ['a', 'b', 'c']) first.log('note-added', { text: t })
    await vi.waitFor(() => expect(first.snapshot().link).toBe('alone'))
    stops.splice(0).forEach((stop) => stop())
    vi.resetModules()
    const again = await open()
    expect(texts(again.snapshot().entries)).toEqual(['a', 'b', 'c'])
    server.mode = 'up'
    await vi.waitFor(() => expect(again.snapshot().unsent.size).toBe(0), { timeout: 5_000 })
    expect(texts(server.entries)).toEqual(['a', 'b', 'c'])
  })

  it('loses nothing when the page is left in the very moment of a tap', async () => {
    const client = await open()
    server.mode = 'down'
    client.logAll(['a', 'b'].map((text) => ({ kind: 'note-added' as const, body: { text } })))
    // Written down before anything is waited for, and rubbed out once the outbox has it.
    expect([...kept.keys()].filter((k) => k.startsWith('nailsmith-unsaved:'))).toHaveLength(2)
    await vi.waitFor(() => expect([...kept.keys()].filter((k) => k.startsWith('nailsmith-unsaved:'))).toHaveLength(0))
    server.mode = 'up'
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0), { timeout: 5_000 })
  })

  it('takes up what a page that was left had only written down', async () => {
    const drafts = ['a', 'b'].map((t): EntryDraft => ({ ...other(t), by: 'p-ines', device: TABLET }))
    for (const d of drafts) kept.set(`nailsmith-unsaved:${d.id}`, JSON.stringify(d))
    kept.set('nailsmith-unsaved:broken', '{')
    const client = await open()
    await vi.waitFor(() => expect(texts(server.entries)).toEqual(['a', 'b']), { timeout: 5_000 })
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0))
    expect(texts(client.snapshot().entries)).toEqual(['a', 'b'])
    expect([...kept.keys()]).not.toContain(`nailsmith-unsaved:${drafts[0]!.id}`)
  })

  it('sends again when the answer was lost, and the entry is there once', async () => {
    const client = await open()
    server.mode = 'answer lost'
    client.log('note-added', { text: 'a' })
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0), { timeout: 5_000 })
    expect(texts(server.entries)).toEqual(['a'])
    expect(client.snapshot().entries).toHaveLength(1)
  })

  it('keeps everything while signed out, and while the server restarts', async () => {
    const client = await open()
    server.mode = 'signed out'
    client.log('note-added', { text: 'a' })
    await vi.waitFor(() => expect(client.snapshot().link).toBe('signed out'))
    server.mode = 'restarting'
    client.log('note-added', { text: 'b' })
    expect(client.snapshot().unsent.size).toBe(2)
    server.mode = 'up'
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0), { timeout: 8_000 })
    expect(texts(server.entries)).toEqual(['a', 'b'])
  })

  it('puts a refused entry on the shelf with its reason, and sends the rest', async () => {
    const client = await open()
    server.mode = 'refuses odd'
    client.logAll(['x', 'odd one', 'y'].map((text) => ({ kind: 'note-added' as const, body: { text } })))
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0), { timeout: 5_000 })
    expect(texts(server.entries)).toEqual(['x', 'y'])
    expect(client.snapshot().shelf.map((s) => [s.reason, (s.draft.body as { text: string }).text])).toEqual([['odd', 'odd one']])
    await client.putAway(client.snapshot().shelf[0]!.id)
    expect(client.snapshot().shelf).toEqual([])
  })

  it('what got no answer, or a refusal that does not say for how long, is tried again and never shelved', async () => {
    for (const mode of ['skips', 'no term'] as const) {
      server.mode = mode
      const client = await open()
      client.logAll([
        { kind: 'note-added', body: { text: `${mode} 1` } },
        { kind: 'note-added', body: { text: `${mode} 2` } },
      ])
      await vi.waitFor(() => expect(server.posts.length).toBeGreaterThan(0))
      await new Promise((resolve) => setTimeout(resolve, 60))
      expect(client.snapshot().shelf).toEqual([])
      server.mode = 'up'
      const { kick } = await import('./send')
      kick()
      await vi.waitFor(() => expect(texts(server.entries)).toEqual(expect.arrayContaining([`${mode} 1`, `${mode} 2`])), { timeout: 10_000 })
    }
  })
  it('what this person may not send waits for somebody who may, and says why', async () => {
    server.mode = 'shut'
    const client = await open()
    client.log('note-added', { text: 'mine' })
    await vi.waitFor(() => expect(client.snapshot().held.map((h) => h.reason)).toEqual(['Not by you.']))
    expect(client.snapshot().shelf).toEqual([])
  })
  it('a batch that a server takes for too large is halved until it is not', async () => {
    server.mode = 'small'
    const client = await open()
    client.logAll(Array.from({ length: 20 }, (_, i) => ({ kind: 'note-added' as const, body: { text: `n${i}` } })))
    await vi.waitFor(() => expect(server.entries).toHaveLength(20), { timeout: 10_000 })
    expect(client.snapshot().shelf).toEqual([])
    expect(Math.max(...server.posts.filter((n) => n <= 5))).toBeLessThanOrEqual(5)
  })
  it('splits what is too many or too large for one batch', async () => {
    server.mode = 'down'
    const client = await open()
    client.logAll(
      Array.from({ length: 230 }, (_, i) => ({
        kind: 'note-added' as const,
        body: { text: `${i} ${'x'.repeat(i % 50 === 0 ? 90_000 : 10)}` },
      })),
    )
    server.mode = 'up'
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0), { timeout: 10_000 })
    expect(server.entries).toHaveLength(230)
    expect(Math.max(...server.posts)).toBeLessThanOrEqual(100)
    expect(texts(server.entries).map((t) => Number(t!.split(' ')[0]))).toEqual(Array.from({ length: 230 }, (_, i) => i))
  })
})

describe('a large plan', () => {
  it('goes by itself, and what stands beside it in its own order', async () => {
    server.mode = 'down'
    const client = await open()
    const big = { plan: { text: 'x'.repeat(180_000), down: { steps: [] }, up: { steps: [] }, swap: [] } }
    client.logAll([
      { kind: 'note-added', body: { text: 'before' } },
      { kind: 'plan-adopted', body: big as never },
      { kind: 'note-added', body: { text: 'after' } },
    ])
    server.mode = 'up'
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0), { timeout: 10_000 })
    expect(server.entries.map((e) => e.kind)).toEqual(['note-added', 'plan-adopted', 'note-added'])
    expect(server.posts.slice(-3)).toEqual([1, 1, 1])
  })
})

describe('following', () => {
  it('puts entries of others before its own that are not sent yet, and its base is what it had seen', async () => {
    server.store(other('theirs 1'))
    const client = await open(server.entries.slice())
    server.mode = 'down'
    client.log('note-added', { text: 'mine' })
    const { tell } = await import('./channel')
    server.store(other('theirs 2'))
    tell({ type: 'confirmed', jobId: JOB, entries: server.entries.slice(1) })
    expect(texts(client.snapshot().entries)).toEqual(['theirs 1', 'theirs 2', 'mine'])
    client.log('note-added', { text: 'mine 2' })
    server.mode = 'up'
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0), { timeout: 8_000 })
    expect(server.entries.map((e) => e.base)).toEqual([0, 0, 1, 2])
  })

  it('reads on over a gap', async () => {
    const client = await open()
    for (let i = 1; i <= 5; i++) server.store(other(`t${i}`))
    const { tell } = await import('./channel')
    tell({ type: 'confirmed', jobId: JOB, entries: [server.entries[4]!] })
    await vi.waitFor(() => expect(client.snapshot().entries).toHaveLength(5))
    expect(client.snapshot().state.seq).toBe(5)
  })

  it('shows a crossing-out of something long confirmed', async () => {
    const client = await open()
    const id = client.log('note-added', { text: 'wrong' })
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0))
    client.log('struck', { target: id })
    expect(client.snapshot().state.notes).toEqual([])
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0))
    client.log('note-added', { text: 'right' })
    expect(client.snapshot().state.notes.map((n) => n.text)).toEqual(['right'])
  })
})

describe('the clock', () => {
  it('is put right by the server’s, and holds without it', async () => {
    const { measure, now } = await import('./clock')
    const device = Date.now()
    measure(device + 3_600_000, device - 50, device + 50)
    expect(Math.abs(now() - Date.now() - 3_600_000)).toBeLessThan(60)
    // A slow answer says little: it changes nothing.
    measure(device - 9e9, device - 60_000, device)
    expect(Math.abs(now() - Date.now() - 3_600_000)).toBeLessThan(60)
    vi.resetModules()
    const again = await import('./clock')
    again.recallClock()
    expect(Math.abs(again.now() - Date.now() - 3_600_000)).toBeLessThan(100)
  })
})

describe('one entry never holds up another', () => {
  it('what waits for somebody else stays, with why, while the rest goes; and goes once somebody is signed in who may', async () => {
    server.mode = 'viewer'
    server.person = 'p-runa'
    const viewer = await open([], 'p-runa')
    const { putWaiting, numbered } = await import('./store')
    await putWaiting(numbered(Array.from({ length: 30 }, (_, i): EntryDraft => ({ ...other(`work ${i}`), by: 'p-ines', device: TABLET }))))
    viewer.log('note-added', { text: 'mine' })
    await vi.waitFor(() => expect(texts(server.entries)).toEqual(['mine']), { timeout: 5_000 })
    await vi.waitFor(() => expect(viewer.snapshot().held).toHaveLength(30))
    expect(viewer.snapshot().held[0]?.reason).toMatch(/A viewer reads/)
    expect(viewer.snapshot().shelf).toEqual([])
    stops.splice(0).forEach((stop) => stop())
    // The job is left and opened again on the same page: what waits is not asked again, and is told all the same.
    expect((await open([], 'p-runa')).snapshot().held).toHaveLength(30)
    stops.splice(0).forEach((stop) => stop())
    server.mode = 'up'
    server.person = 'p-ines'
    const lead = await open([], 'p-ines')
    await vi.waitFor(() => expect(lead.snapshot().unsent.size).toBe(0), { timeout: 5_000 })
    expect(texts(server.entries).slice(1)).toEqual(Array.from({ length: 30 }, (_, i) => `work ${i}`))
    expect(lead.snapshot().held).toEqual([])
  })

  it('a kind that an older server does not know waits for it to be renewed', async () => {
    server.mode = 'older'
    const client = await open()
    client.logAll([
      { kind: 'voltage-told', body: { from: 'label', volts: 54.6 } },
      { kind: 'note-added', body: { text: 'after it' } },
    ])
    await vi.waitFor(() => expect(texts(server.entries)).toEqual(['after it']), { timeout: 5_000 })
    expect(client.snapshot().shelf).toEqual([])
    expect(client.snapshot().unsent.size).toBe(1)
  })

  it('text cut inside an emoji or with a NUL is made whole before it is kept', async () => {
    const client = await open()
    client.log('note-added', { text: `ok ${'👍'.slice(0, 1)}\u0000` })
    await vi.waitFor(() => expect(texts(server.entries)).toEqual(['ok \ufffd']), { timeout: 5_000 })
  })

  it('a photo waits as its line does, and goes when somebody may send it', async () => {
    server.mode = 'viewer'
    const { putPhoto, unsentPhotos } = await import('./store')
    await putPhoto({ id: 'p', jobId: JOB, blob: new Blob(['x'], { type: 'image/jpeg' }), at: 1, sent: false })
    const client = await open([], 'p-runa')
    const { kick } = await import('./send')
    await vi.waitFor(async () => expect((await unsentPhotos())[0]?.fault).toBeUndefined())
    expect(client.snapshot().badPhotos).toEqual([])
    server.mode = 'up'
    kick()
    await vi.waitFor(() => expect(server.photos).toBe(1), { timeout: 5_000 })
  })

  it('what an older build put on the shelf is offered once more, and by a tap again', async () => {
    const { putWaiting, numbered, shelve } = await import('./store')
    const draft = { ...other('shelved'), by: 'p-ines', device: TABLET }
    await putWaiting(numbered([draft]))
    await shelve([{ id: draft.id, jobId: JOB, reason: 'then', at: 1, draft }])
    const client = await open()
    await vi.waitFor(() => expect(texts(server.entries)).toEqual(['shelved']), { timeout: 5_000 })
    server.mode = 'refuses odd'
    client.log('note-added', { text: 'odd one' })
    await vi.waitFor(() => expect(client.snapshot().shelf).toHaveLength(1), { timeout: 5_000 })
    server.mode = 'up'
    await client.offer(client.snapshot().shelf[0]!.id)
    await vi.waitFor(() => expect(texts(server.entries)).toEqual(['shelved', 'odd one']), { timeout: 5_000 })
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0))
    expect(client.snapshot().shelf).toEqual([])
  })
})

describe('storage that fails while the page is open', () => {
  const breakIt = async (localToo: boolean): Promise<void> => {
    const { IDBObjectStore } = await import('fake-indexeddb')
    vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    if (localToo)
      vi.stubGlobal('localStorage', {
        ...localStorage,
        getItem: () => null,
        key: () => null,
        length: 0,
        setItem: () => {
          throw new DOMException('full', 'QuotaExceededError')
        },
        removeItem: () => undefined,
      })
  }
  afterEach(() => vi.restoreAllMocks())

  it('with a network the entry goes out all the same', async () => {
    const client = await open()
    await breakIt(true)
    client.log('note-added', { text: 'a' })
    await vi.waitFor(() => expect(texts(server.entries)).toEqual(['a']), { timeout: 5_000 })
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0), { timeout: 5_000 })
    expect(client.snapshot().unkept.size).toBe(0)
    expect(texts(client.snapshot().entries)).toEqual(['a'])
  })

  it('without one it says at once that nothing keeps it, and sends it when the network is back', async () => {
    const client = await open()
    server.mode = 'down'
    await breakIt(true)
    client.log('note-added', { text: 'a' })
    await vi.waitFor(() => expect(client.snapshot().unkept.size).toBe(1))
    server.mode = 'up'
    await vi.waitFor(() => expect(client.snapshot().unkept.size).toBe(0), { timeout: 8_000 })
    expect(texts(server.entries)).toEqual(['a'])
  })

  it('what comes by the stream before its own answer is safe too, and the screen lets go of it', async () => {
    const client = await open()
    server.mode = 'down'
    await breakIt(true)
    client.log('note-added', { text: 'a' })
    await vi.waitFor(() => expect(client.snapshot().unkept.size).toBe(1))
    const store = server.store.bind(server)
    const { tell } = await import('./channel')
    server.store = (draft) => {
      const answer = store(draft)
      tell({ type: 'told', jobId: JOB, entries: [server.entries.at(-1)!] })
      return answer
    }
    server.mode = 'up'
    await vi.waitFor(() => expect(client.snapshot().unkept.size).toBe(0), { timeout: 8_000 })
    expect(client.snapshot().unsent.size).toBe(0)
    expect(texts(client.snapshot().entries)).toEqual(['a'])
  })

  it('with the second store whole it is kept there, through a reload', async () => {
    const client = await open()
    server.mode = 'down'
    await breakIt(false)
    client.log('note-added', { text: 'a' })
    expect(client.snapshot().unkept.size).toBe(0)
    stops.splice(0).forEach((stop) => stop())
    vi.restoreAllMocks()
    vi.resetModules()
    server.mode = 'up'
    await open()
    await vi.waitFor(() => expect(texts(server.entries)).toEqual(['a']), { timeout: 5_000 })
  })
})

describe('order', () => {
  it('is that of the device’s counter: a clock put back does not send the crossing-out before the entry', async () => {
    server.mode = 'down'
    const client = await open()
    const id = client.log('note-added', { text: 'wrong' })
    await new Promise((resolve) => setTimeout(resolve, 30))
    vi.spyOn(Date, 'now').mockReturnValue(Date.now() - 3 * 3_600_000)
    client.log('struck', { target: id })
    await new Promise((resolve) => setTimeout(resolve, 30))
    vi.restoreAllMocks()
    server.mode = 'up'
    await vi.waitFor(() => expect(server.entries.map((e) => e.kind)).toEqual(['note-added', 'struck']), { timeout: 8_000 })
    expect(client.snapshot().state.notes).toEqual([])
  })
  it('goes on above what an outbox from before counters holds, and takes up its jottings', async () => {
    const { putWaiting } = await import('./store')
    const old = { ...other('old'), by: 'p-ines', device: TABLET }
    await putWaiting([{ id: old.id, jobId: JOB, n: Date.now() * 1000, draft: old }])
    server.mode = 'down'
    const client = await open()
    client.log('note-added', { text: 'new' })
    await new Promise((resolve) => setTimeout(resolve, 30))
    server.mode = 'up'
    await vi.waitFor(() => expect(texts(server.entries)).toEqual(['old', 'new']), { timeout: 8_000 })
  })
})

describe('a backup put back', () => {
  /** Ten entries, three of another tablet; then the server is put back to five and somebody writes two more. */
  async function ahead(writeMore: boolean) {
    const client = await open()
    for (let i = 1; i <= 10; i++) {
      if (i % 3 === 0) {
        server.store(other(`theirs ${i}`))
        const { tell } = await import('./channel')
        tell({ type: 'notice', jobId: JOB, seq: server.entries.length })
      } else client.log('note-added', { text: `mine ${i}` })
      await vi.waitFor(() => expect(client.snapshot().state.seq).toBe(i), { timeout: 5_000 })
      await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0), { timeout: 5_000 })
    }
    await vi.waitFor(async () => expect((await (await import('./store')).knownPast(JOB))?.seq).toBeGreaterThanOrEqual(9))
    server.entries = server.entries.slice(0, 5)
    server.history = 'second'
    if (writeMore) for (const t of ['after 1', 'after 2', 'after 3', 'after 4', 'after 5', 'after 6']) server.store(other(t))
    return client
  }

  it.each([
    ['and nothing written since', false],
    ['and more written since than was lost', true],
  ] as const)('%s: the tablet notices, shows what the server has, and offers back what it has not', async (_, more) => {
    const client = await ahead(more)
    const { tell } = await import('./channel')
    tell({ type: 'opened' })
    await vi.waitFor(() => expect(client.snapshot().lost).toHaveLength(5), { timeout: 5_000 })
    expect(texts(client.snapshot().entries)).toEqual(texts(server.entries))
    expect(client.snapshot().lost.map((l) => [l.entry.seq, l.agrees])).toEqual([
      [6, 5],
      [7, 5],
      [8, 5],
      [9, 5],
      [10, 5],
    ])
    await client.giveBack()
    expect(client.snapshot().lost).toEqual([])
    expect(server.agrees).toEqual([5])
    expect(new Set(texts(server.entries))).toEqual(
      new Set([
        ...['mine 1', 'mine 2', 'theirs 3', 'mine 4', 'mine 5', 'theirs 6', 'mine 7', 'mine 8', 'theirs 9', 'mine 10'],
        ...(more ? ['after 1', 'after 2', 'after 3', 'after 4', 'after 5', 'after 6'] : []),
      ]),
    )
    await vi.waitFor(() => expect(texts(client.snapshot().entries)).toEqual(texts(server.entries)))
  })

  it('what was logged in the other past and not sent goes up as such', async () => {
    const client = await ahead(false)
    server.mode = 'down'
    client.log('note-added', { text: 'unsent' })
    await new Promise((resolve) => setTimeout(resolve, 30))
    server.mode = 'up'
    await vi.waitFor(() => expect(texts(server.entries)).toContain('unsent'), { timeout: 5_000 })
    expect(server.agrees).toContain(5)
    expect(client.snapshot().lost).toHaveLength(5)
  })

  it('is noticed where the page came with another past than this browser holds', async () => {
    await ahead(false)
    stops.splice(0).forEach((stop) => stop())
    vi.resetModules()
    const elsewhere = server.entries.map((e, i) => ({ ...e, id: `00000000-0000-7000-8000-00000000000${i}` }))
    server.entries.splice(0, server.entries.length, ...(elsewhere as never[]))
    server.history = 'another'
    const again = await open(elsewhere as never)
    await vi.waitFor(() => expect(again.snapshot().lost.length).toBeGreaterThan(0), { timeout: 5_000 })
  })
  it('is none where a line was sent and answered while it asked', async () => {
    const client = await open()
    let answer = () => {}
    const asked = new Promise<void>((resolve) => {
      server.fetch.mockImplementationOnce(async () => {
        const [lastSeq, chain] = [server.entries.length, server.chain(server.entries.length)]
        resolve()
        await new Promise<void>((go) => (answer = go))
        return Response.json({ entries: [], lastSeq, chain, history: server.history, person: server.person, now: Date.now() })
      })
    })
    const { tell } = await import('./channel')
    tell({ type: 'opened' })
    await asked
    client.log('note-added', { text: 'meanwhile' })
    await vi.waitFor(() => expect(server.entries).toHaveLength(1), { timeout: 5_000 })
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0), { timeout: 5_000 })
    const before = server.fetch.mock.calls.length
    answer()
    await new Promise((resolve) => setTimeout(resolve, 100))
    expect(client.snapshot().lost).toEqual([])
    // It is not even looked for: the whole journal is not asked for anew.
    expect(
      server.fetch.mock.calls
        .slice(before)
        .map(([url]) => String(url))
        .filter((url) => url.endsWith('after=0')),
    ).toEqual([])
    expect(texts(server.entries)).toEqual(['meanwhile'])
  })
  it('is left to the next page by one that was left while it asked', async () => {
    const client = await open()
    for (const t of ['mine 1', 'mine 2']) client.log('note-added', { text: t })
    await vi.waitFor(() => expect(client.snapshot().state.seq).toBe(2), { timeout: 5_000 })
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0), { timeout: 5_000 })
    let answer = () => {}
    const asked = new Promise<void>((resolve) => {
      server.fetch.mockImplementationOnce(async () => {
        resolve()
        await new Promise<void>((go) => (answer = go))
        return Response.json({ past: 'other', again: 'later' }, { status: 409 })
      })
    })
    const { tell } = await import('./channel')
    tell({ type: 'opened' })
    await asked
    stops.splice(0).forEach((stop) => stop())
    server.entries = []
    answer()
    await new Promise((resolve) => setTimeout(resolve, 100))
    const { heldEntries, lostEntries } = await import('./store')
    expect(await lostEntries(JOB)).toEqual([])
    expect(texts(await heldEntries(JOB))).toEqual(['mine 1', 'mine 2'])
    // The next page comes with what the server has now, and notices.
    const again = await open()
    await vi.waitFor(() => expect(texts(again.snapshot().lost.map((l) => l.entry))).toEqual(['mine 1', 'mine 2']), { timeout: 5_000 })
  })
  it('is noticed at the next start, from what was kept', async () => {
    await ahead(true)
    stops.splice(0).forEach((stop) => stop())
    vi.resetModules()
    const again = await open(server.entries.slice())
    await vi.waitFor(() => expect(again.snapshot().lost).toHaveLength(5), { timeout: 5_000 })
    expect(texts(again.snapshot().entries)).toEqual(texts(server.entries))
  })
})

describe('somebody else signed in on this browser', () => {
  it('an old page logs nothing any more in the name of the one before', async () => {
    const client = await open()
    const { tell } = await import('./channel')
    tell({ type: 'person', person: 'p-marit' })
    expect(client.snapshot().stranger).toBe('p-marit')
    expect(client.log('note-added', { text: 'x' })).toBeUndefined()
    expect(client.snapshot().entries).toEqual([])
  })
  it('is noticed from the server’s answer too', async () => {
    server.person = 'p-marit'
    const client = await open()
    await vi.waitFor(() => expect(client.snapshot().stranger).toBe('p-marit'))
  })
})

describe('a server that knows more ids than this build', () => {
  it('is told of, so that the page is loaded anew; one that knows as many is not', async () => {
    const { VOCABULARY } = await import('../core/build')
    server.vocabulary = VOCABULARY
    const client = await open()
    await vi.waitFor(() => expect(client.snapshot().ready).toBe(true))
    expect(client.snapshot().outdated).toBe(false)
    server.vocabulary = VOCABULARY + 1
    const { tell } = await import('./channel')
    tell({ type: 'notice', jobId: JOB, seq: 99 })
    await vi.waitFor(() => expect(client.snapshot().outdated).toBe(true))
  })
})

describe('a clock that somebody put forward', () => {
  it('does not make a cure be over: what has run since the server last spoke counts', async () => {
    const { measure, now, surely, clockDoubtful } = await import('./clock')
    const device = Date.now()
    measure(device, device, device)
    expect(clockDoubtful()).toBe(false)
    vi.spyOn(Date, 'now').mockReturnValue(device + 3 * 3_600_000)
    expect(now() - device).toBeGreaterThan(3 * 3_599_000)
    expect(surely() - device).toBeLessThan(60_000)
    expect(clockDoubtful()).toBe(true)
    vi.restoreAllMocks()
    // Opened anew without the server: nothing is known to have run since.
    vi.resetModules()
    const again = await import('./clock')
    again.recallClock()
    vi.spyOn(Date, 'now').mockReturnValue(device + 3 * 3_600_000)
    expect(again.surely() - device).toBeLessThan(60_000)
    again.measure(device + 3 * 3_600_000, device + 3 * 3_600_000, device + 3 * 3_600_000)
    expect(again.clockDoubtful()).toBe(false)
    vi.restoreAllMocks()
  })
})
