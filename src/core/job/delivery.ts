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
  return [
    ...[...parts.values()].map((name) => ({ name, expected: 1 })),
    ...plan.consumables.map((c) => ({ name: c.name, expected: c.count })),
  ]
}

/** Things of which fewer came than should, and of which more did. */
export function miscount(items: readonly Delivered[]): { readonly short: readonly Delivered[]; readonly over: readonly Delivered[] } {
  return { short: items.filter((i) => i.expected > i.found), over: items.filter((i) => i.found > i.expected) }
}
