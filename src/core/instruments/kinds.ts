import { type QuantityId, UNIT_IDS, type UnitId, UNITS } from '../units'

/** What a kind of instrument measures, and what else has to be known of one. */
interface KindFacts {
  readonly measures: readonly QuantityId[]
  /** It sits on leads, whose resistance counts in a small reading. */
  readonly leads?: true
  /** It can carry an adapter, whose reach changes what it has to be set to. */
  readonly adapter?: true
  /** Its lamps or steps: the smallest that it tells apart. */
  readonly steps?: true
}

/** Every kind of instrument, one line each. */
export const INSTRUMENT_KINDS = {
  multimeter: { measures: ['voltage', 'resistance', 'current', 'capacitance'], leads: true },
  'clamp meter': { measures: ['current', 'voltage'], leads: true },
  'insulation tester': { measures: ['resistance', 'voltage'], leads: true },
  'milliohm meter': { measures: ['resistance'], leads: true },
  'voltage tester': { measures: ['voltage'], leads: true, steps: true },
  'watt meter': { measures: ['power', 'voltage', 'current', 'energy', 'charge'] },
  'torque wrench': { measures: ['torque'], adapter: true },
  'caliper or gauge': { measures: ['length'] },
  'pressure gauge': { measures: ['pressure'] },
  thermometer: { measures: ['temperature'] },
  scale: { measures: ['mass'] },
  'force gauge': { measures: ['force'] },
  tachometer: { measures: ['rotation', 'speed'] },
  'angle gauge': { measures: ['angle'] },
  'hall lamp': { measures: ['voltage'], leads: true, steps: true },
  logger: { measures: ['voltage', 'current', 'power', 'temperature', 'rotation', 'speed'], leads: true },
  stopwatch: { measures: ['time'] },
} as const satisfies Readonly<Record<string, KindFacts>>

export type InstrumentKind = keyof typeof INSTRUMENT_KINDS
export const INSTRUMENT_KIND_IDS = Object.keys(INSTRUMENT_KINDS) as readonly InstrumentKind[]

export function kindFacts(kind: InstrumentKind): KindFacts {
  return INSTRUMENT_KINDS[kind]
}

/** Ranges that one instrument can have. */
export const MOST_RANGES = 6

/** Units that an instrument of this kind may measure in. */
export function unitsOf(kind: InstrumentKind): readonly UnitId[] {
  const { measures } = kindFacts(kind)
  return UNIT_IDS.filter((u) => measures.includes(UNITS[u].dimension))
}
