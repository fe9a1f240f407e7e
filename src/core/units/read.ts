import { convert, unitId, unitLabel, UNITS } from './quantity'

export type ReadFault =
  | { readonly kind: 'empty' }
  | { readonly kind: 'not a number' }
  | { readonly kind: 'unknown unit'; readonly unit: string }
  | { readonly kind: 'wrong unit'; readonly unit: string }
  | { readonly kind: 'out of range'; readonly value: number; readonly from: number; readonly to: number }

/**
 * Reads what was keyed in as a value in `unit`: comma or point, a minus of either kind, an exponent, and a unit of its own, which is
 * converted where it is of the same kind and refused where it is not.
 * @param unit id or label of a known unit; another word (`turns`, `%`) is taken as it stands and converts to nothing
 * @param range lowest and highest value allowed, in `unit`
 * @example readValue('0,19 Ω', 'mohm', [0, 99_999]) // { ok: true, value: 190 }
 */
export function readValue(
  text: string,
  unit: string,
  range: readonly [number, number],
): { readonly ok: true; readonly value: number } | { readonly ok: false; readonly error: ReadFault } {
  const plain = text.trim().replace('−', '-')
  if (plain === '') return { ok: false, error: { kind: 'empty' } }
  const match = /^([-+]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:e[-+]?\d+)?)\s*(\S.*)?$/i.exec(plain)
  if (!match) return { ok: false, error: { kind: 'not a number' } }
  const number = Number(match[1]!.replace(',', '.'))
  if (!Number.isFinite(number)) return { ok: false, error: { kind: 'not a number' } }
  const [wanted, given] = [unitId(unit), match[2] === undefined ? unit : match[2].trim()]
  let value = number
  if (given !== unit && given !== unitLabel(wanted ?? unit)) {
    const own = unitId(given)
    if (own === null) return { ok: false, error: { kind: 'unknown unit', unit: given } }
    if (wanted === null || UNITS[own].dimension !== UNITS[wanted].dimension)
      return { ok: false, error: { kind: 'wrong unit', unit: given } }
    value = convert(number, own, wanted)
  }
  const [from, to] = range
  return value < from || value > to ? { ok: false, error: { kind: 'out of range', value, from, to } } : { ok: true, value }
}
