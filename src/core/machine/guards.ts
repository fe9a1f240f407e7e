import type { Fact, Guard } from './guard-types'

/** Answers to the variant questions: question id → option id. */
export type Variants = Readonly<Record<string, string>>

/** Every fact named in a guard, those under `not` left out. */
export function factsIn(guard: Guard | undefined): Fact[] {
  if (!guard) return []
  if ('all' in guard) return guard.all.flatMap(factsIn)
  if ('any' in guard) return guard.any.flatMap(factsIn)
  if ('fact' in guard) return [guard]
  return []
}

/**
 * True where `guard` holds. Monotone in `has` but for `not`.
 * @param has tells whether a fact holds now
 */
export function holds(guard: Guard | undefined, has: (fact: Fact) => boolean, variants: Variants): boolean {
  if (!guard) return true
  if ('all' in guard) return guard.all.every((g) => holds(g, has, variants))
  if ('any' in guard) return guard.any.some((g) => holds(g, has, variants))
  if ('not' in guard) return !holds(guard.not, has, variants)
  if ('fact' in guard) return has(guard)
  return variants[guard.variant] === guard.is
}

/** The guard with its variants decided, and as short as it can be said: what is left asks for facts only, each once. */
export function settled(guard: Guard, variants: Variants): Guard {
  if ('all' in guard) return joined('all', guard.all, variants)
  if ('any' in guard) return joined('any', guard.any, variants)
  if ('fact' in guard || ('not' in guard && 'fact' in guard.not)) return guard
  return holds(guard, () => false, variants) ? { all: [] } : { any: [] }
}

/** All of them, or any: those of the same sort within are taken in, what holds anyway or never does falls out or decides it. */
function joined(sort: 'all' | 'any', guards: readonly Guard[], variants: Variants): Guard {
  const other = sort === 'all' ? 'any' : 'all'
  const within = (g: Guard): readonly Guard[] => (sort in g ? (g as Readonly<Record<string, readonly Guard[]>>)[sort]! : [g])
  const flat = guards.flatMap((g) => within(settled(g, variants)))
  const decides = flat.find((g) => other in g && (g as Readonly<Record<string, readonly Guard[]>>)[other]!.length === 0)
  if (decides) return decides
  const once = [...new Map(flat.map((g) => [JSON.stringify(g), g])).values()]
  return once.length === 1 ? once[0]! : sort === 'all' ? { all: once } : { any: once }
}

/** Could it ever hold, as far as the variants decide? A fact may come to hold, or not to hold yet. */
export function couldHold(guard: Guard | undefined, variants: Variants): boolean {
  if (!guard) return true
  if ('all' in guard) return guard.all.every((g) => couldHold(g, variants))
  if ('any' in guard) return guard.any.some((g) => couldHold(g, variants))
  if ('fact' in guard || ('not' in guard && 'fact' in guard.not)) return true
  return holds(guard, () => false, variants)
}

/** All guards at once; undefined ones are left out. */
export function both(...guards: readonly (Guard | undefined)[]): Guard {
  return { all: guards.filter((g) => g !== undefined) }
}
