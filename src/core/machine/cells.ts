/** Cells of the tray, six to a row: A1 … A6, B1 … @param n whole, from 0 @throws RangeError for any other */
export function cellName(n: number): string {
  if (!Number.isInteger(n) || n < 0) throw new RangeError(`cell number must be a whole number from 0, got ${n}`)
  return `${String.fromCharCode(65 + Math.floor(n / 6))}${(n % 6) + 1}`
}

/** The first cell, in order, that nothing lies in. */
export function freeCell(taken: ReadonlySet<string>): string {
  for (let n = 0; ; n++) {
    const cell = cellName(n)
    if (!taken.has(cell)) return cell
  }
}
