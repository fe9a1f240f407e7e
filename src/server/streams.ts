import { noticeOf } from '../core/job'
import { db } from '../db/client'
import { lastSeqs } from '../db/jobs'
import { readEntries } from '../db/entries'
import { onNotice, type Told } from './notices'
import { onInstruments } from './relays'
import type { Session } from './session'

const HEARTBEAT_MS = 15_000
/** Open streams of one session; a browser needs one, its tabs share it. Beyond these the oldest is closed. */
const MOST_A_SESSION = 6
const open = new Set<() => void>()
const bySession = new Map<string, (() => void)[]>()
let watching = false

/** An open stream would keep a stopping server alive: on SIGTERM every stream is closed. Called when the first one opens. */
function closeOnStop(): void {
  if (watching) return
  watching = true
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, () => open.forEach((close) => close()))
}

/** What a browser looks at. `jobs` null: one from before it said so, which hears of everything. */
export interface Watched {
  readonly jobs: ReadonlySet<string> | null
  /** The list of stands: something happened somewhere. */
  readonly board: boolean
  /** What relays pass on to this session. */
  readonly instruments?: boolean
}

const OPENED = 'event: opened\ndata: \n\n'
const BOARD = 'event: board\ndata: \n\n'
const notice = (jobId: string, seq: number): string => `data: ${noticeOf(jobId, seq)}\n\n`

/** What is sent of what was told; nothing where the browser looks at none of it. */
export function wording(told: Told, { jobs, board }: Watched, written: ReadonlyMap<string, string> = new Map()): string {
  if (told === null) return OPENED
  const lines = [...told].flatMap(([jobId, seq]) =>
    jobs === null ? [notice(jobId, seq)] : jobs.has(jobId) ? [written.get(jobId) ?? notice(jobId, seq)] : [],
  )
  return lines.join('') + (board ? BOARD : '')
}

interface Stream {
  readonly watched: Watched
  readonly send: (text: string) => void
}

/** All streams of this copy, which share one listener, and what goes on among them. */
interface Room {
  readonly streams: Set<Stream>
  /** How far each job that is looked at was told. */
  readonly toldTo: Map<string, number>
  listening: Promise<unknown> | null
  telling: boolean
  gathered: Told[]
}

const KEY = Symbol.for('nailsmith.streams')
const room = (): Room =>
  ((globalThis as { [KEY]?: Room })[KEY] ??= { streams: new Set(), toldTo: new Map(), listening: null, telling: false, gathered: [] })

/** What a relay passes on goes to whoever claimed it; that the list has changed, to all who look at instruments. */
async function tellInstruments(session: string, send: (text: string) => void): Promise<() => void> {
  return onInstruments((word) => {
    if ('list' in word) send('event: instruments\ndata: \n\n')
    else if (word.session === session) {
      const { relay, key, lines } = word
      send(`event: lines\ndata: ${JSON.stringify({ relay, key, lines })}\n\n`)
    }
  })
}

/** Entries that go along with a notice, in letters; beyond it everyone reads for themselves. */
const MOST_ALONG = 60_000

/** One after the other; what comes meanwhile goes out together. */
async function inTurn(r: Room, told: Told): Promise<void> {
  r.gathered.push(told)
  if (r.telling) return
  r.telling = true
  for (let next = r.gathered; next.length > 0; next = r.gathered) {
    r.gathered = []
    // The database was away: whatever was told before, everyone looks again.
    if (next.includes(null)) await tellAll(r, null).catch(() => undefined)
    const together = new Map<string, number>()
    for (const [jobId, seq] of next.flatMap((t) => [...(t ?? [])])) together.set(jobId, Math.max(seq, together.get(jobId) ?? 0))
    if (together.size > 0) await tellAll(r, together).catch(() => undefined)
  }
  r.telling = false
}

/** Reads what was written once, for all who look at it, and sends it along. */
async function tellAll({ streams, toldTo }: Room, told: Told): Promise<void> {
  const written = new Map<string, string>()
  await Promise.all(
    [...(told ?? [])].map(async ([jobId, seq]) => {
      if (![...streams].some((s) => s.watched.jobs?.has(jobId))) return void toldTo.delete(jobId)
      const text = await along(jobId, toldTo.get(jobId) ?? seq - 1, seq).catch(() => null)
      if (text !== null) written.set(jobId, text)
      toldTo.set(jobId, seq)
    }),
  )
  for (const { watched, send } of streams) {
    const text = wording(told, watched, written)
    if (text) send(text)
  }
}

async function along(jobId: string, after: number, upTo: number): Promise<string | null> {
  if (upTo - after > 100) return null
  const entries = (await readEntries(db(), jobId, after, upTo - after)).filter((e) => e.seq <= upTo)
  const text = JSON.stringify({ jobId, entries })
  return text.length > MOST_ALONG ? null : `event: entries\ndata: ${text}\n\n`
}

async function join(stream: Stream): Promise<() => void> {
  const r = room()
  const { streams, toldTo } = r
  streams.add(stream)
  r.listening ??= onNotice((told) => void inTurn(r, told)).catch((error: unknown) => {
    r.listening = null
    throw error
  })
  try {
    await r.listening
    // Whoever opens a stream reads up to here for themselves.
    const begun = [...(stream.watched.jobs ?? [])].filter((id) => !toldTo.has(id))
    if (begun.length > 0) for (const [id, seq] of await lastSeqs(db(), begun)) if (!toldTo.has(id)) toldTo.set(id, seq)
  } catch (error) {
    streams.delete(stream)
    throw error
  }
  return () => void streams.delete(stream)
}

/**
 * An event stream of `jobId:seq` notices of the jobs that a browser looks at, and of the board. Every 15 s it sends a heartbeat and
 * looks whether the session still stands; when it does not, it says `signed-out` and ends.
 */
export function noticeStream(
  stillSignedIn: () => Promise<Session | null>,
  signal: AbortSignal,
  session = '',
  watched: Watched = { jobs: null, board: false },
): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder()
  let end: () => void = () => undefined
  return new ReadableStream<Uint8Array>({
    async start(controller) {
      closeOnStop()
      const send = (text: string): void => {
        try {
          controller.enqueue(encoder.encode(text))
        } catch {
          end()
        }
      }
      let stop: () => void = () => undefined
      let ended = false
      const beat = setInterval(() => {
        void stillSignedIn().then(
          (session) => (session ? send(': beat\n\n') : (send('event: signed-out\ndata: \n\n'), end())),
          () => send(': beat\n\n'),
        )
      }, HEARTBEAT_MS)
      end = () => {
        ended = true
        clearInterval(beat)
        stop()
        open.delete(end)
        const left = (bySession.get(session) ?? []).filter((e) => e !== end)
        if (left.length > 0) bySession.set(session, left)
        else bySession.delete(session)
        try {
          controller.close()
        } catch {
          // Already closed from the other side.
        }
      }
      open.add(end)
      const own = [...(bySession.get(session) ?? []), end]
      bySession.set(session, own)
      own.slice(0, -MOST_A_SESSION).forEach((oldest) => oldest())
      signal.addEventListener('abort', end)
      const stops = [await join({ watched, send })]
      stop = () => stops.forEach((s) => s())
      if (watched.instruments && !ended) stops.push(await tellInstruments(session, send))
      // Left while it was being set up.
      if (ended) return stop()
      send('retry: 1500\n: open\n\n')
    },
    cancel() {
      end()
    },
  })
}
