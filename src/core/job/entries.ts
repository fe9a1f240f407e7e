import type { Attempt } from '../fasteners'
import type { CheckId, Compared, Pass } from '../machine'
import type { FixingSpec, PartSpec, Plan } from '../planning'
import type { RideLogSummary, RideStage } from '../ride'
import type { ChargeSource, PackSign, ProofReading } from '../safety'
import type { Delivered } from './delivery'
import type { JobSettings } from './settings'

export const STAGES = ['take in', 'find the fault', 'make safe', 'take down', 'swap', 'build up', 'prove', 'hand back'] as const
export type Stage = (typeof STAGES)[number]

export { CHECKS } from '../machine'
export type { CheckId } from '../machine'
/** A check that an older machine file names and nobody knows: it stays on the job, and only a lead passes it. */
export type AnyCheck = CheckId | `unknown: ${string}`

/** Where a fixing can be on the way down. */
export const OUT_PLACES = ['loosened', 'cell', 'own hole', 'carrier', 'captive', 'bin', 'left in'] as const
export type OutPlace = (typeof OUT_PLACES)[number]

/** Some fixings going to one place. `cell` names the tray cell where the place is `cell`. */
export interface FixingMove {
  readonly members: readonly string[]
  readonly to: OutPlace
  readonly cell?: string
}

export type Power = 'live' | 'isolated' | 'out'

/** How a torque was come by: a wrench with its name, or a pull by hand, which counts as unmeasured. */
export interface Tightened {
  readonly torque?: number
  readonly how?: 'wrench' | 'feel'
  readonly tool?: string
  /** Why it is not the number that the step gives. */
  readonly reason?: string
}

/** One thing looked at in a test: right, wrong, or not tested and said so. */
export interface TestItem {
  readonly name: string
  readonly result: 'right' | 'wrong' | 'not tested'
}

/** What each kind of entry carries, version 1. Minutes are minutes, volts V, torques N·m, times epoch milliseconds. */
export interface Bodies {
  'job-opened': {
    readonly number: string
    readonly machine: { readonly name: string; readonly unit?: string; readonly file?: string; readonly revision?: string; readonly owner?: string; /** Pack at full charge, V; above 60 a proof of dead takes five readings. */ readonly fullVolts?: number }
    readonly stand?: string
    readonly complaint: string
    readonly job?: string
  }
  'goal-set': { readonly goals: readonly string[]; readonly text: string }
  'variant-answered': { readonly variant: string; readonly option: string }
  'symptom-noted': { readonly text: string; readonly certainty?: 'sure' | 'maybe'; /** Id of the symptom, where it was picked and not typed. */ readonly symptom?: string }
  'damage-noted': { readonly text: string; readonly side?: string; readonly photo?: string }
  'pack-checked': { readonly result: 'sound' | 'quarantine'; readonly signs: readonly PackSign[]; readonly lowestGroup?: number; readonly temperature?: number }
  'replacement-compared': { readonly part: string; readonly rows: readonly Compared[] }
  'delivery-counted': { readonly items: readonly Delivered[]; /** What came beside it, in words. */ readonly also?: string }
  'note-added': { readonly text: string; readonly step?: string; readonly tried?: Attempt }
  'photo-added': { readonly photo: string; readonly step?: string; readonly side?: string; readonly pose?: string; readonly caption?: string }
  'reading-taken': {
    readonly quantity: string
    readonly value: number
    readonly unit: string
    readonly u?: number
    readonly instrument?: string
    readonly place?: string
    readonly live: boolean
    /** The test that asked for it, on which drive, and what was keyed in when the value is computed from several. */
    readonly test?: string
    readonly drive?: string
    readonly raw?: readonly number[]
    readonly step?: string
  }
  'test-observed': { readonly test: string; readonly outcome: string; readonly text: string; readonly live: boolean; readonly drive?: string }
  'test-skipped': { readonly test: string; readonly reason: string; /** The test in words. */ readonly text?: string; readonly drive?: string }
  'fault-called': { readonly fault: string; readonly certainty?: 'sure' | 'maybe'; readonly id?: string; readonly drive?: string; readonly action?: string }
  /** What the pack has at full charge, V, and how that is known: a charger's label, its cells, or a reading of the pack as it is now. */
  'voltage-told': { readonly from: ChargeSource; readonly volts: number; readonly cells?: number; readonly chemistry?: string }
  'power-changed': { readonly to: Power; readonly how?: string }
  'proof-taken': { readonly readings: readonly ProofReading[]; readonly instrument: string }
  'plan-adopted': { readonly plan: Plan; readonly file: string; readonly revision: string; readonly settings: JobSettings; readonly reason?: string }
  'step-done': {
    readonly step: string
    readonly pass?: Pass
    readonly minutes?: number
    readonly out?: readonly FixingMove[]
    readonly in?: { readonly members: readonly string[]; readonly pass: Pass } & Tightened
    /** Torque at which it let go, N·m: measured, never taken for a specification. */
    readonly breakaway?: number
    readonly partsOff?: readonly string[]
    readonly partsOn?: readonly string[]
    readonly power?: Power
    /** Locker put on with this pass; minutes to handling strength and hours to full cure. */
    readonly lock?: { readonly product: string; readonly handlingMinutes: number; readonly cureHours: number; readonly temperature?: number }
  }
  'step-left': { readonly step: string; readonly reason: string; readonly members?: readonly string[] }
  'step-added': {
    readonly step: string
    readonly title: string
    readonly after?: string
    readonly tool?: string
    readonly fixings: readonly FixingSpec[]
    readonly parts: readonly PartSpec[]
  }
  'step-differs': { readonly step: string; readonly text: string }
  'fixing-out': FixingMove & { readonly condition?: string }
  'fixing-in': { readonly members: readonly string[]; readonly pass: Pass } & Tightened
  'fixing-lost': { readonly members: readonly string[]; readonly text?: string }
  'fixing-found': { readonly members: readonly string[]; readonly cell?: string }
  'fixing-replaced': { readonly members: readonly string[]; readonly label: string; readonly reason: string }
  'fixing-kept-out': { readonly members: readonly string[]; readonly reason: string }
  'part-off': { readonly parts: readonly string[] }
  'part-on': { readonly parts: readonly string[] }
  'part-replaced': { readonly part: string; readonly oldSerial?: string; readonly newSerial?: string; readonly step?: string }
  'pose-changed': { readonly to: string; readonly name: string; readonly people: number }
  'lock-applied': { readonly subject: string; readonly product: string; readonly handlingMinutes: number; readonly cureHours: number; readonly temperature?: number }
  'lock-disturbed': { readonly subject: string; readonly reason: string }
  'check-passed': { readonly check: CheckId; readonly evidence: string; readonly step?: string; readonly items?: readonly TestItem[] }
  'check-failed': { readonly check: CheckId; readonly items: readonly TestItem[]; readonly text?: string }
  'check-overridden': { readonly check: AnyCheck; readonly reason: string }
  'stage-moved': { readonly to: Stage; readonly reason?: string }
  parked: { readonly why: string; readonly where: string; readonly safe: string }
  resumed: { readonly text?: string }
  'handed-over': { readonly to: string; readonly text: string }
  'ride-added': { readonly text: string; readonly kilometres?: number; readonly stage?: RideStage; readonly outcome?: 'passed' | 'stopped'; readonly log?: RideLogSummary }
  'recheck-set': { readonly what: string; readonly due: string; /** The day, `2026-12-24`, where it has one. */ readonly on?: string; readonly kilometres?: number }
  'handed-back': { readonly to: string; readonly text?: string }
  struck: { readonly target: string; readonly reason?: string }
}

