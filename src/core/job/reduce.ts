import { record } from '../text'
import { apply } from './apply'
import { struckIds } from './claims'
import { type Entry, readEntry, type UnknownEntry } from './entries'
import { type Draft, emptyState, type JobState } from './state'

/**
 * A job's state from its whole journal. Entries are taken in order of `seq`; crossed-out ones change nothing.
 * Never fails: what is odd is stored and flagged, a kind from a newer build is counted.
 */
export function reduce(jobId: string, entries: readonly (Entry | UnknownEntry)[]): JobState {
  const struck = struckIds(entries)
  const draft = emptyState(jobId) as Draft
  draft.struck = [...struck].sort()
  for (const entry of entries) step(draft, entry, struck)
  return draft
}

/**
 * Folds newer entries onto a state; equal to reducing everything. A crossing-out reaches back, so it cannot be folded:
 * then the answer is null, and the whole journal has to be reduced.
 */
export function fold(state: JobState, entries: readonly (Entry | UnknownEntry)[]): JobState | null {
  if (entries.some((e) => e.kind === 'struck')) return null
  const draft = copy(state)
  const struck = new Set(state.struck)
  for (const entry of entries) step(draft, entry, struck)
  return draft
}

/**
 * Folds the rest of a journal, crossings-out too, onto a state from before anything that they cross out; equal to reducing everything.
 * @param state none of `entries`, nor anything that they cross out, is in it
 */
export function refold(state: JobState, entries: readonly (Entry | UnknownEntry)[]): JobState {
  const struck = new Set([...state.struck, ...struckIds(entries)])
  const draft = copy(state)
  draft.struck = [...struck].sort()
  for (const entry of entries) step(draft, entry, struck)
  return draft
}

const RECORDS: ReadonlySet<string> = new Set<keyof JobState>([
  'variants',
  'converted',
  'comparisons',
  'steps',
  'fixings',
  'parts',
  'checks',
  'heads',
  'ridden',
  'waits',
])

function step(draft: Draft, entry: Entry | UnknownEntry, struck: ReadonlySet<string>): void {
  if (!struck.has(entry.id)) {
    foldOne(draft, entry)
  }
  draft.seq = Math.max(draft.seq, entry.seq)
  draft.receipts[entry.seq] = entry.receivedAt ?? draft.receipts[entry.seq - 1] ?? 0
}

/** One entry that cannot be read takes nothing else with it: it is flagged, and the rest of the job stands. */
function foldOne(draft: Draft, entry: Entry | UnknownEntry): void {
  try {
    const known = readEntry(entry)
    if (known) return apply(draft, known)
    draft.unknown += 1
    draft.flags.push({ entry: entry.id, kind: 'unknown kind', subject: entry.kind })
  } catch {
    draft.flags.push({ entry: entry.id, kind: 'unreadable', subject: entry.kind })
  }
}

/** A draft may only replace what it holds, never reach into it; so one level is copied. */
function copy(state: JobState): Draft {
  const draft: Record<string, unknown> = {}
  for (const [key, value] of Object.entries(state)) {
    draft[key] = Array.isArray(value)
      ? [...value]
      : value === null || typeof value !== 'object'
        ? value
        : RECORDS.has(key)
          ? record(value as Record<string, unknown>)
          : { ...value }
  }
  return draft as unknown as Draft
}
