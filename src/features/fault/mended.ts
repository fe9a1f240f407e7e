import type { JobState } from '../../core/job'
import { faultsOf } from '../../core/diagnosis'
import { STAGES } from '../../core/job'

/** What was mended on a drive before it was looked at again. */
export interface Mended {
  /** Epoch ms from which on readings speak of what is still wrong. */
  readonly since: number
  /** Faults that were called and mended, by their id, the last one last. */
  readonly faults: readonly string[]
}

const BUILT = STAGES.indexOf('build up')

/**
 * Was the fault called, the machine built up, and the job taken back to finding the fault? Then what was read before belongs to what was
 * mended. Null while nothing was.
 */
export function mendedOn(state: Pick<JobState, 'faults' | 'moves'>, drive: string): Mended | null {
  const moves = state.moves.filter((m) => m.inEffect)
  const back = moves.findLast((m, i) => m.to === 'find the fault' && moves.slice(0, i).some((b) => STAGES.indexOf(b.to) >= BUILT))
  if (!back) return null
  const faults = state.faults.flatMap((f) =>
    f.id !== undefined && (f.drive === undefined || f.drive === drive) && f.way !== 'leave' && f.at < back.at ? faultsOf(f.id) : [],
  )
  return faults.length > 0 ? { since: back.at, faults: [...new Set(faults)] } : null
}
