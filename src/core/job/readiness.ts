import { factsIn, type Guard, holds, off, PROVED_DEAD } from '../machine'
import type { PlannedStep } from '../planning'
import type { Binds } from './checks/check'
import { cameOff, notNeeded, shutBy } from './check-status'
import { deadAt } from './dead'
import { lengthsAsked } from './lengths'
import { lastLookMissing } from './looks-made'
import type { Missing } from './missing'
import { stillOut } from './off/still-out'
import type { JobState } from './state'
import { staysOut } from './stays-out'
import { latestOf, type When } from './times'
import { trayMissing } from './tray'
import { stillWaits } from './waits'

/** Facts that hold now: what the done steps of the way down gave, less what the way up has put back. */
export function factsNow(state: JobState): Set<string> {
  const facts = new Set<string>()
  for (const step of state.down)
    if (state.steps[step.id]?.status === 'done' && !state.steps[step.id]?.disputed && !stillWaits(state, step.id))
      step.gives.forEach((f) => facts.add(f))
  for (const step of state.up)
    if (state.steps[step.id]?.status === 'done' && !state.steps[step.id]?.disputed) step.gives.forEach((f) => facts.delete(f))
  facts.delete(PROVED_DEAD)
  return facts
}

/** Why a step may not be done yet; empty when it may. Each reason once. */
export function waitingFor(state: JobState, step: PlannedStep, at: When): Missing[] {
  const reasons: Missing[] = []
  const dead = deadAt(state.power, latestOf(at))
  if (step.limb === 'down') {
    const facts = factsNow(state)
    if (step.needs) {
      reasons.push(...unmet(step.needs, (f) => (f === PROVED_DEAD ? true : facts.has(f)), state))
    }
  }
  for (const id of step.after ?? []) {
    const before = state[step.limb].find((s) => s.id === id)
    if (before && !isSettled(state, before)) reasons.push({ is: 'step', step: before.id })
    else if (before && stillWaits(state, before.id)) reasons.push({ is: 'waiting', step: before.id })
  }
  if (step.limb === 'up' && step.cover) reasons.push(...trayBefore(state, step))
  if (step.heavy) reasons.push(...lastLookMissing(state, step.id))
  if (step.dead && !dead) reasons.push({ is: 'not dead' })
  reasons.push(...boundBy(state, step, at))
  return [...new Map(reasons.map((r) => [JSON.stringify(r), r])).values()]
}

/**
 * Checks that bind a step beside its order: the new part before the first one down of a plan, the price before what goes deeper, pack and
 * axle before power, threadlocker before a spin.
 */
function boundBy(state: JobState, step: PlannedStep, at: When): Missing[] {
  const first =
    step.limb === 'down' &&
    !state.down.some((s) => s.number !== undefined && !state.earlier.includes(s.id) && state.steps[s.id]?.status === 'done')
  const asked: Readonly<Partial<Record<NonNullable<Binds['steps']>[number], boolean>>> = {
    'first down': first,
    deeper: step.limb === 'down' && goesDeeper(state, step),
    'open plug': step.limb === 'down' && step.dead === true && step.kind === 'unplug',
    'behind a discharge': step.limb === 'down' && behindDischarge(state, step),
    'screwed in': lengthsAsked(state, step).length > 0,
    'ends a sealed unit': step.limb === 'down' && step.ends !== undefined,
  }
  return shutBy(
    state,
    at,
    ({ binds }) =>
      (step.power !== undefined && binds.power?.includes(step.power)) || binds.steps?.some((s) => asked[s] ?? step.check === s),
  ).map(({ check }) => ({ is: 'check', check }))
}

/**
 * Does it open something more? What makes it safe, what is propped or looked at does not. In plans of before that was told: what comes
 * off.
 */
function goesDeeper(state: JobState, step: PlannedStep): boolean {
  if (state.provedAs !== undefined) return step.opens !== undefined
  return step.power === undefined && (step.fixings.length > 0 || step.parts.length > 0)
}

