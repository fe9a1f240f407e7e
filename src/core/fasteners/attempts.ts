/** What is tried on a fixing that does not let go, gentlest first. */
export const ATTEMPTS = ['clean', 'soak', 'tap', 'lever', 'warm', 'give over'] as const
export type AttemptWay = (typeof ATTEMPTS)[number]

/** One try, as it is logged. Warming says for how long, from how far, and what was near. */
export interface Attempt {
  readonly way: AttemptWay
  readonly minutes?: number
  /** Millimetres from the fixing. */
  readonly distance?: number
  readonly near?: string
}

/** Minutes until a warmed fixing can be taken in the hand; estimated, a thick hub takes longer. */
export const COOLS_IN = 20

const LOCKED: readonly AttemptWay[] = ['clean', 'warm', 'lever', 'give over']

/** In what order: on a strong locker oil and blows do nothing, and warmth comes before force. */
export const attemptsFor = (locked: boolean): readonly AttemptWay[] => (locked ? LOCKED : ATTEMPTS)

/** The next thing to try; null when all is tried, or the fixing was given over. */
export function nextAttempt(tried: readonly Attempt[], locked: boolean): AttemptWay | null {
  const had = new Set(tried.map((t) => t.way))
  return had.has('give over') ? null : (attemptsFor(locked).find((way) => !had.has(way)) ?? null)
}

/** Minutes for which it is still hot; 0 where it was never warmed. @param since minutes since each try */
export function hotFor(tried: readonly (Attempt & { readonly since: number })[]): number {
  return Math.max(0, ...tried.filter((t) => t.way === 'warm').map((t) => COOLS_IN - t.since))
}
