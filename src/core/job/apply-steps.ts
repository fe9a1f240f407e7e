import { passOf } from './outcomes'
import type { Pass } from '../machine'
import type { PlannedStep } from '../planning'
import type { Took } from './measuring'
import { type Ctx, findStep, flag } from './apply-context'
import { settle } from './claims'
import { waitingFor } from './readiness'
import { beginWait } from './waits'
import { offStepIn } from './off/off'
import type { CheckState, Draft, StepState } from './state'
import type { StopSign } from '../ride'
import { CHECK_IDS, type CheckRule, CHECKS } from './checks'

const FRESH_STEP: StepState = { status: 'waiting', differs: [], photos: [], notes: [] }

export function touchStep(draft: Draft, id: string, change: (step: StepState) => StepState): void {
  if (offStepIn(id) !== null && !findStep(draft, id)) return
  draft.steps[id] = change(draft.steps[id] ?? FRESH_STEP)
}

/** A step done, left, or a pass of it (`pass:seated`), with what came along. */
export function setStep(ctx: Ctx, id: string, outcome: string, more: Partial<StepState> = {}): void {
  const { draft, entry } = ctx
  const step = findStep(draft, id)
  // What it was of was crossed out: it is nobody's step any more.
  if (!step && offStepIn(id) !== null) return flag(ctx, 'stands on a crossed-out entry', id)
  if (!step && !draft.swap.some((s) => s.id === id)) flag(ctx, 'no such step', id)
  const settled = settle(draft, entry, 'step', id, outcome, ctx.mark)
  const pass = (passOf(settled.outcome) ?? undefined) as StepState['pass']
  const last = step?.passes?.at(-1)
  const status = settled.outcome === 'left' ? 'left' : pass === undefined || pass === last ? 'done' : 'begun'
  const { disputed: _, ...before } = draft.steps[id] ?? FRESH_STEP
  draft.steps[id] = {
    ...before,
    ...more,
    status,
    ...(pass ? { pass } : {}),
    mark: settled.mark,
    ...(settled.disputed ? { disputed: settled.disputed } : {}),
  }
}

/** Figures that were read for a step, once more too: all stay. */
export function takeFigures({ draft, mark }: Ctx, id: string, took: readonly Took[]): void {
  touchStep(draft, id, (s) => ({ ...s, took: [...(s.took ?? []), { ...mark, figures: took }] }))
}

/** Is it the pass with which the step is done? One that has none is done in one go. */
export function isLast(step: Pick<PlannedStep, 'passes'>, pass: Pass | undefined): boolean {
  return pass === undefined || step.passes === undefined || step.passes.at(-1) === pass
}

/**
 * A step done before its turn, or where it wants the machine dead and it is not, is done all the same, and flagged: as `waitingFor`
 * has it.
 */
export function flagUnready(ctx: Ctx, step: PlannedStep, at: number): void {
  const waits = waitingFor(ctx.draft, step, at)
  if (waits.some((w) => w.is === 'not dead')) flag(ctx, 'not dead', step.id)
  if (waits.some((w) => w.is !== 'not dead')) flag(ctx, 'not ready', step.id)
}

/** The checks that a stop sign reopens: what was passed before no longer holds, until it is looked at again. */
export function reopenFor(ctx: Ctx, sign: StopSign): void {
  for (const check of CHECK_IDS)
    if ((CHECKS[check] as CheckRule).reopenedBy?.includes(sign)) setCheck(ctx, check, 'failed', { items: [], sign })
}

export function setCheck(ctx: Ctx, check: string, how: 'passed' | 'failed' | 'overridden', more: object, step?: string): void {
  const { draft, entry, mark } = ctx
  const settled = settle<CheckState>(draft, entry, 'check', check, how, mark, { [how]: { ...mark, ...more } })
  draft.checks[check] = { ...settled.value, ...(settled.disputed ? { disputed: settled.disputed } : {}) }
  if (step === undefined) return
  setStep(ctx, step, 'done')
  beginWait(ctx, step)
}
