import { readNotice } from '../core/job'
import { db } from '../db/client'

/**
 * What was written in the last moment: the last seq of each job. Null after the database was away, when any number may have been
 * missed.
 */
export type Told = ReadonlyMap<string, number> | null
type Listener = (told: Told) => void

/** What is written within so long is told together. */
const GATHER_MS = 50

interface Hub {
  readonly listeners: Set<Listener>
  listening: Promise<unknown> | null
  /** The database listens for us: from the second time on it was away in between. */
  times: number
  gathered: Map<string, number>
}

const KEY = Symbol.for('nailsmith.notices')
const hub = (): Hub => ((globalThis as { [KEY]?: Hub })[KEY] ??= { listeners: new Set(), listening: null, times: 0, gathered: new Map() })

function gather(h: Hub, notice: string): void {
  const read = readNotice(notice)
  if (!read) return
  const { jobId, seq } = read
  if (h.gathered.size === 0) {
    setTimeout(() => {
      const told = h.gathered
      h.gathered = new Map()
      h.listeners.forEach((l) => l(told))
    }, GATHER_MS)
  }
  h.gathered.set(jobId, Math.max(seq, h.gathered.get(jobId) ?? 0))
}

/** Calls `listener` for what is appended anywhere, in this copy or another. Returns how to stop. */
export async function onNotice(listener: Listener): Promise<() => void> {
  const h = hub()
  h.listeners.add(listener)
  h.listening ??= db()
    .listen(
      'journal',
      (notice) => gather(h, notice),
      () => void (h.times++ > 0 && h.listeners.forEach((l) => l(null))),
    )
    .catch((error: unknown) => {
      h.listening = null
      throw error
    })
  try {
    await h.listening
  } catch (error) {
    h.listeners.delete(listener)
    throw error
  }
  return () => h.listeners.delete(listener)
}
