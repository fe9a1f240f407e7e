/** Reads what was keyed in: comma or point, a leading minus; null when it is no number. */
export function readNumber(text: string): number | null {
  const plain = text.trim().replace('−', '-').replace(',', '.')
  if (!/^-?\d+(\.\d*)?$|^-?\.\d+$/.test(plain)) return null
  const value = Number(plain)
  return Number.isFinite(value) ? value : null
}
