import { db } from '../db/client'

type Listener = (notice: string) => void

interface Hub {
  readonly listeners: Set<Listener>
  listening: Promise<unknown> | null
}

const KEY = Symbol.for('nailsmith.notices')
const hub = (): Hub => ((globalThis as { [KEY]?: Hub })[KEY] ??= { listeners: new Set(), listening: null })

/** Calls `listener` with `jobId:seq` for every append anywhere, in this copy or another. Returns how to stop. */
export async function onNotice(listener: Listener): Promise<() => void> {
  const h = hub()
  h.listeners.add(listener)
  h.listening ??= db().listen('journal', (notice) => h.listeners.forEach((l) => l(notice))).catch((error: unknown) => {
    h.listening = null
    throw error
  })
  await h.listening
  return () => h.listeners.delete(listener)
}
