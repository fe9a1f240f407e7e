import type { Compared, ForeignRow, ForeignSpec, OwnSpec } from '../../core/machine'
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

const FOREIGN: Readonly<Record<ForeignRow, { readonly name: string; readonly why: string }>> = {
  'top-speed': { name: 'top speed, no load, full pack', why: 'It goes faster than its class may; the owner is no longer insured.' },
  'hall-spacing': { name: 'Hall spacing', why: 'The controller does not start it, or it shakes.' },
  'pole-pairs': { name: 'pole pairs', why: 'The speed shown is wrong until the setting is changed.' },
  'plug-amps': { name: 'amps its lead and plug carry', why: 'Lead or plug get hot.' },
  amps: { name: 'battery amps at most', why: 'More than lead, plug and pack of this machine are made for.' },
  'full-volts': { name: 'volts it stands', why: 'A full pack breaks it.' },
  'cut-off-volts': { name: 'cut-off', why: 'Too low empties the cells for good; too high stops early.' },
  throttle: { name: 'throttle', why: 'It does not understand this throttle, or runs at once.' },
  'clamped-width': { name: 'width where it is clamped', why: 'It does not go in, or the nuts do not reach.' },
  'seat-diameter': { name: 'diameter of its seat or axle', why: 'It does not go in, or sits loose.' },
  'hole-spacing': { name: 'between two holes', why: 'Its screws do not meet their threads.' },
  'plug-pins': { name: 'pins of its plug', why: 'It cannot be joined.' },
  'lead-length': { name: 'length of its lead', why: 'It does not reach, or is pulled at full lock.' },
  'brake-switch': { name: 'brake switch', why: 'The brake does not cut the drive, or cuts it always.' },
}

/** A row for a part of another make, with its name and what happens where it does not match. */
export const foreignWords = (spec: ForeignSpec): OwnSpec => ({ ...spec, ...FOREIGN[spec.id] })
