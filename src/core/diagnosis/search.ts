/** One thing that can be tried: the belief that it mends the fault, and the minutes that it takes. */
export interface Try {
  readonly id: string
  readonly p: number
  readonly minutes: number
}

/** Minutes lost when the wrong thing was done: looking again. Estimated. */
const LOOK_AGAIN = 20

/**
 * The order in which to try things until one mends the fault, and the minutes to expect: the best ratio of belief to minutes first,
 * which is the least in the mean (Kadane & Simon 1977, search without replacement); a try that did not help costs a fresh look.
 * @param tries beliefs 0 … 1 that sum to one, minutes above 0
 */
export function bestSearch(tries: readonly Try[]): { readonly order: readonly Try[]; readonly minutes: number } {
  const order = [...tries].sort((a, b) => b.p * (a.minutes + LOOK_AGAIN) - a.p * (b.minutes + LOOK_AGAIN) || a.minutes - b.minutes)
  return { order, minutes: searchMinutes(order) }
}

/** Minutes to expect of trying things in the order given. */
export function searchMinutes(order: readonly Try[]): number {
  let left = 1
  let minutes = -LOOK_AGAIN
  for (const t of order) {
    minutes += left * (t.minutes + LOOK_AGAIN)
    left -= t.p
  }
  return minutes
}
