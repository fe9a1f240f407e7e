let offset = 0
let recalled = false

/** Milliseconds that the server is ahead of this device, from the last answer; kept so that it holds offline. */
export function measure(serverNow: number, sentAt: number, receivedAt: number): void {
  const measured = serverNow - (sentAt + receivedAt) / 2
  // Only a slow answer makes this uncertain; a jump of the device's own clock shows at the next one.
  if (receivedAt - sentAt < 5_000) {
    offset = measured
    recalled = true
    try {
      localStorage.setItem('nailsmith-clock', String(Math.round(offset)))
    } catch {
      // Storage may be shut; then the offset holds for this page only.
    }
  }
}

export function recallClock(): void {
  recalled = true
  const kept = Number(localStorage.getItem('nailsmith-clock') ?? 0)
  if (Number.isFinite(kept)) offset = kept
}

/** The device's clock, put right by the measured offset, in epoch ms. */
export function now(): number {
  if (!recalled && typeof localStorage !== 'undefined') recallClock()
  return Math.round(Date.now() + offset)
}
