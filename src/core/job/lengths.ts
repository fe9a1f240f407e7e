import type { Verdict } from '../workings'
import type { LengthFact, PlannedStep } from '../planning'
import { foreignMotors } from './arm'
import type { FixingState, JobState } from './state'

/** Screws whose length has to be known before they go in: why, and which. */
/** Why a length is asked, the worst first. */
const WHYS = ['stop', 'new', 'other size', 'foreign', 'two lengths'] as const
export type LengthWhy = (typeof WHYS)[number]

export interface LengthAsked {
  readonly step: string
  readonly fact: LengthFact
  readonly members: readonly FixingState[]
  /**
   * A new one, one of another size, one that goes into a foreign motor, or one of a set in which another length would reach what is behind;
   * `stop`: what was worked out says too long.
   */
  readonly why: LengthWhy
}

const FINE: readonly Verdict[] = ['clear', 'nothing behind']

/**
 * Lengths that are asked before a step screws anything in: of new ones, and of those that came out with a longer sort of the same set that
 * would reach what is behind. What lay in its own hole was not mixed up. Each once; none is asked again while it stays where it is.
 */
export function lengthsAsked(
  state: Pick<JobState, 'fixings' | 'parts' | 'comparisons'>,
  step: Pick<PlannedStep, 'id' | 'lengths' | 'limb'>,
): readonly LengthAsked[] {
  if (step.limb !== 'up') return []
  const foreign = foreignMotors(state)
  return (step.lengths ?? []).flatMap((fact) => {
    const intoForeign = fact.motor !== undefined && foreign.includes(fact.motor)
    const open = fact.of.flatMap((id): { readonly f: FixingState; readonly why: LengthAsked['why'] }[] => {
      const f = state.fixings[id]
      if (!f || f.disputed) return []
      if (f.fits) return FINE.includes(f.fits.verdict) ? [] : [{ f, why: 'stop' }]
      if (f.replaced > 0) return [{ f, why: 'new' }]
      if (f.otherSize) return [{ f, why: 'other size' }]
      if (intoForeign) return [{ f, why: 'foreign' }]
      return fact.mixed && f.hasBeenOut && f.keep !== 'own hole' ? [{ f, why: 'two lengths' }] : []
    })
    return WHYS.flatMap((why) => {
      const members = open.filter((o) => o.why === why).map((o) => o.f)
      return members.length > 0 ? [{ step: step.id, fact, members, why }] : []
    })
  })
}
