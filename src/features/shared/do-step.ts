import {
  type Bodies,
  clickedWith,
  expectedDone,
  isCheck,
  isFinal,
  isLast,
  isOpen,
  looksOf,
  type JobState,
  type Method,
  methodFor,
  nextPass,
  tightEntry,
  type TightEntry,
  type Tightened,
  tightens,
  waitingFor,
} from '../../core/job'
import type { PlannedStep } from '../../core/planning'
import { cautionsOf } from '../../words/en/cautions'
import { RECHECK_WORDS } from '../../words/en/entries'
import type { JobContext } from './context'

/** Does the machine have to be turned before this step? */
export function turnNeeded(state: JobState, step: PlannedStep): boolean {
  return step.turn !== undefined && state.pose.id !== step.turn.to
}

const asksForHand = (ids: readonly string[]): boolean => cautionsOf(ids).some((c) => c.level === 'stop')

/**
 * What a pedal or an unfocused key may do: a turn or a step with no hazard, check or reading, nothing made live, and no word of how tight.
 * @param told ids of the cautions of its card, before a turn those of the turn; null where they are not known yet
 */
export function pedalMay(state: JobState, step: PlannedStep, told: readonly string[] | null = step.cautions): boolean {
  if (told === null) return false
  if (turnNeeded(state, step)) return !asksForHand(told)
  return (
    step.check === undefined &&
    step.kind !== 'prove' &&
    step.power === undefined &&
    step.wants === undefined &&
    !makesTight(state, step) &&
    !asksForHand(step.cautions)
  )
}

/**
 * The step that one press may do along with this one: its next, light as this one is, by the same tool or by hand, in the same pose. Two
 * ticks on one card: left and right, a set and what it held.
 */
export function alongWith(job: Pick<JobContext, 'state' | 'when'>, step: PlannedStep): PlannedStep | null {
  const { state, when } = job
  const light = (s: PlannedStep): boolean =>
    pedalMay(state, s) && !turnNeeded(state, s) && s.wait === undefined && s.people === 1 && isLast(s, nextPass(state, s.id) ?? undefined)
  if (!light(step)) return null
  const limb = step.limb === 'down' ? state.down : state.up
  const next = limb.slice(limb.indexOf(step) + 1).find((s) => isOpen(state, s, when))
  if (!next || !light(next) || next.pose !== step.pose || (next.tool && next.tool.id !== step.tool?.id)) return null
  const others = waitingFor(state, next, when).filter((w) => !(w.is === 'step' && w.step === step.id))
  return others.length === 0 ? next : null
}

/** Does the tap that comes say how tight something is? */
export function makesTight(state: JobState, step: PlannedStep): boolean {
  return tightens(step) && isFinal(step, nextPass(state, step.id))
}

/** How the step is made tight, as this job has done it so far. */
export function tightMethod({ state, instruments, now }: Pick<JobContext, 'state' | 'instruments' | 'now'>, step: PlannedStep): Method {
  return methodFor(state, step, instruments, step.tool?.adapter, now)
}

/** Days until what was made tight by feel at axle, steering or brake is looked at again, at the latest; estimated. */
const FELT_DAYS = 7
const DAY = 86_400_000

/** Logs what was made tight; what was felt is to be looked at after the first ride, at axle, steering and brake on a day too. */
export function logTight(
  { state, now, logAll, open }: Pick<JobContext, 'state' | 'now' | 'logAll' | 'open'>,
  step: PlannedStep,
  entry: TightEntry,
): void {
  // What it wants measured comes with it.
  if (step.wants && entry.kind === 'step-done' && !entry.body.took) return open({ kind: 'measure', step: step.id, body: entry.body })
  const how = entry.kind === 'step-done' ? (entry.body.in?.tightened ?? entry.body.tightened) : entry.body.tightened
  const again =
    (how?.is === 'felt' || (how?.is === 'not read' && step.substitute?.byFeel)) &&
    !state.rechecks.some((r) => r.of === 'tightened by feel' && r.step === step.id)
  if (!again) return logAll([entry])
  const body: Bodies['recheck-set'] = {
    of: 'tightened by feel',
    what: `${step.title}: ${RECHECK_WORDS['tightened by feel']}`,
    step: step.id,
    rides: 1,
    ...(step.joint?.critical ? { on: new Date(now + FELT_DAYS * DAY).toISOString().slice(0, 10) } : {}),
  }
  logAll([entry, { kind: 'recheck-set', body }])
}

/** Makes a step tight as this job has done it so far, one member of it where it goes one by one; asks where that is not known. */
function tighten(job: JobContext, step: PlannedStep, member?: string): void {
  const method = tightMethod(job, step)
  if (method.by === 'asked') return job.open({ kind: 'tighten', step: step.id, ...(member !== undefined ? { member } : {}) })
  const how: Tightened = method.by === 'wrench' ? clickedWith(step.torque!.value, method.wrench, method.adapter) : { is: 'not read' }
  logTight(job, step, tightEntry(job.state, step, how, member))
}

/** Two light steps by one press, each an entry of its own. */
export function doBoth(job: JobContext, step: PlannedStep, next: PlannedStep): void {
  job.logAll([step, next].map((s) => ({ kind: 'step-done' as const, body: expectedDone(job.state, s) })))
}

/**
 * Logs a step as the file expects it; a turn of the machine comes first. False when it may not be done now.
 * @param more.member the one fixing that was made tight, where critical ones are told one by one
 * @param more.label minutes to wait by the maker's label
 */
export function doStep(
  job: JobContext,
  step: PlannedStep,
  { member, label }: { readonly member?: string; readonly label?: number } = {},
): boolean {
  const { state } = job
  if (!isOpen(state, step, job.when) || waitingFor(state, step, job.when).length > 0) return false
  if (turnNeeded(state, step)) {
    job.log('pose-changed', { to: step.turn!.to, name: step.turn!.title, people: step.turn!.people })
    return true
  }
  if (step.kind === 'prove') {
    job.open({ kind: 'proof', step: step.id })
    return true
  }
  if (step.wants && !makesTight(state, step) && isLast(step, nextPass(state, step.id) ?? undefined))
    job.open({ kind: 'measure', step: step.id })
  else if (step.check !== undefined && isCheck(step.check) && looksOf(step.check))
    job.open({ kind: 'spin', check: step.check, step: step.id })
  else if (step.check !== undefined && isCheck(step.check)) job.log('check-passed', { check: step.check, shown: 'the step', step: step.id })
  else if (makesTight(state, step)) tighten(job, step, member)
  else job.log('step-done', { ...expectedDone(state, step), ...(label !== undefined ? { label } : {}) })
  return true
}
