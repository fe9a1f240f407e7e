import { readValue } from '../core/units'

/**
 * Reads what was keyed in, or typed by an instrument: comma or point, a leading minus, and the unit of the field or another of its kind
 * behind it; null when it is no number.
 * @param unit of the field; where it has none, the figure stands alone
 * @example readNumber('0,5 in', 'mm') // 12.7
 */
export function readNumber(text: string, unit?: string): number | null {
  if (unit !== undefined) {
    const read = readValue(text, unit, [-Number.MAX_VALUE, Number.MAX_VALUE])
    return read.ok ? read.value : null
  }
  const plain = text.trim().replace('−', '-').replace(',', '.')
  if (!/^-?\d+(\.\d*)?$|^-?\.\d+$/.test(plain)) return null
  const value = Number(plain)
  return Number.isFinite(value) ? value : null
}
