import type { Pass } from '../machine'
import { proofEnds, relevantChecks, checkStatus, deadAt } from './checks'
import type { Power, Stage } from './vocabulary'
import { isSettled, presentStep } from './readiness'
import type { JobState } from './state'
import { looseCount } from './tray'

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
  readonly proofEnds: number | null
  readonly next: string
  readonly nextPass: Pass | null
  readonly handlingAt: number | null
  readonly curedAt: number | null
  readonly disputed: number
  readonly missing: readonly string[]
  readonly parked: boolean
  readonly handedBack: boolean
  readonly fileless: boolean
  readonly lastBy: string
  readonly lastAt: number
  readonly openedAt: number
}

const NEXT_BY_STAGE: Partial<Record<Stage, string>> = {
  'take in': 'Look it over, choose the job',
  'find the fault': 'Note what it does, take a reading',
  prove: 'Prove it, then ride',
  'hand back': 'Hand it back',
}

/** The summary row of a job, written beside its journal. */
export function summarize(state: JobState): JobSummary {
  const at = state.lastAt
  const numbered = state.down.filter((s) => s.number !== undefined)
  const upNeeded = state.up.filter((s) => s.pair === undefined || state.steps[s.pair]?.status === 'done')
  const curing = state.locks.filter((l) => l.disturbed === undefined)
  const next = nextStep(state, at)
  const disputed = [...Object.values(state.fixings), ...Object.values(state.parts), ...Object.values(state.steps), ...Object.values(state.checks), ...Object.values(state.comparisons), ...Object.values(state.ridden), ...state.locks, state.power, state.power.proof, state.packCheck].filter((s) => s?.disputed)
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
    proofEnds: proofEnds(state.power),
    next: next.title,
    nextPass: next.pass,
    handlingAt: curing.length > 0 ? Math.max(...curing.map((l) => l.handlingAt)) : null,
    curedAt: curing.length > 0 ? Math.max(...curing.map((l) => l.curedAt)) : null,
    disputed: disputed.length,
    missing: state.stage === 'prove' || state.stage === 'hand back' ? relevantChecks(state).filter((c) => !checkStatus(state, c, at).open) : [],
    parked: state.parked !== undefined,
    handedBack: state.handedBack !== undefined,
    fileless: state.machine.file === undefined,
    lastBy: state.lastBy,
    lastAt: at,
    openedAt: state.openedAt,
  }
}

function nextStep(state: JobState, at: number): { readonly title: string; readonly pass: Pass | null } {
  const fixed = NEXT_BY_STAGE[state.stage]
  if (fixed !== undefined) return { title: fixed, pass: null }
  if (state.stage === 'swap') {
    const open = state.swap.find((s) => state.steps[s.id]?.status !== 'done')
    return { title: open?.title ?? 'Start the way up', pass: null }
  }
  const limb = state.stage === 'build up' ? 'up' : 'down'
  const step = presentStep(state, limb, at)
  if (!step) return { title: limb === 'down' ? (state.planned ? 'At the bottom: swap' : 'Log what comes off') : 'All back: prove it', pass: null }
  return { title: step.title, pass: nextPass(state, step.id) }
}

/** Which pass a return is at: the one after the last that was logged. */
export function nextPass(state: JobState, stepId: string): Pass | null {
  const step = state.up.find((s) => s.id === stepId)
  if (!step?.passes) return null
  const reached = state.steps[stepId]?.pass
  const at = reached === undefined ? -1 : step.passes.indexOf(reached)
  return step.passes[at + 1] ?? null
}
