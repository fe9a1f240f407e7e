import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { v4, v7 } from 'uuid'
import type { Entry, EntryDraft } from '../core/job'

/** A server of one job: numbers entries, knows ids, and can be broken in the ways that networks break. */
class FakeServer {
  readonly entries: Entry[] = []
  mode: 'up' | 'down' | 'answer lost' | 'signed out' | 'restarting' | 'refuses odd' = 'up'
  posts: number[] = []
  photos: number = 0

  readonly fetch = vi.fn(async (url: string, init?: RequestInit): Promise<Response> => {
    if (this.mode === 'down') throw new TypeError('Failed to fetch')
    if (this.mode === 'signed out') return Response.json({ message: 'sign in' }, { status: 401 })
    if (this.mode === 'restarting') return Response.json({}, { status: 503 })
    if (url === '/api/photos') return ((this.photos += 1), Response.json({ id: 'x' }))
    if (init?.method !== 'POST') {
      const after = Number(new URL(url, 'http://x').searchParams.get('after'))
      return Response.json({ entries: this.entries.slice(after), lastSeq: this.entries.length, now: Date.now() })
    }
    const batch = JSON.parse(String(init.body)) as EntryDraft[]
    this.posts.push(batch.length)
    if (JSON.stringify(batch).length > 256_000) return Response.json({ message: 'too much' }, { status: 413 })
    const answers = batch.map((draft) => {
      const known = this.entries.find((e) => e.id === draft.id)
      if (known) return { id: draft.id, status: 'already', seq: known.seq, receivedAt: known.receivedAt }
      if (this.mode === 'refuses odd' && (draft.body as { text: string }).text.startsWith('odd')) return { id: draft.id, status: 'refused', reason: 'odd' }
      return this.store(draft)
    })
    if (this.mode === 'answer lost') {
      this.mode = 'up'
      throw new TypeError('network changed')
    }
    return Response.json({ answers, lastSeq: this.entries.length, now: Date.now() })
  })

  store(draft: EntryDraft) {
    const seq = this.entries.length + 1
    this.entries.push({ ...draft, seq, receivedAt: Date.now(), sentBy: draft.by } as Entry)
    return { id: draft.id, status: 'stored', seq, receivedAt: Date.now() }
  }
}

const JOB = v7()
const TABLET = v4()
let server: FakeServer
let stops: (() => void)[] = []
let kept: Map<string, string>

async function open(entries: readonly Entry[] = []) {
  const { JournalClient } = await import('./journal')
  const client = new JournalClient({ jobId: JOB, device: TABLET, person: 'p-ines', entries })
  stops.push(client.start())
  await vi.waitFor(() => expect(client.snapshot().ready).toBe(true))
  return client
}
const texts = (entries: readonly { body: unknown }[]) => entries.map((e) => (e.body as { text?: string }).text)
const other = (text: string): EntryDraft => ({ id: v7(), jobId: JOB, base: 0, at: Date.now(), by: 'p-marit', device: v4(), kind: 'note-added', v: 1, body: { text } })

beforeEach(() => {
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

  it('splits what is too many or too large for one batch', async () => {
    server.mode = 'down'
    const client = await open()
    client.logAll(Array.from({ length: 230 }, (_, i) => ({ kind: 'note-added' as const, body: { text: `${i} ${'x'.repeat(i % 50 === 0 ? 90_000 : 10)}` } })))
    server.mode = 'up'
    await vi.waitFor(() => expect(client.snapshot().unsent.size).toBe(0), { timeout: 10_000 })
    expect(server.entries).toHaveLength(230)
    expect(Math.max(...server.posts)).toBeLessThanOrEqual(100)
    expect(texts(server.entries).map((t) => Number(t!.split(' ')[0]))).toEqual(Array.from({ length: 230 }, (_, i) => i))
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
