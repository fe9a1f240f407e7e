import type { Plan } from '../planning'

/** What should have come for a job: a new part, or something used up, by count. */
export interface Wanted {
  readonly name: string
  readonly expected: number
}

/** What came of it. */
export interface Delivered extends Wanted {
  readonly found: number
}

/** What has to be there before anything is undone: each new part once, and all that is used up on the way down and up. */
export function wantedFor(plan: Pick<Plan, 'swap' | 'consumables'>): Wanted[] {
  const parts = new Map(plan.swap.flatMap((s) => (s.part ? [[s.part.id, s.part.name]] : [])))
  return [...[...parts.values()].map((name) => ({ name, expected: 1 })), ...plan.consumables.map((c) => ({ name: c.name, expected: c.count }))]
}

/** `2 × cable tie` for each thing of which fewer came than should, and for each of which more did: by how many. */
export function miscount(items: readonly Delivered[]): { readonly short: readonly string[]; readonly over: readonly string[] } {
  const lines = (by: (item: Delivered) => number): string[] => items.flatMap((i) => (by(i) > 0 ? [`${by(i)} × ${i.name}`] : []))
  return { short: lines((i) => i.expected - i.found), over: lines((i) => i.found - i.expected) }
}
