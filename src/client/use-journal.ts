'use client'
import { useEffect, useMemo, useSyncExternalStore } from 'react'
import { JournalClient } from './journal'
import type { JournalOptions, JournalView } from './view'

/** A job's journal as a screen uses it. */
export function useJournal(options: JournalOptions): { readonly view: JournalView; readonly journal: JournalClient } {
  const { jobId, device, person } = options
  // The entries that the page came with are a start, not an input: they must not make a new client.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const journal = useMemo(() => new JournalClient(options), [jobId, device, person])
  useEffect(() => journal.start(), [journal])
  const view = useSyncExternalStore(journal.subscribe, journal.snapshot, journal.snapshot)
  return { view, journal }
}
