import { KINDS } from './kinds'
import type { JobSettings } from './settings'

/** A kind of entry: `kinds/index.ts` has one line for each. */
export type Kind = keyof typeof KINDS

/** What each kind carries, in the one form that is worked with. */
export type Bodies = { readonly [K in Kind]: Parameters<(typeof KINDS)[K]['apply']>[1] }

/** All kinds, in the order of a job. */
export const KIND_IDS = Object.keys(KINDS) as readonly Kind[]

export function isKind(kind: string): kind is Kind {
  return Object.hasOwn(KINDS, kind)
}

/** What the device writes. Times are epoch milliseconds; `at` is the device clock plus its measured offset. */
export interface EntryDraft<K extends Kind = Kind> {
  readonly id: string
  readonly jobId: string
  /** Highest `seq` the device had seen. */
  readonly base: number
  readonly at: number
  readonly by: string
  readonly device: string
  readonly kind: K
  readonly v: number
  readonly body: Bodies[K]
}

/**
 * What the server puts on the envelope of `job-opened` and `plan-adopted`: the shop's limits as they stand, whose hand it was, and
 * what the machine's file says.
 */
export interface Stamp {
  readonly settingsVersion: number
  readonly settings: JobSettings
  readonly role: string
  /** Full charge by the machine's file, V; null where the file names none, absent where there is no file. */
  readonly fullVolts?: number | null
  /** The job's number, where the tablet that took it in had none to give. */
  readonly number?: string
}

/** What an entry's envelope says beside what its device wrote. */
export interface Envelope {
  readonly seq: number
  readonly receivedAt: number | null
  readonly sentBy: string | null
  readonly stamp?: Stamp
  /** Given back from another past of this journal, which agrees with this one up to here: its `base` counts no further. */
  readonly agrees?: number
}

/** An entry as the journal holds it. An entry not yet sent has no `receivedAt` and a provisional `seq`. */
export type Entry = {
  [K in Kind]: EntryDraft<K> & Envelope
}[Kind]

/** An entry made by a build newer than this one: it is kept and shown, and no check is passed until this build is renewed. */
export interface UnknownEntry extends Omit<EntryDraft, 'kind' | 'body'>, Envelope {
  readonly kind: string
  readonly body: unknown
}

/**
 * Does a shop that writes the forms of builds up to `form` write this version of a kind? What only a later one can say is not offered
 * before.
 */
export function mayWriteAs(kind: Kind, version: number, form: number): boolean {
  const writes: Readonly<Record<number, { readonly since: number } | undefined>> = (
    'writes' in KINDS[kind] ? KINDS[kind].writes : {}
  ) as never
  return (writes[version]?.since ?? 0) <= form
}

/**
 * An entry as it is worked with: its body decoded from the version that it was written in.
 * @returns null for a kind or a version that this build does not know
 */
export function readEntry(entry: Entry | UnknownEntry): Entry | null {
  if (!isKind(entry.kind)) return null
  const reads: Readonly<Record<number, (body: never) => unknown>> = KINDS[entry.kind].reads
  const decode = Object.hasOwn(reads, entry.v) ? reads[entry.v] : undefined
  if (!decode) return null
  const body = decode(entry.body as never)
  return (body === entry.body ? entry : { ...entry, body }) as Entry
}

/**
 * A body as it is written down: in its highest version of those that the shop writes.
 * @param form the build up to whose forms the shop writes; 0 where an older build has to read everything
 */
export function written<K extends Kind>(
  kind: K,
  body: Bodies[K],
  form: number,
): { readonly kind: K; readonly v: number; readonly body: unknown } {
  type Writes = Readonly<Record<string, { readonly since: number; readonly write: (body: Bodies[K]) => unknown }>>
  const writes = Object.entries((KINDS[kind] as { readonly writes?: Writes }).writes ?? {})
  const last = writes.filter(([, w]) => w.since <= form).sort((a, b) => Number(b[0]) - Number(a[0]))[0]
  return last ? { kind, v: Number(last[0]), body: last[1].write(body) } : { kind, v: 1, body }
}

/** Does crossing out this entry, or what it crosses out in turn, want a lead and a reason? */
export function strikeWantsLead(
  entries: readonly { readonly id: string; readonly kind: string; readonly body: unknown }[],
  id: string,
): boolean {
  const byId = new Map(entries.map((e) => [e.id, e]))
  for (
    let e = byId.get(id);
    e;
    byId.delete(e.id), e = e.kind === 'struck' ? byId.get((e.body as { readonly target: string }).target) : undefined
  )
    if (isKind(e.kind) && KINDS[e.kind].struckBy === 'lead') return true
  return false
}
