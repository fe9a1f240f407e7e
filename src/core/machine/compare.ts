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

/**
 * Compares a new part with the old one in one respect.
 * @param old a reading on the old part; the file's value where none was taken
 * @param fresh the same on the new one; null when it was not taken
 * @example compareOne({ id: 'flats', name: 'flats', unit: 'mm', value: 10, larger: 0.1, smaller: 0.1, why: '' }, null,
 * 10.2).verdict // 'mismatch'
 */
export function compareOne(spec: CompareSpec, old: number | string | null, fresh: number | string | null): Compared {
  const reference = old ?? spec.value
  return {
    id: spec.id,
    name: spec.name,
    ...(spec.unit !== undefined ? { unit: spec.unit } : {}),
    old: reference,
    oldFrom: old === null ? 'machine file' : 'measured',
    fresh,
    verdict: fresh === null ? 'not measured' : matches(spec, reference, fresh) ? 'match' : 'mismatch',
  }
}

function matches(spec: CompareSpec, old: number | string, fresh: number | string): boolean {
  if (typeof old !== 'number' || typeof fresh !== 'number') return String(old) === String(fresh)
  const rounding = 1e-9 * Math.max(1, Math.abs(old))
  return fresh >= old - (spec.smaller ?? 0) - rounding && fresh <= old + (spec.larger ?? 0) + rounding
}
