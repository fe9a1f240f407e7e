import type { WaitState } from '../core/job'
import { serverNow } from './clock'

/** When an entry was first seen on this page, by its running time, ms. A reload begins anew. */
const firstSeen = new Map<string, number>()

const running = (): number => (typeof performance === 'undefined' ? 0 : performance.now())

/**
 * Seconds that have surely run since the entry that began a wait: since it was first seen on this page, by a clock that nobody can put; or
 * since the server had it, where the server was seen on this page. Whoever asks often makes it exact.
 * @returns null while the wait cannot run
 */
export function ranSince(wait: WaitState): number | null {
  if (!wait.began) return null
  const { entry, receivedAt } = wait.began
  const first = firstSeen.get(entry) ?? running()
  firstSeen.set(entry, first)
  const here = (running() - first) / 1000
  const server = serverNow()
  return Math.floor(Math.max(here, server === null || receivedAt === null ? 0 : (server - receivedAt) / 1000))
}
