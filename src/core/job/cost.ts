import type { JobState } from './state'

interface Estimate {
  readonly parts: number
  /** Of the plan, hands on, and what is swapped. */
  readonly minutes: number
  readonly total: number
}

/** What the job will cost as far as it is known, in the shop's money; null where nobody told what anything costs. */
export function estimateOf(state: Pick<JobState, 'cost' | 'down' | 'swap' | 'up'>): Estimate | null {
  const { cost } = state
  if (!cost) return null
  const parts = cost.parts.reduce((n, p) => n + p.price, 0)
  const minutes = [...state.down, ...state.swap, ...state.up].reduce((n, s) => n + s.minutes.likely, 0)
  return { parts, minutes, total: Math.round(parts + (minutes / 60) * cost.rate) }
}

/** What was agreed with the owner: at the door, or what they said last; absent where there is no ceiling. */
export function agreedUpTo(state: Pick<JobState, 'ceiling' | 'asked'>): number | undefined {
  if (state.ceiling === undefined) return undefined
  const last = state.asked.findLast((a) => a.said !== 'no')
  return last ? (last.said === 'up to' ? (last.amount ?? state.ceiling) : last.estimate) : state.ceiling
}

/** The owner was asked last, and said no. */
export function refused(state: Pick<JobState, 'asked'>): boolean {
  return state.asked.at(-1)?.said === 'no'
}
