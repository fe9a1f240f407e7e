import type { Bodies, Kind } from './entries'
import { type Stage, stageIndex } from './stages'
import type { JobState } from './state'

/** Work that puts things back, though it names no step. */
const BACK: ReadonlySet<Kind> = new Set(['fixing-in', 'part-on', 'pose-changed'])

/** All that is swapped at the bottom is swapped. */
export function swapDone(state: Pick<JobState, 'swap' | 'steps'>): boolean {
  return state.swap.length > 0 && state.swap.every((s) => state.steps[s.id]?.status === 'done')
}

/**
 * The stage that what is logged carries the job to: the first swap step to the swap, the first return after it to the way up, the first
 * ride to the proof. Null where it stays. Nobody has to say it by a press of its own.
 */
export function carriedTo(state: JobState, item: { readonly kind: Kind; readonly body: Bodies[Kind] }): Stage | null {
  const at = stageIndex(state.stage)
  const ahead = (to: Stage): Stage | null => (at < stageIndex(to) ? to : null)
  const step = (item.body as { readonly step?: string }).step
  if (item.kind === 'ride-added') return at >= stageIndex('build up') ? ahead('prove') : null
  if (step !== undefined && state.swap.some((s) => s.id === step)) return at >= stageIndex('make safe') ? ahead('swap') : null
  if (state.stage !== 'swap' || !swapDone(state)) return null
  return BACK.has(item.kind) || state.up.some((s) => s.id === step) ? 'build up' : null
}
