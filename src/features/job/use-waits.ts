import { useMemo } from 'react'
import { ranSince } from '../../client/waits'
import { type JobState, openWaits } from '../../core/job'
import type { JobContext } from '../shared/context'

/** A wait that this device knows to be over: its step, the entry that began it, and the seconds that ran since. */
export interface Over {
  readonly step: string
  readonly of: string
  readonly seconds: number
}

/**
 * Waits of this job: those that still run, and those that this device knows to be over, with the state as it is then. Looked at with
 * every tick and every entry, so that each is known from when it began.
 */
export function useWaits(state: JobState, now: number): Pick<JobContext, 'state' | 'waiting'> & { readonly over: readonly Over[] } {
  return useMemo(() => {
    void now
    const waiting = new Map<string, number | null>()
    const over: Over[] = []
    for (const [step, wait] of openWaits(state)) {
      const ran = ranSince(wait)
      if (ran === null || !wait.began) waiting.set(step, null)
      else if (ran < wait.minutes * 60) waiting.set(step, Math.ceil(wait.minutes * 60 - ran))
      else over.push({ step, of: wait.began.entry, seconds: ran })
    }
    return { state: withOver(state, over), waiting, over }
  }, [state, now])
}

/** The state as it is once it has been written down that these waits are over. */
function withOver(state: JobState, over: readonly Over[]): JobState {
  if (over.length === 0) return state
  const waits = { ...state.waits }
  for (const { step, of } of over) waits[step] = { ...waits[step]!, over: { entry: of, by: '', at: state.lastAt } }
  return { ...state, waits }
}
