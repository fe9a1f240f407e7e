/** One thing that a replacement part has to have in common with the old one. */
export interface CompareSpec {
  readonly id: string
  readonly name: string
  readonly unit?: string
  /** What the file says of the old part: a number with its unit, or a word. */
  readonly value: number | string
  /** How much smaller and larger the new one may be, in the unit; 0 when left out. */
  readonly smaller?: number
  readonly larger?: number
  /** The words to choose from, where `value` is one. */
  readonly options?: readonly string[]
  /** What happens when it does not match. */
  readonly why: string
}

/** One line of the comparison. A value nobody took is null. */
export interface Compared {
  readonly id: string
  readonly name: string
  readonly unit?: string
  readonly old: number | string
  /** The file's word for the old part, or a reading on it. */
  readonly oldFrom: 'machine file' | 'measured'
  readonly fresh: number | string | null
  readonly verdict: 'match' | 'mismatch' | 'not measured'
}

/** What stands for an old part that nobody knows in one respect: the new one cannot be compared with it. */
export const NOT_KNOWN = 'not known'

/** The same where no file says what the old one is. */
export type OwnSpec = Omit<CompareSpec, 'value'> & Partial<Pick<CompareSpec, 'value'>>

/**
 * Does what was read on the old part agree with the file? If it does not, one of the two is wrong: the reading, or the file for this
 * machine.
 */
export function asInFile(spec: OwnSpec, old: number | string | null): boolean {
  return old === null || spec.value === undefined || matches(spec, spec.value, old)
}

/**
 * Compares a new part with the old one in one respect. A reading on the old part that goes against the file does not overrule it: the new
 * one then has to match both, and what it does not match is what the row names.
 * @param old a reading on the old part; the file's value where none was taken
 * @param fresh the same on the new one; null when it was not taken
 * @example compareOne({ id: 'flats', name: 'flats', unit: 'mm', value: 10, larger: 0.1, smaller: 0.1, why: '' }, null,
 * 10.2).verdict // 'mismatch'
 */
export function compareOne(spec: OwnSpec, old: number | string | null, fresh: number | string | null): Compared {
  const byFile = old === null || (fresh !== null && !asInFile(spec, old) && !matches(spec, spec.value!, fresh))
  const reference = (byFile ? spec.value : old) ?? NOT_KNOWN
  return {
    id: spec.id,
    name: spec.name,
    ...(spec.unit !== undefined ? { unit: spec.unit } : {}),
    old: reference,
    oldFrom: byFile ? 'machine file' : 'measured',
    fresh,
    verdict: fresh === null || reference === NOT_KNOWN ? 'not measured' : matches(spec, reference, fresh) ? 'match' : 'mismatch',
  }
}

function matches(spec: OwnSpec, old: number | string, fresh: number | string): boolean {
  if (typeof old !== 'number' || typeof fresh !== 'number') return String(old) === String(fresh)
  const rounding = 1e-9 * Math.max(1, Math.abs(old))
  return fresh >= old - (spec.smaller ?? 0) - rounding && fresh <= old + (spec.larger ?? 0) + rounding
}
