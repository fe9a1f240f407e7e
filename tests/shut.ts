import { type JobState, reduce, waitingFor } from '../src/core/job'
import type { Logbook } from './logbook'

/** What a journal adds up to. */
export const stateOf = (book: Logbook): JobState => reduce('j1', book.entries)

/** The checks that a step waits for. */
export function shutFor(book: Logbook, id: string): readonly string[] {
  const now = stateOf(book)
  const step = [...now.down, ...now.up].find((s) => s.id === id)!
  return waitingFor(now, step, now.lastAt).flatMap((m) => (m.is === 'check' ? [m.check] : []))
}
