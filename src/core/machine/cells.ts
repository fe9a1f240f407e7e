/** The tray on the bench: rows by letter, columns by number. */
export interface Tray {
  readonly rows: number
  readonly columns: number
}

/** Where nobody has said otherwise; what a tray may have. */
export const USUAL_TRAY: Tray = { rows: 8, columns: 6 }
export const MOST_TRAY: Tray = { rows: 26, columns: 12 }

const rowName = (row: number): string =>
  row < 26 ? String.fromCharCode(65 + row) : `${rowName(Math.floor(row / 26) - 1)}${String.fromCharCode(65 + (row % 26))}`

/**
 * Cells of the tray, row by row: A1 … A6, B1 …; after Z comes AA, in a second tray beside the first.
 * @param n whole, from 0
 * @throws RangeError for any other
 */
export function cellName(n: number, { columns }: Tray = USUAL_TRAY): string {
  if (!Number.isInteger(n) || n < 0) throw new RangeError(`cell number must be a whole number from 0, got ${n}`)
  return `${rowName(Math.floor(n / columns))}${(n % columns) + 1}`
}

/** The first cell, in order, that nothing lies in. */
export function freeCell(taken: ReadonlySet<string>, tray: Tray = USUAL_TRAY): string {
  for (let n = 0; ; n++) {
    const cell = cellName(n, tray)
    if (!taken.has(cell)) return cell
  }
}

/** Row and column of a cell, from 0; null where it is written as no cell is. */
export function readCell(cell: string): { readonly row: number; readonly column: number } | null {
  const found = /^([A-Z]{1,2})([1-9]\d?)$/.exec(cell)
  if (!found) return null
  const row = [...found[1]!].reduce((n, letter) => n * 26 + letter.charCodeAt(0) - 64, 0) - 1
  return { row, column: Number(found[2]) - 1 }
}

/** Is it written as a cell is? */
export const isCell = (cell: string): boolean => readCell(cell) !== null
/** Has the tray that cell? */
export function inTray(cell: string, { rows, columns }: Tray): boolean {
  const at = readCell(cell)
  return at !== null && at.row < rows && at.column < columns
}
