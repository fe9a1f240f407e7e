/** What a file that grew from a job does not know for sure, by kind; `words/en/growing` says it. */
export const DOUBTS = ['tool', 'torque', 'thread', 'holds', 'order', 'minutes', 'no drive', 'no pack', 'count', 'size', 'not seen'] as const
export type DoubtKind = (typeof DOUBTS)[number]

/** A doubt, and of what in the file. */
export interface Doubt {
  readonly of: string
  readonly is: DoubtKind
  /** What the other unit had. */
  readonly other?: string
}

/** Where a file came from: the jobs that it grew from, what is not sure of it, and who looked it over. */
export interface Grown {
  readonly jobs: readonly string[]
  readonly doubts: readonly Doubt[]
  readonly accepted?: { readonly by: string; readonly at: string }
}
