import { expose } from 'comlink'
import { type LogFault, type RideLimits, type RideLogFault, type RideLogSummary, summariseRide } from '../core/ride'
import { fail, ok, type Result } from '../core/result'
import { type Assigned, MAX_BYTES, readRideLog } from '../formats/ride-log'
import type { Taken } from '../formats/ride-read'

export type RideFileFault = RideLogFault | LogFault

/** What a log says, and what its columns were taken for. */
export interface RideRead {
  readonly log: RideLogSummary
  readonly taken: readonly Taken[]
  /** All columns of the file; none where it has no columns. */
  readonly names: readonly string[]
}

/** Reads, cleans and judges a ride log, off the main thread. */
async function read(file: File, limits: RideLimits, assigned: Assigned): Promise<Result<RideRead, RideFileFault>> {
  if (file.size > MAX_BYTES) return fail({ kind: 'too large', bytes: file.size })
  const found = readRideLog(await file.text(), assigned)
  if (!found.ok) return found
  const { raw, notes, taken, names } = found.value
  const judged = summariseRide(file.name.slice(0, 200), raw, limits, notes)
  return judged.ok ? ok({ log: judged.value, taken, names }) : judged
}

const api = { read }
export type RideApi = typeof api

expose(api)
