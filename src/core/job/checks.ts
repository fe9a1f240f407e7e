import { CHECKS, type CheckId } from './entries'
import type { JobState, PowerState } from './state'
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

/** How a check stands. `missing` says what is in the way, each piece named. */
export interface CheckStatus {
  readonly check: CheckId
  readonly open: boolean
  readonly how?: 'passed' | 'overridden' | 'derived'
  readonly missing: readonly string[]
}

export function isCheck(id: string): id is CheckId {
  return (CHECKS as readonly string[]).includes(id)
}

/** Is the machine shown to be dead at `at`? Pack out needs a proof too, but it does not lapse with time. */
export function deadAt(power: PowerState, at: number, proofMinutes: number): boolean {
  const proof = power.proof
  if (power.state === 'live' || power.disputed || !proof?.dead || proof.ended) return false
  return power.state === 'out' || at < proof.from + proofMinutes * 60_000
}

/** When the present proof ends by time alone; null when it does not, or there is none. */
export function proofEnds(power: PowerState, proofMinutes: number): number | null {
  const proof = power.proof
  if (power.state !== 'isolated' || !proof?.dead || proof.ended) return null
  return proof.from + proofMinutes * 60_000
}

/** Checks that this job has: those that its way up passes, and those that every job has. */
export function relevantChecks(state: JobState): CheckId[] {
  const fromPlan = state.up.flatMap((step) => (step.check !== undefined && isCheck(step.check) && !notNeeded(state, step.after) ? [step.check] : []))
  const cure: CheckId[] = state.locks.length > 0 ? ['full cure'] : []
  return [...new Set<CheckId>([...fromPlan, ...cure, 'tray adds up', 'ridden'])]
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

/** How `check` stands at time `at` (epoch milliseconds). */
export function checkStatus(state: JobState, check: CheckId, at: number): CheckStatus {
  if (check === 'dead') {
    const open = deadAt(state.power, at, state.settings.proofMinutes)
    return { check, open, ...(open ? { how: 'derived' as const } : {}), missing: open ? [] : ['dead has not been shown, or the proof has ended'] }
  }
  const record = state.checks[check]
  const derived = derivedMissing(state, check, at)
  if (derived && derived.length === 0 && !record?.disputed) return { check, open: true, how: 'derived', missing: [] }
  if (record?.disputed) return { check, open: false, missing: ['two devices disagree'] }
  if (!derived && record?.passed) return { check, open: true, how: 'passed', missing: [] }
  if (record?.overridden && MAY_OVERRIDE[check] !== 'nobody') return { check, open: true, how: 'overridden', missing: derived ?? [] }
  return { check, open: false, missing: derived ?? ['not done yet'] }
}

/** What stands in the way of a check that is worked out rather than ticked; null for the others. */
function derivedMissing(state: JobState, check: CheckId, at: number): string[] | null {
  if (check === 'tray adds up') {
    // Before it goes home nothing may wait quietly either: in its own hole, on its carrier, cut and not renewed.
    return [...trayMissing(state), ...waitingFixings(state).map((f) => `${f.label}, ${f.place} (not back yet)`)]
  }
  if (check === 'full cure') return state.locks.filter((l) => l.disturbed !== undefined || at < l.curedAt).map((l) => `${l.product}, ${l.subject}`)
  if (check === 'handling strength') return state.locks.filter((l) => l.disturbed !== undefined || at < l.handlingAt).map((l) => `${l.product}, ${l.subject}`)
  if (check === 'ridden') return state.rides.length > 0 ? [] : ['no ride is logged']
  return null
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