export type Kind = keyof Bodies

/** Kinds whose author has to be the one who sends, and that only some may write. */
export const KINDS: readonly Kind[] = [
  'job-opened', 'goal-set', 'variant-answered', 'symptom-noted', 'damage-noted', 'pack-checked', 'replacement-compared', 'delivery-counted', 'note-added', 'photo-added', 'reading-taken',
  'test-observed', 'test-skipped', 'fault-called', 'voltage-told', 'power-changed', 'proof-taken', 'plan-adopted', 'step-done', 'step-left', 'step-added', 'step-differs',
  'fixing-out', 'fixing-in', 'fixing-lost', 'fixing-found', 'fixing-replaced', 'fixing-kept-out', 'part-off', 'part-on', 'part-replaced',
  'pose-changed', 'lock-applied', 'lock-disturbed', 'check-passed', 'check-failed', 'check-overridden', 'stage-moved', 'parked', 'resumed', 'handed-over',
  'ride-added', 'recheck-set', 'handed-back', 'struck',
]

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

/** What the server puts on the envelope of `job-opened` and `plan-adopted`: the shop's limits as they stand, whose hand it was, and what the machine's file says. */
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

/** Crossed out, or brought back, by a lead only, with a reason: what opens a job or a check, shows dead, or says how dangerous it is. */
export const LEADS_ONLY: ReadonlySet<string> = new Set<Kind>(['job-opened', 'proof-taken', 'check-overridden', 'voltage-told'])

/** Does crossing out this entry, or what it crosses out in turn, want a lead and a reason? */
export function strikeWantsLead(entries: readonly { readonly id: string; readonly kind: string; readonly body: unknown }[], id: string): boolean {
  const byId = new Map(entries.map((e) => [e.id, e]))
  for (let e = byId.get(id); e; byId.delete(e.id), e = e.kind === 'struck' ? byId.get((e.body as { readonly target: string }).target) : undefined) if (LEADS_ONLY.has(e.kind)) return true
  return false
}

export const BODY_VERSION = 1

export function isKnown(entry: Entry | UnknownEntry): entry is Entry {
  return (KINDS as readonly string[]).includes(entry.kind) && entry.v === BODY_VERSION
}

export function stageIndex(stage: Stage): number {
  return STAGES.indexOf(stage)
}
