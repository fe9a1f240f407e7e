import { type CheckId, type Guard, holds } from '../machine'
import type { PlannedStep } from '../planning'
import { cameOff, checkStatus, deadAt, notNeeded, relevantChecks, trayMissing } from './checks'
import type { JobState } from './state'
import { latestOf, type When } from './times'

/** Facts that hold now: what the done steps of the way down gave, less what the way up has put back. */
export function factsOf(state: JobState): Set<string> {
  const facts = new Set<string>()
  for (const step of state.down) if (state.steps[step.id]?.status === 'done' && !state.steps[step.id]?.disputed) step.gives.forEach((f) => facts.add(f))
  for (const step of state.up) if (state.steps[step.id]?.status === 'done' && !state.steps[step.id]?.disputed) step.gives.forEach((f) => facts.delete(f))
  facts.delete('proved dead')
  return facts
}

/** Why a step may not be done yet; empty when it may. Titles of other steps, or the name of a state or check. */
export function waitingFor(state: JobState, step: PlannedStep, at: When): string[] {
  const reasons: string[] = []
  const dead = deadAt(state.power, latestOf(at))
  if (step.limb === 'down') {
    const facts = factsOf(state)
    if (step.needs) {
      reasons.push(...unmet(step.needs, (f) => (f === 'proved dead' ? true : facts.has(f)), state))
    }
  } else {
    for (const id of step.after ?? []) {
      const before = state.up.find((s) => s.id === id)
      if (before && !isSettled(state, before)) reasons.push(before.title)
    }
    if (step.cover) reasons.push(...trayBefore(state, step))
  }
  if (step.dead && !dead) reasons.push('dead to be shown')
  reasons.push(...boundBy(state, step, at))
  return [...new Set(reasons)]
}

/** Checks that bind a step beside its order: the new part before the first one down of a plan, pack and axle before power, locker before a spin. */
function boundBy(state: JobState, step: PlannedStep, at: When): string[] {
  const bind: CheckId[] = []
  if (step.limb === 'down' && !state.down.some((s) => s.number !== undefined && !state.earlier.includes(s.id) && state.steps[s.id]?.status === 'done')) bind.push('replacement matches')
  if (step.power !== undefined || step.check === 'dead') bind.push('qualified')
  if (step.power === 'live') bind.push('pack triage', 'reaction path')
  if (step.check === 'spin test') bind.push('pack triage', 'reaction path', 'handling strength')
  if (bind.length === 0) return []
  const relevant = relevantChecks(state)
  return bind.filter((c) => relevant.includes(c) && !checkStatus(state, c, at).open).map((c) => `check: ${c}`)
}

/** Done, left on purpose, or nothing to do since its counterpart never came off. */
export function isSettled(state: JobState, step: PlannedStep): boolean {
  const own = state.steps[step.id]
  if (own?.disputed) return false
  if (own?.status === 'done' || own?.status === 'left') return true
  if (step.limb === 'up') {
    if (step.pair !== undefined) return !cameOff(state, step.pair)
    return notNeeded(state, step.after)
  }
  return false
}

/** A cover does not close over a loose piece: everything earlier on the way up has to be home. */
function trayBefore(state: JobState, cover: PlannedStep): string[] {
  const override = state.checks['tray adds up']?.overridden
  if (override) return []
  const at = state.up.findIndex((s) => s.id === cover.id)
  const later = state.up.slice(at)
  const excused = new Set(later.flatMap((s) => [...s.fixings.map((f) => f.id), ...s.parts.map((p) => p.id)]))
  for (const part of Object.values(state.parts)) if (part.condition === 'off' && later.some((s) => s.gives.includes(`off ${part.id}`))) excused.add(part.id)
  return trayMissing(state, excused).slice(0, 6)
}

function unmet(guard: Guard, has: (fact: string) => boolean, state: JobState): string[] {
  if ('all' in guard) return guard.all.flatMap((g) => unmet(g, has, state))
  if (holds(guard, (f) => has(`${f.fact} ${f.of}`), state.variants)) return []
  if ('any' in guard) return unmet(guard.any[0] ?? { all: [] }, has, state)
  if ('not' in guard) return ['something already done']
  if ('variant' in guard) return []
  const key = `${guard.fact} ${guard.of}`
  return [state.down.find((s) => s.gives.includes(key))?.title ?? key]
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
