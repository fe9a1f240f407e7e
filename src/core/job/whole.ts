import { ladderIn, ridesPassed, wantedIn } from './proving'
import type { Missing } from './missing'
import type { JobState } from './state'
import { trayMissing } from './tray'

/**
 * What keeps the machine from being whole and under power: returns that are not done, pieces that lie loose, parts that are off, its
 * power. A lost fixing is not open: the tray tells of it. What goes home may be unplugged again after its proof, where its owner plugs
 * it in.
 */
export function notWhole(state: JobState): Missing[] {
  const back = (id: string): boolean => {
    const own = state.steps[id]
    return !own?.disputed && (own?.status === 'done' || own?.status === 'left')
  }
  const open = state.up.filter(
    (s) => s.pair !== undefined && s.power === undefined && state.steps[s.pair]?.status === 'done' && !back(s.id),
  )
  const loose = trayMissing(state).filter((m) => m.is !== 'fixing' || m.how !== 'lost')
  const { state: power } = state.power
  return [
    ...(power === 'live' || unpluggedSince(state) ? [] : [{ is: 'power', power } as const]),
    ...(loose.length > 0 ? [{ is: 'loose', pieces: loose.length } as const] : []),
    ...open.map((s) => ({ is: 'step', step: s.id }) as const),
  ]
}

/** Unplugged after all that is wanted was passed, and nothing done since: it is how such a machine goes home. */
function unpluggedSince(state: JobState): boolean {
  const since = state.power.mark?.at
  if (since === undefined || !ladderIn(state).homeUnplugged) return false
  const passed = ridesPassed(state)
  const wanted = wantedIn(state)
  return wanted.length > 0 && wanted.every((r) => passed.has(r) && (state.ridden[r]?.mark.at ?? 0) <= since)
}

/**
 * Is something on it open, loose, off or being worked on? Live, that is what hurts somebody; closed, it stands there as its owner uses
 * it.
 */
export function isOpened(state: JobState): boolean {
  const begun = [...state.down, ...state.up].some((s) => state.steps[s.id]?.status === 'begun')
  return begun || notWhole(state).some((m) => m.is !== 'power')
}
