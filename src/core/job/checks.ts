import { RIDE_NEEDED, rideNeeds, type RideStage } from '../ride'
import { CHECKS, type CheckId } from '../machine'
import type { SwapPlanStep } from '../planning'
import type { JobState, PowerState } from './state'
import { earliestOf, latestOf, type When } from './times'
import type { AnyCheck } from './vocabulary'
import { highVoltage } from './voltage'
import { looseFixings, offParts, waitingFixings } from './tray'

/** Who may pass over a check that does not pass. */
export const MAY_OVERRIDE: Readonly<Record<CheckId, 'nobody' | 'lead' | 'mechanic'>> = {
  dead: 'nobody',
  support: 'nobody',
  'reaction path': 'nobody',
  brakes: 'nobody',
  'full cure': 'nobody',
  qualified: 'nobody',
  'pack triage': 'lead',
  'handling strength': 'lead',
  'spin test': 'lead',
  calibration: 'lead',
  pinch: 'mechanic',
  'replacement matches': 'mechanic',
  'tray adds up': 'mechanic',
  ridden: 'mechanic',
}

/** Who may pass over a check; one that nobody knows is passed by a lead only. */
export function mayOverride(check: AnyCheck): 'nobody' | 'lead' | 'mechanic' {
  return isCheck(check) ? MAY_OVERRIDE[check] : 'lead'
}

/** A check as a plan's step names it: one of ours, or one that nobody knows and that stays on the job. */
export const asCheck = (id: string): AnyCheck => (isCheck(id) ? id : `unknown: ${id}`)

/** How a check stands. `missing` says what is in the way, each piece named. */
export interface CheckStatus {
  readonly check: AnyCheck
  readonly open: boolean
  readonly how?: 'passed' | 'overridden' | 'derived'
  readonly missing: readonly string[]
}

export function isCheck(id: string): id is CheckId {
  return (CHECKS as readonly string[]).includes(id)
}

/** Is the machine shown to be dead at `at`? Pack out needs a proof too, but it does not lapse with time. */
export function deadAt(power: PowerState, at: number): boolean {
  const proof = power.proof
  if (power.state === 'live' || power.disputed || !proof?.dead || proof.ended) return false
  return power.state === 'out' || at < proof.from + proof.lasts * 60_000
}

/** When the present proof ends by time alone; null when it does not, or there is none. */
export function proofEnds(power: PowerState): number | null {
  const proof = power.proof
  if (power.state !== 'isolated' || !proof?.dead || proof.ended) return null
  return proof.from + proof.lasts * 60_000
}

/** Checks that this job has: those that its way up passes, and those that every job has. */
export function relevantChecks(state: JobState): AnyCheck[] {
  const fromPlan = state.up.flatMap((step) => (step.check !== undefined && !notNeeded(state, step.after) ? [asCheck(step.check)] : []))
  const unknown = state.down.flatMap((step) => (step.check !== undefined && !isCheck(step.check) ? [asCheck(step.check)] : []))
  const cure: CheckId[] = state.locks.length > 0 ? ['handling strength', 'full cure'] : []
  const pack: CheckId[] = state.packCheck || state.up.some((s) => s.power === 'live' && !s.mains) ? ['pack triage'] : []
  const fresh: CheckId[] = toCompare(state).length > 0 ? ['replacement matches'] : []
  const high: CheckId[] = highVoltage(state) && [...state.down, ...state.up].some((s) => s.power !== undefined || s.check === 'dead') ? ['qualified'] : []
  return [...new Set<AnyCheck>([...unknown, ...high, ...pack, ...fresh, ...fromPlan, ...cure, 'tray adds up', 'ridden'])]
}

/** Steps of the swap whose new part has something to be compared. */
export function toCompare(state: JobState): readonly SwapPlanStep[] {
  return state.swap.filter((s) => s.part && (s.compare?.length ?? 0) > 0)
}

/** Checks that stand in the way of a ride at a stage; one that is logged without a stage counts as a ride on the road. */
export function rideShut(state: JobState, stage: RideStage | undefined, at: When): CheckStatus[] {
  const relevant = relevantChecks(state)
  return rideNeeds(stage ?? 'walking pace').filter((c) => relevant.includes(c)).map((c) => checkStatus(state, c, at)).filter((s) => !s.open)
}

/** A check on the way up is not needed when nothing that it looks at came off. */
export function notNeeded(state: JobState, after: readonly string[] | undefined): boolean {
  if (!after || after.length === 0) return false
  return after.every((id) => {
    const up = state.up.find((s) => s.id === id)
    if (!up) return true
    if (up.pair !== undefined) return !cameOff(state, up.pair)
    return notNeeded(state, up.after)
  })
}

/** Did this down step happen, as far as the journal says? */
export function cameOff(state: JobState, downStep: string): boolean {
  return state.steps[downStep]?.status === 'done'
}

