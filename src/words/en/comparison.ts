import type { Compared } from '../../core/machine'
import { unitLabel } from '../../core/units'

/** `8 of 9 match`, with what does not. */
export function comparedWords(rows: readonly Compared[]): string {
  const bad = rows.filter((r) => r.verdict === 'mismatch').map((r) => `${r.name} differs`)
  const open = rows.filter((r) => r.verdict === 'not measured').length
  return [
    `${rows.filter((r) => r.verdict === 'match').length} of ${rows.length} match`,
    ...bad,
    ...(open > 0 ? [`${open} not measured`] : []),
  ].join(', ')
}

/** A value with its unit, as the table writes it. */
export function valueWords(value: number | string | null, unit: string | undefined): string {
  if (value === null) return '–'
  return unit === undefined || typeof value === 'string' ? String(value) : `${value} ${unitLabel(unit)}`
}
