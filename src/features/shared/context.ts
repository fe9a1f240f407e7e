'use client'
import { createContext, useContext } from 'react'
import type { JournalView } from '../../client/view'
import type { AnyCheck, Bodies, CheckId, JobSettings, JobState, Kind, LookOf, PhotoShows, Stage, Wanted } from '../../core/job'
import type { TrialPiece } from '../../core/diagnosis'
import type { Instrument } from '../../core/instruments'
import type { MachineFile, Tray } from '../../core/machine'
import type { Report } from '../../formats/report'
import type { Finding, RideStage } from '../../core/ride'
import type { Keyed, WorkingId } from '../../core/workings'
import type { VIEWS } from './job-later'
import type * as LineReader from './line-reader'
import type * as Aside from '../../workers/aside'

/** A sheet that is open over the job, and what it is about. */
export type SheetState =
  | { readonly kind: 'line'; readonly step?: string }
  | { readonly kind: 'reading' }
  | { readonly kind: 'compare'; readonly part: string }
  | { readonly kind: 'settings'; readonly part: string; readonly of: 'old' | 'new' }
  | { readonly kind: 'look'; readonly at: 'pack' | 'salt' | 'electronics' }
  | { readonly kind: 'cost' }
  | { readonly kind: 'trial'; readonly piece?: TrialPiece; readonly text?: string; readonly back?: boolean }
  | { readonly kind: 'delivery'; readonly wanted: readonly Wanted[] }
  | { readonly kind: 'test'; readonly test: string; readonly drive: string }
  | { readonly kind: 'skip test'; readonly test: string; readonly drive: string }
  | { readonly kind: 'call'; readonly fault?: string }
  | { readonly kind: 'tighten'; readonly step: string; readonly member?: string }
  | { readonly kind: 'place'; readonly step: string }
  | { readonly kind: 'measure'; readonly step: string; readonly body?: Bodies['step-done'] }
  | { readonly kind: 'spin'; readonly check: CheckId; readonly step?: string }
  | { readonly kind: 'ride'; readonly stage?: RideStage }
  | { readonly kind: 'first power' }
  | { readonly kind: 'not repaired' }
  | { readonly kind: 'proof'; readonly step?: string }
  | { readonly kind: 'power' }
  | { readonly kind: 'differs'; readonly step: string }
  | { readonly kind: 'left'; readonly step: string }
  | { readonly kind: 'override'; readonly check: AnyCheck }
  | { readonly kind: 'looked over'; readonly of: LookOf; readonly step?: string }
  | { readonly kind: 'convert'; readonly set: string }
  | { readonly kind: 'move'; readonly to: Stage }
  | { readonly kind: 'park' }
  | { readonly kind: 'hand over' }
  | { readonly kind: 'cross out'; readonly entry: string }
  | { readonly kind: 'journal' }
  | { readonly kind: 'which' }
  | { readonly kind: 'tray'; readonly cell?: string }
  | { readonly kind: 'off'; readonly step: string }
  | { readonly kind: 'photos'; readonly photo?: string }
  | { readonly kind: 'work'; readonly working?: WorkingId; readonly step?: string; readonly of?: readonly string[]; readonly from?: Keyed }
  | { readonly kind: 'shelf' }
  | { readonly kind: 'stages' }
  | { readonly kind: 'keys' }

/** Somebody who signed in for one entry; or why not, in words. */
export type SignedFor = { readonly personId: string } | { readonly message: string }

/** What a job's screen needs of the shop's settings. */
export interface ScreenSettings extends JobSettings {
  /** The shop's name. */
  readonly shop: string
  /** Top speed by machine class, km/h: the shop's own limit. */
  readonly topSpeed: Readonly<Record<string, number>>
  /** The tray on the bench, when the page was opened. */
  readonly tray: Tray
  /** Names of tools that are not in the shop, when the page was opened. */
  readonly lacking: readonly string[]
}

/** What the parts of a job's screen share. */
export interface JobContext {
  readonly view: JournalView
  readonly state: JobState
  /** Epoch ms, renewed every few seconds, put right by the server's clock. */
  readonly now: number
  /** The same with what is sure of it: what has to wait goes on waiting while the clock is doubtful. */
  readonly when: { readonly earliest: number; readonly latest: number }
  /** Waits that are not over, by step: whole seconds that are left; null while power is on and it cannot run. */
  readonly waiting: ReadonlyMap<string, number | null>
  readonly file: MachineFile | null
  readonly person: { readonly id: string; readonly name: string; readonly role: string; readonly qualified: boolean }
  readonly mayWork: boolean
  readonly mayNote: boolean
  readonly stage: Stage
  readonly settings: ScreenSettings
  /** The build up to whose forms entries are written: what only a later form can say is not offered. */
  readonly form: number
  /** The shop's instruments, when the page was opened. */
  readonly instruments: readonly Instrument[]
  /** Pages that had gone home when this was opened, as they were printed, by the seq of their hand back. */
  readonly pages: readonly { readonly seq: number; readonly body: Report }[]
  /** What logs of earlier rides of the same machine said, when the page was opened, the last one first. */
  readonly earlier: readonly { readonly job: string; readonly at: number; readonly findings: readonly Finding[] }[]
  /**
   * What other jobs said when the page was opened: faults called on this model and on numbers near this one’s, in so many jobs, and
   * when this machine last left.
   */
  readonly past: {
    readonly called: Readonly<Record<string, number>>
    readonly near: Readonly<Record<string, number>>
    readonly jobs: number
    readonly leftAt: number | null
  }
  readonly views: typeof VIEWS
  /** What reads typed lines, when one is wanted. */
  readonly lines: () => Promise<typeof LineReader>
  /** What is asked of workers: plans, the next test, a ride’s log. */
  readonly aside: () => Promise<typeof Aside>
  readonly people: readonly { readonly id: string; readonly name: string; readonly role: string }[]
  readonly nameOf: (personId: string) => string
  /** Who signs in on this tablet for one entry: their id, or why not. */
  readonly signFor: (name: string, passphrase: string) => Promise<SignedFor>
  readonly log: <K extends Kind>(kind: K, body: Bodies[K]) => void
  /** For somebody who signed in for this one entry. */
  readonly logFor: <K extends Kind>(person: string, kind: K, body: Bodies[K]) => void
  readonly logAll: (items: readonly { readonly kind: Kind; readonly body: Bodies[Kind] }[]) => void
  readonly show: (stage: Stage) => void
  readonly open: (sheet: SheetState | null) => void
  readonly addPhoto: (step?: string, about?: { readonly caption?: string; readonly side?: string; readonly shows?: PhotoShows }) => void
  readonly putAway: (id: string) => void
  /** Offers a shelved entry to the server once more. */
  readonly offer: (id: string) => void
  /** Gives the server back what it has lost. */
  readonly giveBack: () => void
}

export const JobContextProvider = createContext<JobContext | null>(null)

/** Instruments on the shop’s list, as the job has them; none outside a job. */
export const useListed = (): readonly Instrument[] => useContext(JobContextProvider)?.instruments ?? []

export function useJob(): JobContext {
  const context = useContext(JobContextProvider)
  if (!context) throw new RangeError('useJob is used outside a job screen')
  return context
}
