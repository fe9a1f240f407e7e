import type { Entry, JobState, UnknownEntry } from '../core/job'
import type { Held, Link } from './channel'
import type { Lost, QueuedPhoto, Shelved } from './store'

/** What a job's screen is drawn from. */
export interface JournalView {
  readonly state: JobState
  /** Confirmed entries, then those not sent yet. */
  readonly entries: readonly (Entry | UnknownEntry)[]
  readonly unsent: ReadonlySet<string>
  readonly shelf: readonly Shelved[]
  /** Photos that the server would not take. */
  readonly badPhotos: readonly QueuedPhoto[]
  readonly link: Link
  readonly ready: boolean
  /** Entries of this job that wait for somebody else to sign in, or for a newer server, with why. */
  readonly held: readonly Held[]
  /** Entries that nothing on this device keeps: they are gone if the page is left before they are sent. */
  readonly unkept: ReadonlySet<string>
  /** Entries that this device holds and the server has lost. */
  readonly lost: readonly Lost[]
  /** Somebody else is signed in on this browser now: their id. Nothing is logged here in the name of the one before. */
  readonly stranger: string | null
  /** The server speaks of things that this build has no word for: what is shown may lack something until the page is loaded anew. */
  readonly outdated: boolean
  /** False where this browser keeps nothing, as in some private windows: then nothing can be logged here. */
  readonly keeps: boolean
}

export interface JournalOptions {
  readonly jobId: string
  readonly device: string
  readonly person: string
  readonly entries: readonly (Entry | UnknownEntry)[]
  /** The build up to whose forms entries are written; 0, or left out, where an older one has to read everything. */
  readonly form?: number
}
