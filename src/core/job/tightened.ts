import type { Pass } from '../machine'
import type { PlannedStep } from '../planning'
import type { InstrumentUsed } from '../units'
import type { FixingState, JobState } from './state'

/** What a wrench carries: mm from its square drive to the fixing, and the angle between the two, degrees, 0 straight on. */
export interface Adapter {
  readonly reach: number
  readonly angle: number
}

/** How tight a fixing was made: a wrench clicked or showed it, it was felt within a band, or nobody read it. N·m at the fixing. */
export type Tightened = (
  | {
      readonly is: 'clicked'
      readonly torque: number
      readonly wrench?: InstrumentUsed
      /** The wrench's scale, N·m: it is good from a fifth of it up (ISO 6789-1). */
      readonly scale?: readonly [from: number, to: number]
      /** What it was set to, where an adapter makes that another number. */
      readonly set?: number
      readonly adapter?: Adapter
    }
  | {
      readonly is: 'felt'
      /** Between these; absent where it was written before a band was asked for. */
      readonly band?: readonly [low: number, high: number]
    }
  | {
      readonly is: 'not read'
      /** Written before it was asked how: it binds nothing. */
      readonly early?: true
    }
) & {
  readonly tool?: string
  /** Why it is not the number that the step gives. */
  readonly reason?: string
}

/** As it was written before `is` was: a number beside no tool was the file's own, so that nothing was read. */
interface Before {
  readonly torque?: number
  readonly how?: 'wrench' | 'feel'
  readonly tool?: string
  readonly reason?: string
  readonly wrench?: InstrumentUsed
}

/** What an entry of before says; undefined for a pass that tightens nothing, and says nothing. */
export function readBefore({ torque, how, tool, reason, wrench }: Before, pass: Pass): Tightened | undefined {
  const more = { ...(tool !== undefined ? { tool } : {}), ...(reason !== undefined ? { reason } : {}) }
  if (how === 'wrench' && torque !== undefined) return { is: 'clicked', torque, ...(wrench ? { wrench } : {}), ...more }
  if (how === 'feel') return { is: 'felt', ...more }
  if (torque !== undefined || how !== undefined || tool !== undefined || reason !== undefined || pass === 'final')
    return { is: 'not read', early: true, ...more }
  return undefined
}

/** The same as a build of before reads it: a number only where one was reached. */
export function writeBefore(one: Tightened | undefined): Before {
  if (!one) return {}
  const more = { ...(one.tool !== undefined ? { tool: one.tool } : {}), ...(one.reason !== undefined ? { reason: one.reason } : {}) }
  if (one.is === 'clicked') return { torque: one.torque, how: 'wrench', ...(one.wrench ? { wrench: one.wrench } : {}), ...more }
  return one.is === 'felt' ? { how: 'feel', ...more } : more
}

/** As it is written down: that it was early is worked out, never written. */
export function stored(one: Tightened | undefined): { readonly tightened?: Tightened } {
  if (!one || one.is !== 'not read') return one ? { tightened: one } : {}
  const { early: _, ...rest } = one
  return { tightened: rest }
}

/** Is there something to make tight, so that it is asked how? A torque or a thread says so. */
export function tightens(step: Pick<PlannedStep, 'limb' | 'torque' | 'joint'>): boolean {
  return step.limb === 'up' && (step.torque !== undefined || step.joint?.thread !== undefined)
}

/** Does the pass that comes make it tight? A connection has no passes: its one tap does. */
export function isFinal(step: Pick<PlannedStep, 'passes'>, pass: Pass | null): boolean {
  return step.passes ? pass === 'final' : true
}

/** Critical fixings that are tight, and of which nobody knows how tight: neither clicked nor felt within a band. */
export function nothingReached(
  state: Pick<JobState, 'up' | 'fixings' | 'steps'>,
): { readonly step: PlannedStep; readonly fixing?: FixingState }[] {
  return state.up.flatMap((step): { step: PlannedStep; fixing?: FixingState }[] => {
    if (!step.joint?.critical) return []
    if (step.fixings.length === 0)
      return state.steps[step.id]?.status === 'done' && unknown(step, state.steps[step.id]?.tightened) ? [{ step }] : []
    return step.fixings.flatMap((f) => {
      const now = state.fixings[f.id]
      const tight = now?.hasBeenOut && (now.condition === 'final' || now.condition === 'marked')
      return tight && unknown(step, now.tightened) ? [{ step, fixing: now }] : []
    })
  })
}

/** A clip or a pin has no number and is tightened by nobody: it counts only where it was asked and not read. */
function unknown(step: PlannedStep, one: Tightened | undefined): boolean {
  if (one === undefined) return step.torque !== undefined || (step.passes?.length ?? 0) > 1
  return one.is === 'not read' && !one.early
}
