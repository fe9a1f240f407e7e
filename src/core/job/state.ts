import type { Attempt } from '../fasteners'
import type { Compared, MachineClass, Opened, Pass, ProvedAs, WaitKind } from '../machine'
import type { StopSign } from '../ride'
import type { FixingSpec, PartSpec, PlannedStep, SwapPlanStep } from '../planning'
import { record } from '../text'
import { DEFAULT_SETTINGS, type JobSettings } from './settings'
import type { ChargeClaim, PackSign, ProofOf, ProofReading } from '../safety'
import type { InstrumentUsed } from '../units'
import type { Bodies } from './entries'
import type { Took } from './measuring'
import type { Missing } from './missing'
import type { Off, PhotoPoint } from './off/off'
import type { OrderSaid } from './off/way-up'
import type { Stage } from './stages'
import type { ComplaintNow, LeftWhy, Used, OutPlace, PhotoShows, PinMark, PinOf, Power, ShownBy } from './vocabulary'
import type { Tightened } from './tightened'
import type { Verdict } from '../workings'
import type { TestItem } from './checks/looks'

/** Raised when the reducer's answer for the same entries changes: stored snapshots of an older one are reduced anew. */
export const REDUCER_VERSION = 18

/** What a fixing is doing right now. */
export type FixingCondition = 'on' | OutPlace | 'lost' | 'kept out' | 'new wanted' | Pass

export interface Mark {
  readonly entry: string
  readonly by: string
  readonly at: number
}

/** How tight, who says so, and when. */
export type TightenedBy = Tightened & Pick<Mark, 'by' | 'at'>

export interface FixingState extends FixingSpec {
  readonly condition: FixingCondition
  readonly where?: string
  /** It has been out, so that its return has to add up. */
  readonly hasBeenOut: boolean
  /** How often a new one took its place. */
  readonly replaced: number
  readonly tightened?: TightenedBy
  /** Does it reach what is behind its hole: worked out since it came off or was replaced. */
  readonly fits?: Pick<Mark, 'entry'> & { readonly verdict: Verdict; readonly length?: number }
  /** It was not there when the machine came. */
  readonly added?: true
  /** Found of another size than the file says. */
  readonly otherSize?: true
  readonly note?: string
  readonly mark?: Mark
  readonly disputed?: readonly string[]
}

export interface PartState extends PartSpec {
  readonly condition: 'on' | 'off'
  /** Off for good: of a width that the machine is not in any more. */
  readonly leftOver?: true
  /** It came with a conversion: there was none before. */
  readonly added?: true
  readonly replaced?: { readonly oldSerial?: string; readonly newSerial?: string }
  readonly mark?: Mark
  readonly disputed?: readonly string[]
}

export interface StepState {
  readonly status: 'waiting' | 'begun' | 'done' | 'left'
  readonly pass?: Pass
  readonly why?: LeftWhy
  readonly reason?: string
  readonly minutes?: number
  readonly differs: readonly string[]
  readonly photos: readonly string[]
  readonly notes: readonly string[]
  readonly breakaway?: number
  /** How tight, where it has no fixings: a connection. */
  readonly tightened?: TightenedBy
  /** Figures that it wants, each time that they were read; the last set counts. */
  readonly took?: readonly (Mark & { readonly figures: readonly Took[] })[]
  /** What was tried because it did not let go. */
  readonly tried?: readonly (Attempt & Mark)[]
  readonly mark?: Mark
  readonly disputed?: readonly string[]
}

export interface Proof extends Mark {
  readonly readings: readonly ProofReading[]
  readonly instrument: InstrumentUsed
  /** What else was known of it. */
  readonly of: ProofOf
  readonly dead: boolean
  /** Minutes that it lasts while the pack is aboard. */
  readonly lasts: number
  /** Earliest plausible time of the proof: it expires from here. */
  readonly from: number
  /** When the machine was moved since, up to 60 V: its wheel may have turned, epoch ms. */
  readonly turned?: number
  readonly ended?:
    | 'reconnected'
    | 'pack returned'
    | 'taken over by another'
    | 'power changed meanwhile'
    | 'above 60 V after all'
    | 'moved with its phases joined'
    /** Volts were read on it with its rotor still. */
    | 'volts were read'
  readonly disputed?: readonly string[]
}

