import { apply } from './apply'
import { struckIds } from './claims'
import { type Entry, isKnown, type UnknownEntry } from './entries'
import { type Draft, emptyState, type JobState } from './state'

/**
 * A job's state from its whole journal. Entries are taken in order of `seq`; crossed-out ones change nothing.
 * Never fails: what is odd is stored and flagged, a kind from a newer build is counted.
 */
export function reduce(jobId: string, entries: readonly (Entry | UnknownEntry)[]): JobState {
  const struck = struckIds(entries)
  const draft = emptyState(jobId) as Draft
  draft.struck = [...struck]
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

function step(draft: Draft, entry: Entry | UnknownEntry, struck: ReadonlySet<string>): void {
  if (!struck.has(entry.id)) {
    if (isKnown(entry)) apply(draft, entry)
    else {
      draft.unknown += 1
      draft.flags.push({ entry: entry.id, kind: 'unknown kind', subject: entry.kind })
    }
  }
  draft.seq = Math.max(draft.seq, entry.seq)
  draft.receipts[entry.seq] = entry.receivedAt ?? draft.receipts[entry.seq - 1] ?? 0
}

/** A draft may only replace what it holds, never reach into it; so one level is copied. */
function copy(state: JobState): Draft {
  const draft: Record<string, unknown> = {}
  for (const [key, value] of Object.entries(state)) {
    draft[key] = Array.isArray(value) ? [...value] : value !== null && typeof value === 'object' ? { ...value } : value
  }
  return draft as unknown as Draft
}
