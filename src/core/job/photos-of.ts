import { type FilePhoto, type MachineFile, subjectOf } from '../machine'
import type { PlannedStep } from '../planning'
import type { Off } from './off/off'
import type { JobState, Photo } from './state'

/** What a step, or the step that it answers, is of, where it came off beyond any plan. */
export function offOf(state: Pick<JobState, 'offs'>, step: Pick<PlannedStep, 'id' | 'pair' | 'limb'>): Off | undefined {
  const own = step.limb === 'up' ? step.pair : step.id
  return state.offs.find((o) => o.step === own)
}

/**
 * Photos that belong to a step, the most telling last: taken at it or at the step that it answers, then those with a pin on what it is
 * about. Each once.
 */
export function photosOf(state: Pick<JobState, 'photos' | 'steps' | 'offs' | 'pins'>, step: PlannedStep): readonly Photo[] {
  const taken = [...(state.steps[step.id]?.photos ?? []), ...(step.pair ? (state.steps[step.pair]?.photos ?? []) : [])]
  const off = offOf(state, step)
  const about = aboutOf(step)
  const pinned = state.pins.flatMap((p) => (p.of && about.has(p.of.id) ? [p.photo] : []))
  const ids = [...new Set([...taken, ...pinned, ...(off?.pin ? [off.pin.photo] : [])])]
  return ids.flatMap((id) => state.photos.find((p) => p.photo === id) ?? [])
}

/** Photos of the machine's file that show what a step is about. */
export function filePhotosOf(file: Pick<MachineFile, 'photos'> | null, step: PlannedStep): readonly FilePhoto[] {
  const about = aboutOf(step)
  return (file?.photos ?? []).filter((p) => p.pins.some((pin) => about.has(pin.of)))
}

/** Ids of all that a step is about. */
export function aboutOf(step: PlannedStep): ReadonlySet<string> {
  const own = step.limb === 'up' && step.pair !== undefined ? [step.pair] : []
  return new Set([step.id, ...own, subjectOf(step.action), ...step.fixings.flatMap((f) => [f.id, f.joint]), ...step.parts.map((p) => p.id)])
}
