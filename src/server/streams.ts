import { onNotice } from './notices'
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

/**
 * An event stream of `jobId:seq` notices. Every 15 s it sends a heartbeat and looks whether the session still stands; when it does
 * not, it says `signed-out` and ends.
 */
export function noticeStream(stillSignedIn: () => Promise<Session | null>, signal: AbortSignal, session = ''): ReadableStream<Uint8Array> {
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
      stop = await onNotice((notice) => send(notice === null ? 'event: opened\ndata: \n\n' : `data: ${notice}\n\n`))
      // Left while it was being set up.
      if (ended) return stop()
      send('retry: 1500\n: open\n\n')
    },
    cancel() {
      end()
    },
  })
}
