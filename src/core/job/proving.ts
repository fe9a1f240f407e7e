import type { Opened } from '../machine'
import { type Ladder, ladderOf, type RideStage, wantedRungs } from '../ride'
import type { JobState } from './state'

type Proved = Pick<JobState, 'provedAs' | 'machine' | 'opened' | 'planned' | 'down' | 'swap' | 'steps' | 'parts' | 'ridden'>

/** What was wanted of every machine before its kind and what was opened decided it; jobs of then keep that. */
export const WANTED_BEFORE: readonly RideStage[] = ['walking pace', 'brake stops', 'gentle']

/** The ladder by which this machine is proved. */
export function ladderIn(state: Pick<JobState, 'provedAs' | 'machine'>): Ladder {
  return ladderOf(state.provedAs ?? state.machine.class)
}

/**
 * What was opened, as far as steps are done and parts replaced, and as somebody said.
 * @returns null where something came off and nobody knows what it was
 */
export function openedIn(state: Omit<Proved, 'ridden'>): readonly Opened[] | null {
  const done = (id: string): boolean => state.steps[id]?.status === 'done'
  const undone = state.down.filter((s) => done(s.id))
  const told = state.opened.flatMap((o) => o.opened)
  const planned = undone.flatMap((s) => s.opens ?? [])
  const fresh = state.swap.filter((s) => done(s.id) || (s.part && state.parts[s.part.id]?.replaced)).flatMap((s) => s.opens ?? [])
  if (state.provedAs === undefined && told.length === 0 && undone.length > 0) return asBefore(state) ? [] : null
  return [...new Set([...planned, ...fresh, ...told])]
}

/** When one of these was opened last, epoch ms; 0 where none was. */
export function openedAt(state: Pick<JobState, 'down' | 'swap' | 'steps'>, roles: readonly Opened[]): number {
  const at = [...state.down, ...state.swap].flatMap((s) => {
    const own = state.steps[s.id]
    return own?.status === 'done' && s.opens?.some((o) => roles.includes(o)) ? (own.mark?.at ?? 0) : []
  })
  return Math.max(0, ...at)
}

/** A job of before what was opened was known. */
const asBefore = (state: Pick<JobState, 'provedAs' | 'machine'>): boolean =>
  state.provedAs === undefined && state.machine.class === undefined

/** The rungs that have to be passed, in the order of the ladder; all of it where nobody knows what was opened. */
export function wantedIn(state: Omit<Proved, 'ridden'>): readonly RideStage[] {
  if (asBefore(state) && state.opened.length === 0) return WANTED_BEFORE
  const opened = openedIn(state)
  return opened === null ? ladderIn(state).rungs : wantedRungs(ladderIn(state), opened)
}

/**
 * Rungs of the ladder that count as passed: the latest ride of each was not stopped, no two devices disagree on it, and nothing was
 * opened since.
 */
export function ridesPassed(state: Pick<Proved, 'ridden' | 'down' | 'steps'>): ReadonlySet<RideStage> {
  const opened = Math.max(0, ...state.down.flatMap((s) => (state.steps[s.id]?.status === 'done' ? (state.steps[s.id]?.mark?.at ?? 0) : [])))
  const passed = new Set(
    (Object.keys(state.ridden) as RideStage[]).filter((s) => {
      const { outcome, disputed, mark } = state.ridden[s]!
      return outcome === 'passed' && !disputed && mark.at >= opened
    }),
  )
  // Whoever rides on has ridden the short one.
  if (passed.has('gentle') || passed.has('full')) passed.add('short ride')
  return passed
}
