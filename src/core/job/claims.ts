import type { Entry, Envelope } from './entries'
import type { Draft, Head, Mark } from './state'
import { PASSES } from '../machine'
import { passOutcome, readOutcome } from './outcomes'
import { type Stage, stageIndex } from './stages'

/** What an entry says of a subject that another entry could say otherwise. */
export interface Settled<T = undefined> {
  readonly outcome: string
  readonly mark: Mark
  readonly value: T
  /** All that is claimed, when devices that had not seen each other disagree. */
  readonly disputed?: readonly string[]
}

/** Ranks what can be said of a subject, the less safe first: it holds while two devices disagree. */
type Side = (outcome: string) => number
const inOrder =
  (...outcomes: readonly string[]): Side =>
  (outcome) => {
    const at = outcomes.indexOf(readOutcome(outcome).outcome)
    return at < 0 ? outcomes.length : at
  }
const PASSED = PASSES.map(passOutcome)

/** Every fact that a check rests on, by what it is about, with its less safe side. */
const SIDES = {
  power: inOrder('live', 'isolated', 'out'),
  proof: inOrder('not dead', 'dead'),
  pack: inOrder('quarantine', 'sound'),
  fixing: inOrder(
    'lost',
    'new wanted',
    'bin',
    'cell',
    'kept out',
    'carrier',
    'own hole',
    'captive',
    'loosened',
    'started',
    'seated',
    'final',
    'marked',
    'left in',
    'on',
  ),
  part: inOrder('off', 'on'),
  step: inOrder('left', ...PASSED, 'done'),
  check: inOrder('failed', 'overridden', 'passed'),
  match: inOrder('differs', 'match'),
  ride: inOrder('stopped', 'passed'),
  // Disturbed before cured; of two cures the one that ends later.
  lock: (text: string): number => {
    const { outcome, detail } = readOutcome(text)
    return outcome === 'cures' ? -Number(detail) : -Infinity
  },
  // Neither way of standing is safer: the same one is taken on every tablet, and it is shown as disputed.
  pose: () => 0,
  stage: (outcome: string): number => stageIndex(outcome as Stage),
} as const satisfies Record<string, Side>
export type SubjectKind = keyof typeof SIDES

const keyOf = (kind: SubjectKind, of: string): string => (of === '' ? kind : `${kind}:${of}`)

/** The last seq that an entry's device had seen of this journal; one given back from another past had seen no more than the two share. */
const baseOf = (entry: Pick<Entry, 'base'> & Pick<Envelope, 'agrees'>): number => Math.min(entry.base, entry.agrees ?? Infinity)

/** Claims on a subject that the entry's device had not seen when it made the entry. */
export function unseen(draft: Pick<Draft, 'heads'>, entry: Entry, kind: SubjectKind, of = ''): readonly Head[] {
  const base = baseOf(entry)
  return (draft.heads[keyOf(kind, of)] ?? []).filter((head) => head.device !== entry.device && base < head.seq)
}

/**
 * Puts a claim on the journal's heads for its subject. Two claims of different devices are concurrent when the later one's
 * `base` is below the other's `seq`; if they differ the subject is disputed, and the less safe holds, until an entry made
 * with knowledge of both settles it.
 * @param of which of its kind: the id of a fixing, of a check; empty where there is one only
 * @param value what comes with the claim; that of the claim that holds is given back
 */
export function settle<T = undefined>(
  draft: Draft,
  entry: Entry,
  kind: SubjectKind,
  of: string,
  outcome: string,
  mark: Mark,
  value?: T,
): Settled<T> {
  const own: Head = { seq: entry.seq, device: entry.device, outcome, mark, ...(value !== undefined ? { value } : {}) }
  const heads: Head[] = [...unseen(draft, entry, kind, of), own]
  draft.heads[keyOf(kind, of)] = heads
  const outcomes = [...new Set(heads.map((head) => head.outcome))]
  if (outcomes.length === 1) return { outcome, mark, value: value as T }
  const rank = SIDES[kind]
  const holds = heads.reduce((a, b) =>
    rank(b.outcome) < rank(a.outcome) || (rank(b.outcome) === rank(a.outcome) && b.outcome < a.outcome) ? b : a,
  )
  return { outcome: holds.outcome, mark: holds.mark, value: holds.value as T, disputed: outcomes.sort() }
}

/** Ids of entries that are crossed out: judged from the highest `seq` down, so that crossing out a crossing-out restores. */
export function struckIds(
  entries: readonly { readonly id: string; readonly seq: number; readonly kind: string; readonly body: unknown }[],
): Set<string> {
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
