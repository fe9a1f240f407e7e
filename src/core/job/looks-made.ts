import { factKey, factsIn } from '../machine'
import type { CheckItem } from './checks/looks'
import type { Missing } from './missing'
import { openedAt, openedIn } from './proving'
import type { JobState } from './state'
import type { LookOf } from './vocabulary'

type Look = JobState['looks'][number]

/** What is looked over, one by one, of each kind of look that somebody puts their name to. */
export const LOOKED_OVER: Readonly<Record<LookOf, readonly CheckItem[]>> = {
  steering: ['bolt-in-groove', 'steering-numbers', 'steering-pulled', 'lock-to-lock'],
  'last look': ['leads-clear', 'hoses-clear', 'straps-clear', 'nothing-hidden'],
}

const allRight = (look: Look): boolean => look.items.every((i) => i.result === 'right')

/**
 * When something of the steering was touched last, epoch ms: taken apart, put back, or made tight again.
 * @returns 0 where it never was
 */
function steeringTouchedAt(state: JobState): number {
  const marks = state.up
    .filter((s) => s.joint?.critical === 'steering' && s.pair !== undefined && state.steps[s.pair]?.status === 'done')
    .flatMap((s) => [
      state.steps[s.id]?.mark?.at ?? 0,
      state.steps[s.id]?.tightened?.at ?? 0,
      ...s.fixings.flatMap((f) => [state.fixings[f.id]?.mark?.at ?? 0, state.fixings[f.id]?.tightened?.at ?? 0]),
    ])
  const told = state.opened.flatMap((o) => (o.opened.includes('steering') ? [o.at] : []))
  return Math.max(0, openedAt(state, ['steering']), ...marks, ...told)
}

/** Was the steering apart in this job, as far as steps and people say? */
export const steeringOpened = (state: JobState): boolean => openedIn(state)?.includes('steering') ?? false

/**
 * Does its steering want a second person? On a stem whoever did it looks again after the ride; on carts, buggies, tractors and columns, and
 * where nobody said what it is, somebody else looks.
 */
export const wantsSecondLook = ({ machine }: Pick<JobState, 'machine'>): boolean =>
  machine.class !== 'scooter' && machine.class !== 'e-bike'

/** Looks at the steering with everything right, of after it was touched last. */
function steeringLooks(state: JobState): readonly Look[] {
  const since = steeringTouchedAt(state)
  const wrong = Math.max(0, ...state.looks.flatMap((l) => (l.of === 'steering' && !allRight(l) ? [l.at] : [])))
  return state.looks.filter((l) => l.of === 'steering' && allRight(l) && l.at >= since && l.at > wrong)
}

/** What the steering still wants before it is ridden. */
export function steeringMissing(state: JobState): readonly Missing[] {
  const looks = steeringLooks(state)
  const [first] = looks
  if (!first) return [{ is: 'look', of: 'steering', wants: 'first' }]
  if (wantsSecondLook(state) && looks.every((l) => l.by === first.by))
    return [{ is: 'look', of: 'steering', wants: 'second person', by: first.by }]
  return []
}

/** On a stem: one look more, after it was ridden. */
export function steeringAfterRide(state: JobState): readonly Missing[] {
  const ridden = state.rides.find((r) => r.outcome === 'passed' && r.at >= (steeringLooks(state)[0]?.at ?? 0))
  if (!ridden) return [{ is: 'no ride' }]
  return steeringLooks(state).some((l) => l.at > ridden.at) ? [] : [{ is: 'look', of: 'steering', wants: 'after the ride' }]
}

/** Fixings that have to be out before a step: how many are, of how many, and which are still in. */
export function fixingsHeldBefore(
  state: JobState,
  step: string,
): {
  readonly out: number
  readonly of: number
  readonly still: readonly { readonly id: string; readonly label: string; readonly place: string }[]
} {
  const own = state.down.find((s) => s.id === step)
  const asked = new Set<string>(own?.needs ? factsIn(own.needs).map(factKey) : [])
  const fixings = state.down
    .filter((s) => s.id !== step && s.gives.some((f) => asked.has(f)))
    .flatMap((s) => s.fixings)
    .filter((f) => !f.stay)
    .flatMap((f) => state.fixings[f.id] ?? [])
  const still = fixings.filter((f) => f.condition === 'on')
  return { out: fixings.length - still.length, of: fixings.length, still }
}

/** What a heavy part still wants before it moves: the last look, and whatever that found taken away. */
export function lastLookMissing(state: JobState, step: string): readonly Missing[] {
  const looks = state.looks.filter((l) => l.of === 'last look' && l.step === step)
  const found = looks.flatMap((l) => (l.found !== undefined && state.steps[l.found]?.status !== 'done' ? [l.found] : []))
  if (found.length > 0) return found.map((id) => ({ is: 'step', step: id }))
  const last = looks.at(-1)
  return last && allRight(last) ? [] : [{ is: 'look', of: 'last look', wants: 'first', step }]
}
