import type { PlannedStep } from '../planning'
import { type Bodies, mayWriteAs } from './entries'
import type { FixingMove } from './vocabulary'
import type { FixingState, JobState } from './state'
import { nextPass } from './summary'
import { isFinal, tightens, type Tightened } from './tightened'

/** Fixings that a step puts back by a tap on all of them: what never came off, stays out, is lost or disputed has to be named. */
function returning(state: JobState, step: PlannedStep): FixingState[] {
  return step.fixings.flatMap((f) => {
    const now = state.fixings[f.id]
    return now?.hasBeenOut && !now.disputed && !STAYS.has(now.condition) ? [now] : []
  })
}
const STAYS: ReadonlySet<FixingState['condition']> = new Set(['left in', 'kept out', 'lost'])

/** Critical fixings that are made tight one by one, and of which these are not yet; null where a step is done in one go. */
export function oneByOne(state: JobState, step: PlannedStep): readonly FixingState[] | null {
  if (!step.joint?.critical || !tightens(step) || !isFinal(step, nextPass(state, step.id))) return null
  const all = returning(state, step)
  return all.length > 1 ? all.filter((f) => f.condition !== 'final') : null
}

/** What is logged when something is made tight: one member of a step, or the step. */
export type TightEntry =
  | { readonly kind: 'fixing-in'; readonly body: Bodies['fixing-in'] }
  | { readonly kind: 'step-done'; readonly body: Bodies['step-done'] }

/**
 * What is logged when a step is made tight: all of it, or where it goes one by one the member alone, and the step with the last of them.
 * @param member id of a fixing of the step; the first that is due, where it is left out
 */
export function tightEntry(state: JobState, step: PlannedStep, tightened: Tightened, member?: string): TightEntry {
  const due = oneByOne(state, step)
  const body = expectedDone(state, step, tightened)
  if (due === null) return { kind: 'step-done', body }
  const one = member ?? due[0]?.id
  const { in: _, ...rest } = body
  if (one === undefined) return { kind: 'step-done', body: rest }
  const went = { members: [one], pass: 'final', tightened } as const
  return due.every((f) => f.id === one) ? { kind: 'step-done', body: { ...rest, in: went } } : { kind: 'fixing-in', body: went }
}

/**
 * What one tap on a step logs, when everything went as the file expects: every fixing to its expected place, the parts
 * that it frees, the pass that is next, the electrical state that follows.
 * @param tightened how tight, where this pass makes it so; not read where nobody says
 */
export function expectedDone(state: JobState, step: PlannedStep, tightened: Tightened = { is: 'not read' }): Bodies['step-done'] {
  if (step.limb === 'down') {
    const moves = groupMoves(step)
    return {
      step: step.id,
      ...(moves.length > 0 ? { out: moves } : {}),
      ...(step.parts.length > 0 ? { partsOff: step.parts.map((p) => p.id) } : {}),
      ...(step.power ? { power: step.power } : {}),
    }
  }
  const pass = nextPass(state, step.id)
  const last = pass === null || step.passes?.at(-1) === pass
  const members = returning(state, step)
  const tight = tightens(step) && isFinal(step, pass)
  return {
    step: step.id,
    ...(pass ? { pass } : {}),
    ...(pass && members.length > 0
      ? {
          in: {
            members: members.map((f) => f.id),
            pass,
            ...(tight ? { tightened } : {}),
          },
        }
      : {}),
    ...(tight && !step.passes ? { tightened } : {}),
    ...(last && step.parts.length > 0 ? { partsOn: step.parts.map((p) => p.id) } : {}),
    ...(last && step.power ? { power: step.power } : {}),
    ...(pass === 'final' && step.lock
      ? { lock: { product: step.lock.product, handlingMinutes: step.lock.handlingMinutes, cureHours: step.lock.cureHours } }
      : {}),
  }
}

function groupMoves(step: PlannedStep): FixingMove[] {
  const moves = new Map<string, { members: string[]; to: FixingMove['to']; cell?: string }>()
  for (const f of step.fixings) {
    const to: FixingMove['to'] = f.stay ? 'left in' : f.captive ? 'captive' : f.keep
    const key = `${to}|${f.cell ?? ''}`
    const move = moves.get(key) ?? { members: [], to, ...(to === 'cell' && f.cell !== undefined ? { cell: f.cell } : {}) }
    move.members.push(f.id)
    moves.set(key, move)
  }
  return [...moves.values()]
}

/** A ride as the shop's form can say it: in one entry, or one a rung, the last with all that there is to it. */
export function rideEntries(ride: Bodies['ride-added'], form: number): Bodies['ride-added'][] {
  const rungs = ride.rungs ?? []
  if (mayWriteAs('ride-added', 3, form) || rungs.length < 2) return [ride]
  return rungs.map((rung, i) => (i === rungs.length - 1 ? { ...ride, rungs: [rung] } : { rungs: [rung], outcome: 'passed' }))
}