/** Does the step open what a discharge is waited for: the lid over the capacitors? */
function behindDischarge(state: JobState, step: PlannedStep): boolean {
  const asked = new Set(step.needs ? factsIn(step.needs).map((f) => `${f.fact} ${f.of}`) : [])
  return state.down.some((s) => s.wait !== undefined && s.waitFor === 'discharge' && s.gives.some((f) => asked.has(f)))
}

/** Done, left on purpose, or nothing to do since its counterpart never came off. */
export function isSettled(state: JobState, step: PlannedStep): boolean {
  const own = state.steps[step.id]
  if (own?.disputed) return false
  if (own?.status === 'left') return true
  if (own?.status === 'done') return !stillOut(state, step)
  if (step.limb === 'up') {
    // Whoever may go on without a check went on without it, and said why: what comes after it is open.
    const check = step.check === undefined ? undefined : state.checks[step.check]
    if (check?.overridden && !check.disputed) return true
    if (staysOut(state, step)) return true
    if (step.pair !== undefined) return !cameOff(state, step.pair)
    return notNeeded(state, step.after)
  }
  return false
}

/** A cover does not close over a loose piece: everything earlier on the way up has to be home. */
function trayBefore(state: JobState, cover: PlannedStep): Missing[] {
  const override = state.checks['tray adds up']?.overridden
  if (override) return []
  const at = state.up.findIndex((s) => s.id === cover.id)
  const later = state.up.slice(at)
  const excused = new Set(later.flatMap((s) => [...s.fixings.map((f) => f.id), ...s.parts.map((p) => p.id)]))
  for (const part of Object.values(state.parts))
    if (part.condition === 'off' && later.some((s) => s.gives.includes(off(part.id)))) excused.add(part.id)
  return trayMissing(state, excused).slice(0, 6)
}

function unmet(guard: Guard, has: (fact: string) => boolean, state: JobState): Missing[] {
  if ('all' in guard) return guard.all.flatMap((g) => unmet(g, has, state))
  if (holds(guard, (f) => has(`${f.fact} ${f.of}`), state.variants)) return []
  if ('any' in guard) return unmet(guard.any[0] ?? { all: [] }, has, state)
  if ('not' in guard) return [{ is: 'done already' }]
  if ('variant' in guard) return []
  const key = `${guard.fact} ${guard.of}`
  const giver = state.down.find((s) => s.gives.includes(key))
  if (giver && stillWaits(state, giver.id)) return [{ is: 'waiting', step: giver.id }]
  return [giver ? { is: 'step', step: giver.id } : { is: 'fact', fact: key }]
}

/** The proof of dead has ended, or was crossed out, while steps of this limb still need it. */
function proofWanted(state: JobState, limb: 'down' | 'up', at: When): PlannedStep | null {
  if (deadAt(state.power, latestOf(at))) return null
  const proof = state.down.find((s) => s.kind === 'prove' && state.steps[s.id]?.status === 'done')
  const steps = limb === 'down' ? state.down : state.up
  return proof && steps.some((s) => s.dead && !isSettled(state, s)) ? proof : null
}

/** Still to be done: not settled, or a proof of dead that has to be taken again. */
export function isOpen(state: JobState, step: PlannedStep, at: When): boolean {
  if (!isSettled(state, step)) return true
  return step.kind === 'prove' && (proofWanted(state, 'down', at) === step || proofWanted(state, 'up', at) === step)
}

/**
 * The step to do now on a limb: a proof of dead that has lapsed; else the first that is neither settled nor waiting; else the first
 * that is not settled.
 */
export function presentStep(state: JobState, limb: 'down' | 'up', at: When): PlannedStep | null {
  const steps = limb === 'down' ? state.down : state.up
  const open = steps.filter((s) => !isSettled(state, s))
  return proofWanted(state, limb, at) ?? open.find((s) => waitingFor(state, s, at).length === 0) ?? open[0] ?? null
}
