import { brakingStop, type BrakingStop } from './braking'
import { type Finding, judgeRide, type RideLimits } from './judge'
import { CHANNELS, type CleanLog, cleanLog, type LogNote, type RawLog } from './log'
import { type Strips, strips } from './strips'

/** What a job keeps of a ride log: enough to draw and to judge by; the file itself stays with whoever made it. */
export interface RideLogSummary {
  readonly name: string
  readonly rows: number
  readonly kept: number
  readonly seconds: number
  readonly hz: number
  readonly notes: readonly LogNote[]
  readonly findings: readonly Finding[]
  /** Each stop in it; absent in what older builds wrote, and where no stop can be told. */
  readonly stops?: readonly BrakingStop[]
  readonly strips: Strips
}

/** Slices that are drawn and kept: about one for each two pixels of the strip on the bench tablet. */
const SLICES = 240

/** Two samples to a slice at least, so that a slow log is drawn as a line and not as gaps. */
function slicesFor({ time, hz }: CleanLog): number {
  const samples = ((time.at(-1) ?? 0) - (time[0] ?? 0)) * hz
  return Math.max(10, Math.min(SLICES, Math.floor(samples / 2)))
}

/** Why a file cannot be read as a ride log. */
export type RideLogFault =
  | { readonly kind: 'empty' }
  | { readonly kind: 'too large'; readonly bytes: number }
  | { readonly kind: 'no header'; readonly found: string }
  | { readonly kind: 'no time'; readonly columns: readonly string[] }
  | { readonly kind: 'no channel'; readonly columns: readonly string[] }
  | { readonly kind: 'nothing readable'; readonly row: number; readonly found: string }

/** Why what was read cannot be judged. */
export type LogFault =
  | { readonly kind: 'too few rows'; readonly rows: number }
  | { readonly kind: 'no channel' }
  | { readonly kind: 'no time passes' }

/** Cleans, judges and thins a log that was read. `earlier` are notes of the reading itself. */
export function summariseRide(
  name: string,
  raw: RawLog,
  limits: RideLimits,
  earlier: readonly LogNote[] = [],
): { readonly ok: true; readonly value: RideLogSummary } | { readonly ok: false; readonly error: LogFault } {
  if (!CHANNELS.some((c) => raw.channels[c])) return { ok: false, error: { kind: 'no channel' } }
  const log = cleanLog(raw)
  if (log.time.length < 10)
    return { ok: false, error: raw.time.length >= 10 ? { kind: 'no time passes' } : { kind: 'too few rows', rows: raw.time.length } }
  return {
    ok: true,
    value: {
      name,
      rows: raw.time.length,
      kept: log.time.length,
      seconds: Math.round((log.time.at(-1)! - log.time[0]!) * 10) / 10,
      hz: Math.round(log.hz * 100) / 100,
      notes: [...earlier, ...log.notes],
      findings: judgeRide(log, limits).map(rounded),
      ...stopsOf(log),
      strips: strips(log, slicesFor(log)),
    },
  }
}

/** More stops than this are a course, and no proof of a brake: the first are kept. */
const STOPS = 60

function stopsOf(log: CleanLog): Pick<RideLogSummary, 'stops'> {
  const found = brakingStop(log)
  if (!found.ok) return {}
  const short = (x: number): number => Number(x.toPrecision(4))
  return { stops: found.stops.slice(0, STOPS).map((s) => ({ mfdd: short(s.mfdd), from: short(s.from), at: Math.round(s.at * 10) / 10 })) }
}

/** Figures are kept to four digits: more would pretend. */
function rounded(finding: Finding): Finding {
  const short = (x: number): number => Number(x.toPrecision(4))
  const { value, u, limit, heading, ...rest } = finding
  return {
    ...rest,
    ...(value !== undefined ? { value: short(value) } : {}),
    ...(u !== undefined ? { u: short(u) } : {}),
    ...(limit !== undefined ? { limit: short(limit) } : {}),
    ...(heading !== undefined ? { heading: short(heading) } : {}),
  }
}
