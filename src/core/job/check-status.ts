import { kindOfRide, type RideStage } from '../ride'
import { CHECK_IDS, type CheckId, type CheckRule, CHECKS, isCheck } from './checks'
import type { PlannedStep } from '../planning'
import type { Missing } from './missing'
import type { CheckState, JobState } from './state'
import { touchedAt } from './touched'
import type { When } from './times'
import type { AnyCheck, Gate } from './vocabulary'

const ruleOf = (check: CheckId): CheckRule => CHECKS[check]

/** Who may go on without a check; one that nobody knows is passed by a lead only. */
export function mayOverride(check: AnyCheck): 'nobody' | 'lead' | 'mechanic' {
  return isCheck(check) ? CHECKS[check].without : 'lead'
}

/** Has its owner to have said yes to going on without it? */
export function asksOwner(check: AnyCheck): boolean {
  return isCheck(check) && ruleOf(check).asksOwner === true
}

/** A check as a plan's step names it: one of ours, or one that nobody knows and that stays on the job. */
const asCheck = (id: string): AnyCheck => (isCheck(id) ? id : `unknown: ${id}`)

/** How a check stands. `missing` says what is in the way, piece by piece. */
export interface CheckStatus {
  readonly check: AnyCheck
  readonly open: boolean
  readonly how?: 'passed' | 'overridden' | 'derived'
  readonly missing: readonly Missing[]
}

/** Checks that this job has: those that its plan passes, in the plan's order, and those that follow from what it is and what was done. */
export function relevantChecks(state: JobState): AnyCheck[] {
  const unknown = state.down.flatMap((step) => (step.check !== undefined && !isCheck(step.check) ? [asCheck(step.check)] : []))
  const fromPlan = state.up.flatMap((step) => (step.check !== undefined && !notNeeded(state, step.after) ? [asCheck(step.check)] : []))
  const matters = (told: CheckRule['told']): CheckId[] => CHECK_IDS.filter((c) => CHECKS[c].told === told && ruleOf(c).matters?.(state))
  const reopened = CHECK_IDS.filter((c) => state.checks[c]?.failed?.sign !== undefined)
  return [
    ...new Set<AnyCheck>([...unknown, ...matters('first'), ...fromPlan, ...reopened, ...matters('with the plan'), ...matters('last')]),
  ]
}

/** Is it one of the relevant checks? Asked of a few of them at every entry, so the others are not looked at. */
function isRelevant(state: JobState, check: CheckId): boolean {
  return (
    ruleOf(check).matters?.(state) === true ||
    state.checks[check]?.failed?.sign !== undefined ||
    state.up.some((step) => step.check === check && !notNeeded(state, step.after))
  )
}

/** Checks of a job that bind something and are not passed, in the order of the list of checks. */
export function shutBy(state: JobState, at: When, binds: (rule: CheckRule) => boolean | undefined): CheckStatus[] {
  return CHECK_IDS.filter((c) => binds(CHECKS[c]) && isRelevant(state, c))
    .map((c) => checkStatus(state, c, at))
    .filter((s) => !s.open)
}

/** Checks that stand in the way of a ride on a rung. */
export function rideShut(state: JobState, rung: RideStage | undefined, at: When): CheckStatus[] {
  const kind = kindOfRide(rung)
  return shutBy(state, at, (rule) => rule.binds.rides?.includes(kind))
}

/** What still stands in the way of a stage, or of handing back. Checks that nobody knows bind whatever is bound at all. */
export function stageMissing(state: JobState, to: Gate, at: When): Missing[] {
  if (!CHECK_IDS.some((c) => ruleOf(c).binds.gates?.includes(to))) return []
  const unknown = relevantChecks(state)
    .filter((c) => !isCheck(c))
    .map((c) => checkStatus(state, c, at))
    .filter((s) => !s.open)
  return [...shutBy(state, at, (rule) => rule.binds.gates?.includes(to)), ...unknown].map(({ check }) => ({ is: 'check', check }))
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
  const record = standing(state, check)
  const derived = (isCheck(check) ? ruleOf(check).needs?.(state, at) : undefined) ?? unheld(state, check)
  if (derived && derived.length === 0 && !record?.disputed) return { check, open: true, how: 'derived', missing: [] }
  if (record?.disputed) return { check, open: false, missing: [{ is: 'disputed' }] }
  if (!derived && record?.passed) return { check, open: true, how: 'passed', missing: [] }
  if (record?.overridden && mayOverride(check) !== 'nobody') return { check, open: true, how: 'overridden', missing: derived ?? [] }
  return { check, open: false, missing: derived ?? [{ is: 'not done' }] }
}

/** What was logged of a check, as far as nothing has overtaken it since. */
function standing(state: JobState, check: AnyCheck): CheckState | undefined {
  const record = state.checks[check]
  const since = isCheck(check) ? (ruleOf(check).since?.(state) ?? 0) : 0
  const mark = record?.passed ?? record?.overridden
  return mark && mark.at < since ? undefined : record
}

/** A check that was ticked falls open again when something that it looked at is undone; null while all of it holds. */
function unheld(state: JobState, check: AnyCheck): Missing[] | null {
  const record = state.checks[check]
  if (record?.failed?.sign !== undefined) return [{ is: 'stopped', sign: record.failed.sign }]
  if (!record?.passed)
    return record?.failed ? record.failed.items.filter((i) => i.result === 'wrong').map((of) => ({ is: 'item', of })) : null
  const judged = judgedBy(state, check).filter((s) => s.check === undefined && (s.pair === undefined || cameOff(state, s.pair)))
  const open = judged.filter((s) => state.steps[s.id]?.status !== 'done' && state.steps[s.id]?.status !== 'left')
  if (open.length > 0) return open.map((s) => ({ is: 'step', step: s.id }))
  const { passed } = record
  const touched = judged.filter((s) => touchedAt(state, s) > passed.at)
  return touched.length > 0 ? touched.map((s) => ({ is: 'touched', step: s.id })) : null
}

/** The steps that a check looks at: those that come before it in the plan, or those that it says itself. Each once. */
function judgedBy(state: JobState, check: AnyCheck): readonly PlannedStep[] {
  const after = new Set(
    state.up.filter((s) => s.check !== undefined && asCheck(s.check) === check && !notNeeded(state, s.after)).flatMap((s) => s.after ?? []),
  )
  const own = isCheck(check) ? (ruleOf(check).judges?.(state) ?? []) : []
  return state.up.filter((s) => after.has(s.id) || own.includes(s))
}
