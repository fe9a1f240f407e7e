import type { Pass } from '../machine'
import { checkStatus, relevantChecks } from './check-status'
import { deadAt, proofEnds } from './dead'
import { isSettled, presentStep } from './readiness'
import { type Stage, STAGE_RULES } from './stages'
import { stillOut } from './off/still-out'
import type { JobState } from './state'
import { looseCount } from './tray'
import { isOpened } from './whole'
import type { AnyCheck, Power } from './vocabulary'

/**
 * What is to be done now on a job, as a fact: `words/en/next` says it. Titles are those of the machine's file, or of whoever found
 * the step.
 */
export type Next =
  | { readonly is: 'stage'; readonly stage: Stage }
  | { readonly is: 'step'; readonly step: string; readonly title: string; readonly pass: Pass | null }
  | { readonly is: 'at the bottom' | 'log what comes off' | 'all back' | 'start up' }

/** Raised when what is made of a job for the list of stands changes: rows of an older one are made anew when they are read. */
export const SUMMARY_VERSION = 2

/** What the list of stands needs of a job; times, not verdicts, so that it can be read at any later moment. */
export interface JobSummary {
  readonly number: string
  readonly machine: string
  readonly unit: string
  readonly owner: string
  readonly stand: string
  readonly job: string
  readonly complaint: string
  readonly stage: Stage
  /** Number of steps down; the depth of the dip. */
  readonly depth: number
  readonly done: { readonly down: number; readonly up: number; readonly upOf: number }
  readonly loose: { readonly fixings: number; readonly parts: number }
  readonly power: Power
  readonly powerSince: number | null
  readonly proved: boolean
  /** Something is open, loose, off or being worked on. */
  readonly opened: boolean
  readonly proofEnds: number | null
  readonly next: Next
  readonly handlingAt: number | null
  readonly curedAt: number | null
  readonly disputed: number
  readonly missing: readonly AnyCheck[]
  readonly parked: boolean
  readonly handedBack: boolean
  readonly notRepaired: boolean
  readonly fileless: boolean
  /** Given to somebody who has not taken it up yet. */
  readonly handedTo: string | null
  readonly lastBy: string
  readonly lastAt: number
  readonly openedAt: number
}

/** The summary row of a job, written beside its journal. */
export function summarize(state: JobState): JobSummary {
  const at = state.lastAt
  const numbered = state.down.filter((s) => s.number !== undefined)
  const upNeeded = state.up.filter((s) => s.pair === undefined || state.steps[s.pair]?.status === 'done')
  const curing = state.locks.filter((l) => l.disturbed === undefined)
  const disputed = [
    ...Object.values(state.fixings),
    ...Object.values(state.parts),
    ...Object.values(state.steps),
    ...Object.values(state.checks),
    ...Object.values(state.comparisons),
    ...Object.values(state.ridden),
    ...state.locks,
    state.power,
    state.power.proof,
    state.packCheck,
  ].filter((s) => s?.disputed)
  return {
    number: state.number,
    machine: state.machine.name,
    unit: state.machine.unit ?? '',
    owner: state.machine.owner ?? '',
    stand: state.stand,
    job: state.job,
    complaint: state.complaint,
    stage: state.stage,
    depth: numbered.length,
    done: {
      down: numbered.filter((s) => isSettled(state, s)).length,
      up: upNeeded.filter((s) => isSettled(state, s)).length,
      upOf: upNeeded.length,
    },
    loose: looseCount(state),
    power: state.power.state,
    powerSince: state.power.mark?.at ?? null,
    proved: deadAt(state.power, at),
    opened: isOpened(state),
    proofEnds: proofEnds(state.power),
    next: nextOf(state, at),
    handlingAt: curing.length > 0 ? Math.max(...curing.map((l) => l.handlingAt)) : null,
    curedAt: curing.length > 0 ? Math.max(...curing.map((l) => l.curedAt)) : null,
    disputed: disputed.length,
    missing:
      state.stage === 'prove' || state.stage === 'hand back' ? relevantChecks(state).filter((c) => !checkStatus(state, c, at).open) : [],
    parked: state.parked !== undefined,
    handedBack: state.handedBack !== undefined,
    notRepaired: state.handedBack?.as === 'not repaired',
    fileless: state.machine.file === undefined,
    handedTo: state.handedOver && state.lastBy !== state.handedOver.to ? state.handedOver.to : null,
    lastBy: state.lastBy,
    lastAt: at,
    openedAt: state.openedAt,
  }
}

/** What is to be done now. */
function nextOf(state: JobState, at: number): Next {
  const { run } = STAGE_RULES[state.stage]
  if (run === null) return { is: 'stage', stage: state.stage }
  if (run === 'bottom') {
    const open = state.swap.find((s) => state.steps[s.id]?.status !== 'done')
    return open ? { is: 'step', step: open.id, title: open.title, pass: null } : { is: 'start up' }
  }
  const step = presentStep(state, run, at)
  if (step) return { is: 'step', step: step.id, title: step.title, pass: nextPass(state, step.id) }
  return { is: run === 'up' ? 'all back' : state.planned ? 'at the bottom' : 'log what comes off' }
}

/** Which pass a return is at: the one after the last that was logged. */
export function nextPass(state: JobState, stepId: string): Pass | null {
  const step = state.up.find((s) => s.id === stepId)
  if (!step?.passes) return null
  const reached = state.steps[stepId]?.pass
  const at = reached === undefined ? -1 : step.passes.indexOf(reached)
  return step.passes[at + 1] ?? (stillOut(state, step) ? step.passes[0]! : null)
}