export interface PowerState {
  readonly state: Power
  readonly mark?: Mark
  readonly how?: string
  readonly proof?: Proof
  readonly disputed?: readonly string[]
}

/** A wait that a step began: until it is over, whatever needs that step is shut. */
export interface WaitState {
  readonly kind: WaitKind
  /** The file's, or those of the maker's label where they are more. */
  readonly minutes: number
  /** The entry that it runs from; absent while power is on, and it cannot run. */
  readonly began?: Mark & {
    readonly seq: number
    readonly receivedAt: number | null
    /** The server had not been told of it before this, epoch ms. */
    readonly notBefore: number
  }
  readonly over?: Mark
}

export interface LockState extends Mark {
  /** Id of the step that put it on, or as it was written. */
  readonly subject: string
  readonly product: string
  readonly handlingAt: number
  readonly curedAt: number
  readonly disturbed?: string
  readonly disputed?: readonly string[]
}

export interface CheckState {
  readonly passed?: Mark & {
    readonly shown?: ShownBy
    readonly amps?: number
    readonly evidence?: string
    readonly items?: readonly TestItem[]
  }
  /** `sign` where a ride was stopped for it. */
  readonly failed?: Mark & { readonly items: readonly TestItem[]; readonly text?: string; readonly sign?: StopSign }
  readonly overridden?: Mark & { readonly reason: string; readonly owner?: string }
  readonly disputed?: readonly string[]
}

export type FlagKind =
  | 'never came off'
  | 'already out'
  | 'not dead'
  | 'not ready'
  | 'not measured'
  | 'check shut'
  | 'no such step'
  | 'no such fixing'
  | 'clock ahead'
  | 'clock behind'
  | 'unknown kind'
  | 'unreadable'
  | 'already open'
  | 'given back'
  | 'no override here'
  | 'nothing to cross out'
  | 'stands on a crossed-out entry'
  | 'reason missing'
  | 'longer than could be'

/** Something odd that was logged all the same. */
export interface Flag {
  readonly entry: string
  readonly kind: FlagKind
  readonly subject?: string
}

export interface StageMove extends Mark {
  readonly to: Stage
  readonly inEffect: boolean
  readonly missing: readonly Missing[]
  readonly reason?: string
}

/** Something measured, and where. */
export type Reading = Mark & Bodies['reading-taken']

/** What was seen in a test whose answer is a word. */
export type Observation = Mark & Bodies['test-observed']

export type Ride = Mark & Bodies['ride-added']

export type Recheck = Mark & Bodies['recheck-set']

export interface Remark extends Mark {
  readonly text: string
  readonly step?: string
  readonly certainty?: 'sure' | 'maybe'
  readonly symptom?: string
}

/** Something already broken when it came in. */
export interface Damage extends Mark {
  readonly text: string
  readonly side?: string
  readonly photo?: string
  /** Where it is on a photo. */
  readonly pin?: PhotoPoint
}

/** What somebody says is wrong; in words where it is in none of the lists, or was written so. */
export type CalledFault = Mark & Omit<Bodies['fault-called'], 'fault'> & { readonly text?: string }

export interface Photo extends Mark {
  readonly photo: string
  readonly seq: number
  readonly step?: string
  /** From which side of the machine it was taken, and how that stood. */
  readonly side?: string
  readonly pose?: string
  readonly caption?: string
  readonly shows?: PhotoShows
}

/** A point of a photo, what lies there, and what was drawn there. */
export interface Pin extends Mark, PhotoPoint {
  readonly of?: PinOf
  readonly mark?: PinMark
  /** Where an arrow points from. */
  readonly from?: { readonly x: number; readonly y: number }
  readonly text?: string
}

