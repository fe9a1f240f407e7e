/** Something wrong with a machine file. `at` is a JSON pointer to the place. */
export interface FileFault {
  readonly kind:
    | 'does not pass'
    | 'turns differ'
    | 'dangling'
    | 'duplicate id'
    | 'bad id'
    | 'too few'
    | 'not freed'
    | 'never true'
    | 'bad not'
    | 'unknown check'
    | 'unknown caution'
    | 'bad text'
    | 'too long'
    | 'does not fit'
    | 'no full nut'
    | 'no thread'
    | 'no bearing'
  readonly at: string
  /** The id or value at fault. */
  readonly value: string
  readonly expected?: string
}

/** Ids of closed lists that a file may name, which are told elsewhere: every check and every caution. */
export interface KnownIds {
  readonly checks: readonly string[]
  readonly cautions: readonly string[]
}
