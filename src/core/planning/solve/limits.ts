/** Rules that leave out what cannot be better. Each can be switched off; the cost must not change. */
export interface Pruning {
  /** Do at once what costs no set-up and has to be done anyway. */
  readonly atOnce: boolean
  /** Of the same tasks done, drop what another pose and tool reaches for no more. */
  readonly dominance: boolean
  /** Drop what another way reaches with more done that has to be done anyway and hinders nothing, for no more set-up. */
  readonly supersets: boolean
  /** Leave out tasks that nothing needs. */
  readonly relevance: boolean
}

export interface Limits {
  /** States opened by the exact search before it gives the best so far. */
  readonly nodes: number
  /** States kept by the first search for each number of tasks done. */
  readonly beam: number
  readonly pruning?: Pruning
  /** Asked now and then; true ends the search with the best so far. */
  readonly shouldStop?: () => boolean
  /** Told now and then how far along it is at the least, from 0 to 1; it may be done long before. */
  readonly onProgress?: (share: number) => void
}

export const EVERY_RULE: Pruning = { atOnce: true, dominance: true, supersets: true, relevance: true }
export const DEFAULT_LIMITS: Limits = { nodes: 30_000, beam: 40 }

/** Up to here a problem is as good as proved by the search alone; beyond the second it takes too long for what it finds. */
export const SHORT = 70
export const LONGEST_SEARCH = 150

/** Limits that keep a problem of so many tasks within about a second; without structure up to fifteen. */
export function limitsFor(tasks: number): Limits {
  return tasks <= SHORT ? DEFAULT_LIMITS : tasks <= LONGEST_SEARCH ? { nodes: 50, beam: 44 } : { nodes: 40, beam: 5 }
}