/** Latest claims on one subject; more than one device in it means they had not seen each other. */
export interface Head {
  readonly seq: number
  readonly device: string
  readonly outcome: string
  readonly mark: Mark
  /** What came with the claim, where it is more than its outcome. */
  readonly value?: unknown
}

/** Everything a job's journal adds up to. Plain data: it is stored as a snapshot beside the journal. */
export interface JobState {
  readonly jobId: string
  readonly seq: number
  readonly number: string
  readonly machine: {
    readonly name: string
    readonly unit?: string
    readonly file?: string
    readonly revision?: string
    readonly owner?: string
    readonly fullVolts?: number
    /** Absent in jobs of before that was asked. */
    readonly class?: MachineClass
  }
  /** How its work is proved, as its plan has it. */
  readonly provedAs?: ProvedAs
  /** What was opened, as somebody said, where no plan knows it. */
  readonly opened: readonly (Mark & { readonly opened: readonly Opened[] })[]
  /** What was said of full charge where no file knows it. */
  readonly charge: readonly (Mark & ChargeClaim)[]
  readonly stand: string
  readonly complaint: string
  readonly job: string
  /** How its owner is reached. */
  readonly reach?: string
  readonly usedAtDoor?: Used
  /** What it may cost before its owner is asked again. */
  readonly ceiling?: number
  readonly goals: readonly string[]
  readonly variants: Readonly<Record<string, string>>
  readonly openedAt: number
  readonly lastBy: string
  readonly lastAt: number
  readonly stage: Stage
  readonly moves: readonly StageMove[]
  readonly power: PowerState
  readonly pose: { readonly id: string; readonly name: string; readonly mark?: Mark }
  readonly planned: boolean
  /** Steps that were done before the present plan was adopted, and stand ahead of it. */
  readonly earlier: readonly string[]
  readonly fileRevision?: string
  /** As they stood when the plan was adopted. */
  readonly settings: JobSettings
  readonly down: readonly PlannedStep[]
  readonly swap: readonly SwapPlanStep[]
  readonly up: readonly PlannedStep[]
  readonly steps: Readonly<Record<string, StepState>>
  readonly fixings: Readonly<Record<string, FixingState>>
  readonly parts: Readonly<Record<string, PartState>>
  readonly locks: readonly LockState[]
  /** By step. */
  readonly waits: Readonly<Record<string, WaitState>>
  readonly checks: Readonly<Record<string, CheckState>>
  readonly symptoms: readonly Remark[]
  readonly damage: readonly Damage[]
  readonly notes: readonly (Mark & Bodies['note-added'])[]
  readonly readings: readonly Reading[]
  readonly observations: readonly Observation[]
  /** What came for the job, as it was counted last. */
  readonly delivery?: Mark & Bodies['delivery-counted']
  /** What was taken out, or put back, to find what drags. */
  readonly trials: readonly (Mark & Bodies['trial-made'])[]
  /** Plugs as they were looked at, each time. */
  readonly plugs: readonly (Mark & Bodies['plug-looked'])[]
  /** Settings of electronic parts, and what those are tied to. */
  readonly electronics: readonly (Mark & Bodies['settings-noted'])[]
  /** What its parts and an hour's work cost, as it was told last. */
  readonly cost?: Mark & Bodies['cost-told']
  readonly asked: readonly (Mark & Bodies['owner-asked'])[]
  readonly salt: readonly (Mark & Bodies['salt-water'])[]
  /** What was looked over by whom, each time. */
  readonly looks: readonly (Mark & Bodies['look-made'])[]
  readonly photos: readonly Photo[]
  /** What was drawn on photos and tied to their points, beside what came off there. */
  readonly pins: readonly Pin[]
  /** What came off beyond any plan, in the order in which it came off. */
  readonly offs: readonly Off[]
  /** Pieces that turned up and belong to nothing that came off. */
  readonly strays: readonly (Mark & Bodies['stray-found'] & { readonly settled?: Mark & Pick<Bodies['stray-settled'], 'is' | 'note'> })[]
  /** What was said of the order of it. */
  readonly orders: readonly OrderSaid[]
  readonly faults: readonly CalledFault[]
  readonly packCheck?: Mark & {
    readonly result: 'sound' | 'quarantine'
    readonly signs: readonly PackSign[]
    readonly lowestGroup?: number
    readonly temperature?: number
    readonly instrument?: InstrumentUsed
    readonly disputed?: readonly string[]
  }
  /** By part: the last comparison of its replacement. */
  readonly comparisons: Readonly<
    Record<
      string,
      Mark & { readonly rows: readonly Compared[]; readonly instrument?: InstrumentUsed; readonly disputed?: readonly string[] }
    >
  >
  /** What was worked out, in its order. */
  readonly workings: readonly (Mark & Bodies['worked-out'])[]
  /** Widths that the machine went into in this job, by the set of the file. */
  readonly converted: Readonly<
    Record<
      string,
      Mark & Omit<Bodies['width-converted'], 'way'> & { readonly brings?: readonly string[]; readonly drops?: readonly string[] }
    >
  >
  readonly skipped: readonly (Mark & Bodies['test-skipped'])[]
  readonly rides: readonly Ride[]
  /** By stage of the ride: how it stands, a stopped one taking back what lies above it. */
  readonly ridden: Readonly<
    Record<string, { readonly outcome: 'passed' | 'stopped'; readonly mark: Mark; readonly disputed?: readonly string[] }>
  >
  readonly rechecks: readonly Recheck[]
  readonly parked?: Mark & { readonly why: string; readonly where: string; readonly safe: string }
  readonly handedOver?: Mark & { readonly to: string; readonly text: string }
  readonly handedBack?: Mark & {
    readonly to: string
    readonly text?: string
    /** Absent where it went home repaired. */
    readonly as?: 'not repaired'
    readonly why?: string
    readonly complaint?: ComplaintNow
    readonly used?: Used
    readonly seq: number
    readonly reducer: number
    readonly missing: readonly Missing[]
  }
  readonly addenda: number
  readonly flags: readonly Flag[]
  readonly struck: readonly string[]
  readonly unknown: number
  readonly heads: Readonly<Record<string, readonly Head[]>>
  /** `receivedAt` by seq, to bound when an entry can have been made. Index 0 is unused. */
  readonly receipts: readonly number[]
}

