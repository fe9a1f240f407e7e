import type { Verdict } from '../workings'
import type { LengthFact, PlannedStep } from '../planning'
import type { FixingState, JobState } from './state'

/** Screws whose length has to be known before they go in: why, and which. */
export interface LengthAsked {
  readonly step: string
  readonly fact: LengthFact
  readonly members: readonly FixingState[]
  /** A new one, or one of a set in which another length would reach what is behind; `stop`: what was worked out says too long. */
  readonly why: 'new' | 'two lengths' | 'stop'
}

const FINE: readonly Verdict[] = ['clear', 'nothing behind']

/**
 * Lengths that are asked before a step screws anything in: of new ones, and of those that came out with a longer sort of the same set that
 * would reach what is behind. What lay in its own hole was not mixed up. Each once; none is asked again while it stays where it is.
 */
export function lengthsAsked(state: Pick<JobState, 'fixings'>, step: Pick<PlannedStep, 'id' | 'lengths' | 'limb'>): readonly LengthAsked[] {
  if (step.limb !== 'up') return []
  return (step.lengths ?? []).flatMap((fact) => {
    const open = fact.of.flatMap((id): { readonly f: FixingState; readonly why: LengthAsked['why'] }[] => {
      const f = state.fixings[id]
      if (!f || f.disputed) return []
      if (f.fits) return FINE.includes(f.fits.verdict) ? [] : [{ f, why: 'stop' }]
      if (f.replaced > 0) return [{ f, why: 'new' }]
      return fact.mixed && f.hasBeenOut && f.keep !== 'own hole' ? [{ f, why: 'two lengths' }] : []
    })
    return (['stop', 'new', 'two lengths'] as const).flatMap((why) => {
      const members = open.filter((o) => o.why === why).map((o) => o.f)
      return members.length > 0 ? [{ step: step.id, fact, members, why }] : []
    })
  })
}
