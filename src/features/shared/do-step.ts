import { type Bodies, expectedDone, isCheck, isOpen, looksOf, type JobState, waitingFor } from '../../core/job'
import type { PlannedStep } from '../../core/planning'
import { cautionsOf } from '../../words/en/cautions'
import { RECHECK_WORDS } from '../../words/en/entries'
import type { JobContext } from './context'

/** Does the machine have to be turned before this step? */
export function turnNeeded(state: JobState, step: PlannedStep): boolean {
  return step.turn !== undefined && state.pose.id !== step.turn.to
}

/** A step that a pedal or an unfocused key may do: no hazard, check or reading, and nothing made live. */
export function pedalMay(step: PlannedStep): boolean {
  return (
    step.check === undefined &&
    step.kind !== 'prove' &&
    step.power === undefined &&
    !cautionsOf(step.cautions).some((c) => c.asks === 'hand')
  )
}

/** Logs a step as done; what was tightened by feel is to be looked at after the first ride. */
export function logDone({ log, logAll }: Pick<JobContext, 'log' | 'logAll'>, step: PlannedStep, body: Bodies['step-done']): void {
  if (body.in?.how === 'feel')
    logAll([
      { kind: 'step-done', body },
      {
        kind: 'recheck-set',
        body: { of: 'tightened by feel', what: `${step.title}: ${RECHECK_WORDS['tightened by feel']}`, step: step.id, rides: 1 },
      },
    ])
  else log('step-done', body)
}

/** Logs a step as the file expects it; a turn of the machine comes first. False when it may not be done now. */
export function doStep(job: JobContext, step: PlannedStep): boolean {
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
  if (step.check !== undefined && isCheck(step.check) && looksOf(step.check)) job.open({ kind: 'spin', check: step.check, step: step.id })
  else if (step.check !== undefined && isCheck(step.check)) job.log('check-passed', { check: step.check, shown: 'the step', step: step.id })
  else logDone(job, step, expectedDone(state, step))
  return true
}