/** How `check` stands at `at`. */
export function checkStatus(state: JobState, check: AnyCheck, at: When): CheckStatus {
  if (check === 'dead') {
    const open = deadAt(state.power, latestOf(at))
    return { check, open, ...(open ? { how: 'derived' as const } : {}), missing: open ? [] : ['dead has not been shown, or the proof has ended'] }
  }
  const record = state.checks[check]
  const derived = derivedMissing(state, check, at) ?? unheld(state, check)
  if (derived && derived.length === 0 && !record?.disputed) return { check, open: true, how: 'derived', missing: [] }
  if (record?.disputed) return { check, open: false, missing: [DISAGREE] }
  if (!derived && record?.passed) return { check, open: true, how: 'passed', missing: [] }
  if (record?.overridden && mayOverride(check) !== 'nobody') return { check, open: true, how: 'overridden', missing: derived ?? [] }
  return { check, open: false, missing: derived ?? ['not done yet'] }
}

/** What stands in the way of a check that is worked out rather than ticked; null for the others. */
function derivedMissing(state: JobState, check: AnyCheck, at: When): string[] | null {
  if (check === 'tray adds up') {
    // Before it goes home nothing may wait quietly either: in its own hole, on its carrier, cut and not renewed.
    return [...trayMissing(state), ...waitingFixings(state).map((f) => `${f.label}, ${f.place} (not back yet)`)]
  }
  if (check === 'full cure') return state.locks.filter((l) => l.disturbed !== undefined || earliestOf(at) < l.curedAt).map((l) => `${l.product}, ${l.subject}`)
  if (check === 'handling strength') return state.locks.filter((l) => l.disturbed !== undefined || earliestOf(at) < l.handlingAt).map((l) => `${l.product}, ${l.subject}`)
  if (check === 'ridden') return unridden(state)
  if (check === 'pack triage') return state.packCheck?.disputed ? [DISAGREE] : !state.packCheck ? ['the pack was not looked over'] : state.packCheck.result === 'sound' ? [] : [...state.packCheck.signs]
  if (check === 'replacement matches') return toCompare(state).flatMap((s) => mismatches(state, s))
  return null
}

const DISAGREE = 'two devices disagree'

/** Stages of the ride that count as passed: the latest ride of each was not stopped, and no two devices disagree on it. */
export function ridesPassed(state: Pick<JobState, 'ridden'>): ReadonlySet<RideStage> {
  return new Set((Object.keys(state.ridden) as RideStage[]).filter((s) => state.ridden[s]!.outcome === 'passed' && !state.ridden[s]!.disputed))
}

function unridden(state: JobState): string[] {
  if (state.rides.length === 0) return ['no ride is logged']
  const passed = ridesPassed(state)
  return RIDE_NEEDED.filter((s) => !passed.has(s)).map((s) => (state.ridden[s]?.disputed ? `${s}: ${DISAGREE}` : `${s} not passed`))
}

function mismatches(state: JobState, step: SwapPlanStep): string[] {
  const compared = state.comparisons[step.part!.id]
  if (compared?.disputed) return [`the new ${step.part!.name}: ${DISAGREE}`]
  if (!compared) return [`the new ${step.part!.name} was not compared`]
  const rows = (step.compare ?? []).map((spec) => compared.rows.find((r) => r.id === spec.id) ?? { ...spec, verdict: 'not measured' as const })
  return rows.filter((r) => r.verdict !== 'match').map((r) => `${r.name} ${r.verdict === 'mismatch' ? 'differs' : 'not measured'}`)
}

/** A check that was ticked falls open again when something that it looked at is undone; null while all of it holds. */
function unheld(state: JobState, check: AnyCheck): string[] | null {
  if (!state.checks[check]?.passed) return state.checks[check]?.failed ? state.checks[check].failed.items.filter((i) => i.result === 'wrong').map((i) => i.name) : null
  const open = state.up
    .filter((s) => s.check !== undefined && asCheck(s.check) === check && !notNeeded(state, s.after))
    .flatMap((s) => s.after ?? [])
    .flatMap((id) => state.up.filter((s) => s.id === id && s.check === undefined && state.steps[s.id]?.status !== 'done' && state.steps[s.id]?.status !== 'left' && (s.pair === undefined || cameOff(state, s.pair))))
  return open.length > 0 ? [...new Set(open.map((s) => s.title))] : null
}

/** Each piece that is not where it belongs, by name, disputed and lost ones first. Disputed pieces count as loose. */
export function trayMissing(state: JobState, excused: ReadonlySet<string> = new Set()): string[] {
  const odd = (f: { readonly disputed?: readonly string[]; readonly condition: string }): number => (f.disputed ? 0 : f.condition === 'lost' ? 1 : 2)
  const fixings = looseFixings(state).filter((f) => !excused.has(f.id)).sort((a, b) => odd(a) - odd(b))
  const parts = offParts(state).filter((p) => !excused.has(p.id))
  return [
    ...fixings.map((f) => `${f.label}, ${f.place}${f.disputed ? ' (disputed)' : f.condition === 'lost' ? ' (lost)' : f.where !== undefined ? ` (${f.where})` : ''}`),
    ...parts.map((p) => `${p.name}${p.disputed ? ' (disputed)' : ''}`),
  ]
}
