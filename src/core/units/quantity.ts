/** Where a number comes from. A number without a source is not shown as a specification. */
export type Source = 'maker' | 'machine file' | 'standard' | 'measured' | 'estimated'

/** A value with its unit and source. `u` is the standard uncertainty in the same unit. */
export interface Quantity {
  readonly value: number
  readonly unit: string
  readonly source: Source
  readonly u?: number
}

/** What can be measured, each in the units of its kind. */
export const QUANTITIES = [
  'voltage',
  'current',
  'resistance',
  'capacitance',
  'power',
  'energy',
  'charge',
  'length',
  'angle',
  'turns',
  'mass',
  'force',
  'torque',
  'pressure',
  'temperature',
  'time',
  'speed',
  'rotation',
  'speed constant',
  'share',
] as const
export type QuantityId = (typeof QUANTITIES)[number]

interface Unit {
  readonly dimension: QuantityId
  /** SI value = (value + offset) × factor. */
  readonly factor: number
  readonly offset?: number
  /** How the screen writes it, where the ASCII id is not fit to read. */
  readonly label?: string
}

const INCH = 0.0254
const POUND = 0.45359237
const STANDARD_GRAVITY = 9.80665

/**
 * Units known to the bench, by the id used in files. Factors are exact by definition
 * (inch, pound, g: ISO 80000 / NIST SP 811).
 */
const TABLE = {
  mm: { dimension: 'length', factor: 1e-3 },
  um: { dimension: 'length', factor: 1e-6, label: 'µm' },
  cm: { dimension: 'length', factor: 1e-2 },
  m: { dimension: 'length', factor: 1 },
  km: { dimension: 'length', factor: 1e3 },
  in: { dimension: 'length', factor: INCH },
  g: { dimension: 'mass', factor: 1e-3 },
  kg: { dimension: 'mass', factor: 1 },
  lb: { dimension: 'mass', factor: POUND },
  s: { dimension: 'time', factor: 1 },
  min: { dimension: 'time', factor: 60 },
  h: { dimension: 'time', factor: 3600 },
  Nm: { dimension: 'torque', factor: 1, label: 'N·m' },
  'lbf.ft': { dimension: 'torque', factor: POUND * STANDARD_GRAVITY * 12 * INCH, label: 'lbf·ft' },
  'lbf.in': { dimension: 'torque', factor: POUND * STANDARD_GRAVITY * INCH, label: 'lbf·in' },
  N: { dimension: 'force', factor: 1 },
  kN: { dimension: 'force', factor: 1e3 },
  kgf: { dimension: 'force', factor: STANDARD_GRAVITY },
  lbf: { dimension: 'force', factor: POUND * STANDARD_GRAVITY },
  Pa: { dimension: 'pressure', factor: 1 },
  kPa: { dimension: 'pressure', factor: 1e3 },
  MPa: { dimension: 'pressure', factor: 1e6 },
  bar: { dimension: 'pressure', factor: 1e5 },
  psi: { dimension: 'pressure', factor: (POUND * STANDARD_GRAVITY) / (INCH * INCH) },
  V: { dimension: 'voltage', factor: 1 },
  mV: { dimension: 'voltage', factor: 1e-3 },
  A: { dimension: 'current', factor: 1 },
  ohm: { dimension: 'resistance', factor: 1, label: 'Ω' },
  mohm: { dimension: 'resistance', factor: 1e-3, label: 'mΩ' },
  kohm: { dimension: 'resistance', factor: 1e3, label: 'kΩ' },
  Mohm: { dimension: 'resistance', factor: 1e6, label: 'MΩ' },
  kV: { dimension: 'voltage', factor: 1e3 },
  mA: { dimension: 'current', factor: 1e-3 },
  W: { dimension: 'power', factor: 1 },
  Wh: { dimension: 'energy', factor: 3600 },
  J: { dimension: 'energy', factor: 1 },
  Ah: { dimension: 'charge', factor: 3600 },
  uF: { dimension: 'capacitance', factor: 1e-6, label: 'µF' },
  degC: { dimension: 'temperature', factor: 1, offset: 273.15, label: '°C' },
  degF: { dimension: 'temperature', factor: 5 / 9, offset: 459.67, label: '°F' },
  'km/h': { dimension: 'speed', factor: 1 / 3.6 },
  'rpm/V': { dimension: 'speed constant', factor: 1 },
  deg: { dimension: 'angle', factor: Math.PI / 180, label: '°' },
  rpm: { dimension: 'rotation', factor: 1 / 60 },
  turns: { dimension: 'turns', factor: 1 },
  '%': { dimension: 'share', factor: 1e-2 },
} as const satisfies Readonly<Record<string, Unit>>

export type UnitId = keyof typeof TABLE
export const UNITS: Readonly<Record<UnitId, Unit>> = TABLE
export const UNIT_IDS = Object.keys(TABLE) as readonly UnitId[]

function unitOf(id: string): Unit {
  if (!isUnit(id)) throw new RangeError(`unknown unit "${id}"`)
  return UNITS[id]
}

/**
 * Converts `value` from one unit to another of the same dimension.
 * @throws RangeError for an unknown unit, a non-finite value or units of different dimensions.
 * @example convert(45, 'Nm', 'lbf.ft') // 33.19…
 */
export function convert(value: number, from: string, to: string): number {
  if (!Number.isFinite(value)) throw new RangeError(`value must be finite, got ${value}`)
  const a = unitOf(from)
  const b = unitOf(to)
  if (a.dimension !== b.dimension) {
    throw new RangeError(`cannot turn ${from} (${a.dimension}) into ${to} (${b.dimension})`)
  }
  return ((value + (a.offset ?? 0)) * a.factor) / b.factor - (b.offset ?? 0)
}

/** The way the screen writes a unit id: `Nm` → `N·m`. Unknown ids are written as they are. */
export function unitLabel(id: string): string {
  return (isUnit(id) ? UNITS[id].label : undefined) ?? id
}

/** True for a unit id the bench can convert. */
export function isUnit(id: string): id is UnitId {
  return Object.hasOwn(UNITS, id)
}

/** The id of a unit given by id or label; upper and lower case count, since m and M do. Null where it is not known. */
export function unitId(text: string): UnitId | null {
  if (isUnit(text)) return text
  const plain = text.replace('\u2126', 'Ω').replace('μ', 'µ')
  return UNIT_IDS.find((id) => UNITS[id].label === plain) ?? null
}

/**
 * A quantity as the screen writes it, at most three decimals, no trailing zeros.
 * @example formatQuantity({ value: 45, unit: 'Nm', source: 'machine file' }) // "45 N·m"
 */
export function formatQuantity(q: Quantity): string {
  return `${formatNumber(q.value)} ${unitLabel(q.unit)}`
}

/** A number with at most `decimals` places and no trailing zeros. */
export function formatNumber(value: number, decimals = 3): string {
  if (!Number.isFinite(value)) throw new RangeError(`value must be finite, got ${value}`)
  return String(Number(value.toFixed(decimals)))
}
