import type { Action } from './types'

/** What is known when swapping, mending and leaving are weighed. Kilometres from 0; money from 0, in one currency. */
export interface Weighing {
  readonly fault: string
  readonly kilometres: number
  readonly partPrice: number
  readonly hourPrice: number
  /** Hands-on minutes of the swap by the plan, where there is one. */
  readonly minutes?: number
}

export interface WeighedWay {
  readonly name: string
  readonly kind: 'swap' | 'mend' | 'leave'
  readonly cost: number
  /** Kilometres to expect of it; 0 where it may not be done at all. */
  readonly lasts: number
  /** Cost of a thousand of them; infinite where it may not be done. */
  readonly perThousand: number
}

export const WEIGH_REASONS = ['young', 'never left', 'cheaper for its kilometres', 'worn out', 'still runs'] as const
export type WeighReason = (typeof WEIGH_REASONS)[number]

/** What a machine’s counter shows, from 0. */
export interface Used {
  readonly value: number
  readonly unit: 'km' | 'h'
}

/** A machine whose counter shows hours does so many kilometres in each. Estimated. */
const KM_AN_HOUR = 15
export const kilometresOf = ({ value, unit }: Used): number => (unit === 'h' ? value * KM_AN_HOUR : value)

/** Below this many kilometres what fails was made wrong; the maker may answer for it. Estimated. */
export const YOUNG = 300
/** Kilometres that a hub motor of this kind runs before wear takes over. Estimated. */
export const LIFE = 8000
/** What a mended motor can still do is never counted for more than this share of a new one. Estimated. */
const MENDED_AT_MOST = 0.7
/** A fault that is left grows: a quarter of the life that is left. Estimated. */
const LEFT_SHARE = 0.25

/**
 * Weighs a swap, a repair and leaving it by what each kilometre to come costs: work and parts over the life that remains. A young
 * part is a case for the maker, whatever it costs. A fault that can lock or start the wheel is never left.
 * @throws RangeError for a negative or endless figure
 */
export function weigh(
  action: Action,
  { fault, kilometres, partPrice, hourPrice, minutes }: Weighing,
): { readonly ways: readonly WeighedWay[]; readonly best: WeighedWay; readonly reason: WeighReason } {
  for (const [name, x] of Object.entries({ kilometres, partPrice, hourPrice }))
    if (!(x >= 0 && Number.isFinite(x))) throw new RangeError(`${name} must be 0 or more, got ${x}`)
  const rest = Math.max(0, LIFE - kilometres)
  const ways = [
    { name: action.name, minutes: minutes ?? action.minutes, kind: 'swap' as const, partShare: 1 },
    ...(action.instead ?? []),
  ].map((way): WeighedWay => {
    const cost = (way.minutes / 60) * hourPrice + way.partShare * partPrice
    const mayLeave = way.kind !== 'leave' || (action.mayLeave ?? []).includes(fault)
    const lasts = !mayLeave
      ? 0
      : way.kind === 'swap'
        ? LIFE
        : way.kind === 'mend'
          ? Math.min(rest, MENDED_AT_MOST * LIFE)
          : LEFT_SHARE * rest
    return { name: way.name, kind: way.kind, cost, lasts, perThousand: lasts > 0 ? (cost / lasts) * 1000 : Infinity }
  })
  const swap = ways[0]!
  if (kilometres < YOUNG) return { ways, best: swap, reason: 'young' }
  const best = ways.reduce((a, b) => (b.perThousand < a.perThousand ? b : a))
  if (best.kind === 'leave') return { ways, best, reason: 'still runs' }
  if (best.kind === 'swap' && rest < 0.2 * LIFE) return { ways, best, reason: 'worn out' }
  return {
    ways,
    best,
    reason:
      best.kind === 'swap' && ways.some((w) => w.kind === 'leave' && w.lasts === 0) && ways.length === 2
        ? 'never left'
        : 'cheaper for its kilometres',
  }
}
