/** What is known of the time: when the server last said it, what this device's clock and its running time were then. */
interface Sight {
  /** Epoch ms. */
  readonly server: number
  readonly device: number
  /** Of `performance.now()`; it goes on whatever is done to the clock, and begins anew with every page. */
  readonly running: number
}

const OFFSET = 'nailsmith-clock'
const LAST = 'nailsmith-clock-last'
/** A clock that is off by more than this from what has run since was put. */
const JUMP_MS = 60_000

let offset = 0
let recalled = false
let sight: Sight | null = null
/** The server was seen on this page: what is known of the time is not from before a reload. */
let met = false

const running = (): number => (typeof performance === 'undefined' ? 0 : performance.now())

/** Milliseconds that the server is ahead of this device, from the last answer; kept so that it holds offline. */
export function measure(said: number, sentAt: number, receivedAt: number): void {
  // Only a slow answer makes this uncertain; a jump of the device's own clock shows at the next one.
  if (receivedAt - sentAt >= 5_000 || receivedAt < sentAt) return
  offset = said - (sentAt + receivedAt) / 2
  recalled = true
  sight = { server: said, device: receivedAt, running: running() }
  met = true
  try {
    localStorage.setItem(OFFSET, String(Math.round(offset)))
    localStorage.setItem(LAST, JSON.stringify({ server: Math.round(said), device: receivedAt }))
  } catch {
    // Storage may be shut; then the offset holds for this page only.
  }
}

export function recallClock(): void {
  recalled = true
  const kept = Number(localStorage.getItem(OFFSET) ?? 0)
  if (Number.isFinite(kept)) offset = kept
  try {
    const last = JSON.parse(localStorage.getItem(LAST) ?? 'null') as { server: number; device: number } | null
    // Nothing has run on since that page was left: from here it is this page's own running time.
    if (last && Number.isFinite(last.server) && Number.isFinite(last.device)) sight ??= { ...last, running: running() }
  } catch {
    // Not ours to read: then only the clock is left.
  }
}

/** The device's clock, put right by the measured offset, in epoch ms. */
export function now(): number {
  if (!recalled && typeof localStorage !== 'undefined') recallClock()
  return Math.round(Date.now() + offset)
}

/**
 * The latest time that it surely is, epoch ms: the server's last, and what has run on this page since. Where the clock agrees with what
 * has run, it is the clock; where somebody put the clock, or the page was opened anew without the server, it is earlier, and what has to
 * wait goes on waiting until the server says the time.
 */
export function surely(): number {
  const clock = now()
  if (!sight) return clock
  const ran = sight.server + (running() - sight.running)
  return Math.abs(clock - ran) <= JUMP_MS ? clock : Math.min(clock, Math.round(ran))
}

/** The server's time, epoch ms: its last, and what has run on this page since. Null until the server was seen on this page. */
export function serverNow(): number | null {
  return sight && met ? sight.server + (running() - sight.running) : null
}

/** Does the clock say something else than what has run? Then a cure is not taken for over. */
export function clockDoubtful(): boolean {
  return now() - surely() > JUMP_MS
}