type Records = 'waits' | 'ridden' | 'variants' | 'converted' | 'comparisons' | 'steps' | 'fixings' | 'parts' | 'checks' | 'heads'

/** A state while entries are being folded onto it. */
export type Draft = {
  -readonly [K in keyof JobState]: K extends Records
    ? Record<string, JobState[K][string]>
    : JobState[K] extends readonly (infer T)[]
      ? T[]
      : JobState[K]
}

export function emptyState(jobId: string): JobState {
  return {
    jobId,
    seq: 0,
    number: '',
    machine: { name: '' },
    stand: '',
    complaint: '',
    job: '',
    goals: [],
    variants: record(),
    openedAt: 0,
    lastBy: '',
    lastAt: 0,
    stage: 'take in',
    moves: [],
    power: { state: 'live' },
    pose: { id: '', name: '' },
    planned: false,
    earlier: [],
    settings: DEFAULT_SETTINGS,
    down: [],
    swap: [],
    up: [],
    steps: record(),
    fixings: record(),
    parts: record(),
    locks: [],
    waits: record(),
    checks: record(),
    symptoms: [],
    damage: [],
    notes: [],
    readings: [],
    observations: [],
    comparisons: record(),
    photos: [],
    pins: [],
    offs: [],
    orders: [],
    strays: [],
    faults: [],
    trials: [],
    plugs: [],
    electronics: [],
    asked: [],
    salt: [],
    looks: [],
    opened: [],
    workings: [],
    converted: record(),
    skipped: [],
    rides: [],
    ridden: record(),
    charge: [],
    rechecks: [],
    addenda: 0,
    flags: [],
    struck: [],
    unknown: 0,
    heads: record(),
    receipts: [0],
  }
}
