import { readCell } from '../machine'
import type { JobState } from './state'

/** A thread and a length as a bag says them: `M5×12`, `M10×1.25×60`. */
const SIZE = /^m(\d+(?:\.\d+)?)(?:×(\d+(?:\.\d+)?))?(?:×(\d+(?:\.\d+)?))?/
const sizeOf = (label: string): { readonly d: string; readonly pitch: string; readonly length: number | null } | null => {
  const found = SIZE.exec(sizeWritten(label).toLowerCase().replaceAll(' ', ''))
  if (!found) return null
  const [, d, a, b] = found
  const pitched = b !== undefined || (a !== undefined && Number(a) < 3)
  return { d: d!, pitch: pitched ? a! : '', length: b !== undefined ? Number(b) : a !== undefined && !pitched ? Number(a) : null }
}

/** A size as this shop writes it: `m5 x 12` is `M5×12`; other words stay as they are. */
export function sizeWritten(text: string): string {
  return text.replaceAll(/(?<=\d)\s*[x*×]\s*(?=\d)/gi, '×').replaceAll(/\bm(?=\d)/g, 'M')
}

/** Is it the same thread and the same length, however it is written? */
const sameSize = (a: string, b: string): boolean => {
  const [one, other] = [sizeOf(a), sizeOf(b)]
  return one !== null && other !== null && one.d === other.d && one.pitch === other.pitch && one.length === other.length
}

/** Lengths that an eye takes for the same: within 4 mm, or a fifth. */
const near = (a: number, b: number): boolean => Math.abs(a - b) <= Math.max(4, Math.max(a, b) / 5)

/** Would one be taken for the other, though they are not the same? Another pitch, or a length near it. */
export function alike(a: string, b: string): boolean {
  const [one, other] = [sizeOf(a), sizeOf(b)]
  if (!one || !other || one.d !== other.d) return false
  if (one.pitch !== other.pitch) return true
  return one.length !== null && other.length !== null && one.length !== other.length && near(one.length, other.length)
}

/** Cells in the order in which the tray has them. */
export const byPlace = (a: string, b: string): number => {
  const [one, other] = [readCell(a), readCell(b)]
  if (!one || !other) return a < b ? -1 : 1
  return one.row - other.row || one.column - other.column
}

/** Pieces that lie in the tray and belong to nothing: what they look like of what came off, and where that lies. */
export function strayLike(
  state: Pick<JobState, 'fixings'>,
  text: string,
): { readonly label: string; readonly cells: readonly string[] } | null {
  const all = Object.values(state.fixings)
  const first = all.find((f) => f.label === text) ?? all.find((f) => sameSize(f.label, text)) ?? all.find((f) => alike(f.label, text))
  if (!first) return null
  const like = all.filter((f) => f.label === first.label)
  const cells = [...new Set(like.flatMap((f) => f.where ?? f.cell ?? []))].sort(byPlace)
  return { label: first.label, cells }
}
