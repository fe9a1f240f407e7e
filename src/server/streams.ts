import { onNotice } from './notices'
import type { Session } from './session'

const HEARTBEAT_MS = 15_000
const open = new Set<() => void>()
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
export function noticeStream(stillSignedIn: () => Promise<Session | null>, signal: AbortSignal): ReadableStream<Uint8Array> {
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
      const beat = setInterval(() => {
        void stillSignedIn().then(
          (session) => (session ? send(': beat\n\n') : (send('event: signed-out\ndata: \n\n'), end())),
          () => send(': beat\n\n'),
        )
      }, HEARTBEAT_MS)
      end = () => {
        clearInterval(beat)
        stop()
        open.delete(end)
        try {
          controller.close()
        } catch {
          // Already closed from the other side.
        }
      }
      open.add(end)
      signal.addEventListener('abort', end)
      stop = await onNotice((notice) => send(`data: ${notice}\n\n`))
      send('retry: 1500\n: open\n\n')
    },
    cancel() {
      end()
    },
  })
}
