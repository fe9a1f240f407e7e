import { db } from '../db/client'

/** Hears `jobId:seq` of every append; null after the database was away, when any number may have been missed. */
type Listener = (notice: string | null) => void

interface Hub {
  readonly listeners: Set<Listener>
  listening: Promise<unknown> | null
  /** The database listens for us: from the second time on it was away in between. */
  times: number
}

const KEY = Symbol.for('nailsmith.notices')
const hub = (): Hub => ((globalThis as { [KEY]?: Hub })[KEY] ??= { listeners: new Set(), listening: null, times: 0 })

/** Calls `listener` for every append anywhere, in this copy or another. Returns how to stop. */
export async function onNotice(listener: Listener): Promise<() => void> {
  const h = hub()
  h.listeners.add(listener)
  const tellAll = (notice: string | null): void => h.listeners.forEach((l) => l(notice))
  h.listening ??= db()
    .listen('journal', tellAll, () => void (h.times++ > 0 && tellAll(null)))
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
