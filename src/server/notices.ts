import { readNotice } from '../core/job'
import { db } from '../db/client'
import { joinIn, type Listening } from './listening'

/**
 * What was written in the last moment: the last seq of each job. Null after the database was away, when any number may have been
 * missed.
 */
export type Told = ReadonlyMap<string, number> | null
type Listener = (told: Told) => void

/** What is written within so long is told together. */
const GATHER_MS = 50

interface Hub extends Listening<Listener> {
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
  return joinIn(h, listener, () =>
    db().listen(
      'journal',
      (notice) => gather(h, notice),
      () => void (h.times++ > 0 && h.listeners.forEach((l) => l(null))),
    ),
  )
}
