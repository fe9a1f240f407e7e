/** Listeners of this copy, and the one ear at the database that all of them share. */
export interface Listening<L> {
  readonly listeners: Set<L>
  listening: Promise<unknown> | null
}

/**
 * Adds a listener; the first one opens the ear, and where that fails the next one tries again.
 * @returns how to stop
 */
export async function joinIn<L>(h: Listening<L>, listener: L, open: () => Promise<unknown>): Promise<() => void> {
  h.listeners.add(listener)
  h.listening ??= open().catch((error: unknown) => {
    h.listening = null
    throw error
  })
  try {
    await h.listening
  } catch (error) {
    h.listeners.delete(listener)
    throw error
  }
  return () => void h.listeners.delete(listener)
}
