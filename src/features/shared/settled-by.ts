import { armMissing, type CheckId, clearancesMissing, type JobState, looksOf, toCompare, withSettings } from '../../core/job'
import type { SheetState } from './context'

type Settles = (state: JobState) => SheetState | null

/** Checks that a sheet of their own settles; those that are made by looking have one in common. */
const SETTLED: Readonly<Partial<Record<CheckId, Settles>>> = {
  // What was found is not looked away: a pack in quarantine is a lead's.
  'pack triage': (state) => (state.packCheck ? null : { kind: 'look', at: 'pack' }),
  'price agreed': () => ({ kind: 'cost' }),
  'replacement matches': (state) => {
    const part = toCompare(state)[0]?.part
    return part ? { kind: 'compare', part: part.id } : null
  },
  'settings read': () => ({ kind: 'look', at: 'electronics' }),
  'salt water': () => ({ kind: 'look', at: 'salt' }),
  'first power': () => ({ kind: 'first power' }),
  'windings cold': () => ({ kind: 'reading' }),
  'read again': () => ({ kind: 'reading' }),
  'running clearance': (state) => {
    const [next] = clearancesMissing(state)
    return next && 'step' in next && next.step ? { kind: 'measure', step: next.step } : null
  },
  'reaction path': (state) => (armMissing(state).length > 0 ? { kind: 'work', working: 'reaction', step: reactionStep(state) } : null),
  steering: () => ({ kind: 'looked over', of: 'steering' }),
  'steering again': () => ({ kind: 'looked over', of: 'steering' }),
  'settings made': (state) => {
    const part = withSettings(state).find((s) => state.parts[s.part!.id]?.replaced)?.part
    return part ? { kind: 'settings', part: part.id, of: 'new' } : null
  },
}

const reactionStep = (state: JobState): string => state.up.find((s) => s.check === 'reaction path')?.id ?? ''

/** The sheet that settles a check; null where there is none. */
export function settledBy(check: CheckId, state: JobState): SheetState | null {
  return SETTLED[check]?.(state) ?? (looksOf(check) ? { kind: 'spin', check } : null)
}
