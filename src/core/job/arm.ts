import { isForeignRow } from '../machine'
import type { Missing } from './missing'
import type { JobState } from './state'

/** Parts of another make that took the place of a motor on an axle: their comparison asked what only a motor is asked. */
export function foreignMotors({ parts, comparisons }: Pick<JobState, 'parts' | 'comparisons'>): readonly string[] {
  return Object.values(parts).flatMap((p) =>
    // An id may be a word that every object answers to.
    p.replaced && Object.hasOwn(comparisons, p.id) && comparisons[p.id]!.rows.some((r) => isForeignRow(r.id)) ? [p.id] : [],
  )
}

/**
 * What an axle still wants against its own motor: its sum where the motor is foreign, and an arm where the last sum of an axle says so.
 * None where motor and frame are those that belong together and nobody worked anything out.
 */
export function armMissing(state: JobState): readonly Missing[] {
  // Bolts hold a mounted motor, whoever made it: its own look judges them.
  if (state.up.some((s) => s.reaction)) return []
  const last = new Map(state.workings.flatMap((w) => (w.working === 'reaction' ? [[w.of?.[0] ?? '', w] as const] : [])))
  const wanted = [...last.values()].some((w) => w.verdict === 'arm wanted')
  if (wanted) return [{ is: 'arm' }]
  const unknown = foreignMotors(state).filter((id) => !last.has(id) && !last.has(''))
  return unknown.map((id) => ({ is: 'reaction', part: id, name: state.parts[id]?.name ?? id }))
}
