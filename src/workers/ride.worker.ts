import { expose } from 'comlink'
import { type LogFault, type RideLimits, type RideLogFault, type RideLogSummary, summariseRide } from '../core/ride'
import { fail, type Result } from '../core/result'
import { MAX_BYTES, readRideLog } from '../formats/ride-log'

export type RideFileFault = RideLogFault | LogFault

/** Reads, cleans and judges a ride log, off the main thread. */
async function read(file: File, limits: RideLimits): Promise<Result<RideLogSummary, RideFileFault>> {
  if (file.size > MAX_BYTES) return fail({ kind: 'too large', bytes: file.size })
  const found = readRideLog(await file.text())
  return found.ok ? summariseRide(file.name.slice(0, 200), found.value.raw, limits, found.value.notes) : found
}

const api = { read }
export type RideApi = typeof api

expose(api)
