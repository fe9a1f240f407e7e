import type { Entry } from './entries'
import type { Draft, Head, Mark } from './state'

/** What an entry says of a subject that another entry could say otherwise. */
export interface Settled {
  readonly outcome: string
  readonly mark: Mark
  /** All that is claimed, when devices that had not seen each other disagree. */
  readonly disputed?: readonly string[]
}

/** Less safe first: what holds while two devices disagree. Outcomes not named here rank between. */
const LESS_SAFE: Readonly<Record<string, number>> = {
  live: 0, failed: 0, lost: 0, left: 0, off: 0,
  'new wanted': 1, cell: 2, bin: 2, 'kept out': 3, 'own hole': 4, carrier: 4, captive: 5, loosened: 6, isolated: 6,
  started: 7, 'pass:started': 7, seated: 8, 'pass:seated': 8, 'pass:final': 10, final: 10, marked: 11, 'pass:marked': 11, overridden: 11, out: 12, on: 12, 'left in': 12, done: 12, passed: 12,
}

const rank = (outcome: string): number => LESS_SAFE[outcome.split('|')[0]!] ?? 9

/**
 * Puts a claim on the journal's heads for its subject. Two claims of different devices are concurrent when the later one's
 * `base` is below the other's `seq`; if they differ the subject is disputed, and the less safe holds, until an entry made
 * with knowledge of both settles it.
 */
export function settle(draft: Draft, entry: Entry, subject: string, outcome: string, mark: Mark): Settled {
  const unseen = (draft.heads[subject] ?? []).filter((head) => head.device !== entry.device && entry.base < head.seq)
  const heads: Head[] = [...unseen, { seq: entry.seq, device: entry.device, outcome, mark }]
  draft.heads[subject] = heads
  const outcomes = [...new Set(heads.map((head) => head.outcome))]
  if (outcomes.length === 1) return { outcome, mark }
  const holds = heads.reduce((a, b) => (rank(b.outcome) < rank(a.outcome) || (rank(b.outcome) === rank(a.outcome) && b.outcome < a.outcome) ? b : a))
  return { outcome: holds.outcome, mark: holds.mark, disputed: outcomes.sort() }
}

/** Ids of entries that are crossed out: judged from the highest `seq` down, so that crossing out a crossing-out restores. */
export function struckIds(entries: readonly { readonly id: string; readonly seq: number; readonly kind: string; readonly body: unknown }[]): Set<string> {
  const seqOf = new Map<string, number>()
  if (!entries.some((e) => e.kind === 'struck')) return new Set()
  for (const entry of entries) seqOf.set(entry.id, entry.seq)
  const struck = new Set<string>()
  for (const entry of [...entries].sort((a, b) => b.seq - a.seq)) {
    if (entry.kind !== 'struck' || struck.has(entry.id)) continue
    const target = (entry.body as { readonly target: string }).target
    const seq = seqOf.get(target)
    if (seq !== undefined && seq < entry.seq) struck.add(target)
  }
  return struck
}
