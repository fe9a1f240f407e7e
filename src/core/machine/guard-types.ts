/** What can be true of a thing on the bench; the words guards are written in. */
export const FACTS = [
  'off',
  'loosened',
  'unplugged',
  'de-pinned',
  'exposed',
  'supported',
  'drained',
  'deflated',
  'prepared',
  'proved',
] as const
export type FactName = (typeof FACTS)[number]

export interface Fact {
  readonly fact: FactName
  /** Id of the part, fixing, connection, cable or step that the fact is about; `dead` for `proved`. */
  readonly of: string
}

/** When something may be done. `not` only wraps variants, or facts that must not hold yet. */
export type Guard =
  | { readonly all: readonly Guard[] }
  | { readonly any: readonly Guard[] }
  | { readonly not: Guard }
  | Fact
  | { readonly variant: string; readonly is: string }
