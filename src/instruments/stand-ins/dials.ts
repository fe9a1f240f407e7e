import type { InstrumentKind } from '../../core/instruments'
import type { Mode, QuantityId, UnitId } from '../../core/units'

/** One range of a dial: up to where it shows, in what steps, and its error. */
export interface DialRange {
  readonly unit: UnitId
  readonly to: number
  readonly step: number
}

/** One position of an instrument’s dial. */
export interface Dial {
  readonly name: string
  readonly quantity: QuantityId
  readonly mode?: Mode
  /** Smallest first; it chooses by itself. */
  readonly ranges: readonly DialRange[]
  /** Error: share of the reading in per cent, and steps of the last digit. */
  readonly percent: number
  readonly digits: number
  /** Of an insulation test, V. */
  readonly testVolts?: number
}

/** What a simulated instrument of a kind is like: an ordinary one of a bench, estimated. */
export interface StandInKind {
  readonly kind: InstrumentKind
  readonly dials: readonly Dial[]
  /** Resistance of both leads, ohm: it stands in every reading of ohms. */
  readonly leads: number
}

const range = (unit: UnitId, to: number, step: number): DialRange => ({ unit, to, step })
const OHMS = [range('ohm', 600, 0.1), range('kohm', 6, 0.001), range('kohm', 600, 0.1), range('Mohm', 40, 0.01)]
const VOLTS = [range('V', 6, 0.001), range('V', 60, 0.01), range('V', 1000, 0.1)]

const one = (kind: InstrumentKind, quantity: QuantityId, r: DialRange, percent: number, digits: number): StandInKind => ({
  kind,
  leads: 0,
  dials: [{ name: 'on', quantity, ranges: [r], percent, digits }],
})

/** Every instrument that is stood in for, one a kind. */
export const STAND_INS = [
  {
    kind: 'multimeter',
    leads: 0.2,
    dials: [
      { name: 'V DC', quantity: 'voltage', mode: 'V DC', ranges: VOLTS, percent: 0.5, digits: 2 },
      { name: 'V AC', quantity: 'voltage', mode: 'V AC', ranges: VOLTS, percent: 1, digits: 3 },
      { name: 'mV DC', quantity: 'voltage', mode: 'V DC', ranges: [range('mV', 600, 0.1)], percent: 0.5, digits: 3 },
      { name: 'ohm', quantity: 'resistance', mode: 'ohm', ranges: OHMS, percent: 0.9, digits: 2 },
      { name: 'continuity', quantity: 'resistance', mode: 'continuity', ranges: OHMS.slice(0, 1), percent: 0.9, digits: 3 },
      { name: 'diode', quantity: 'voltage', mode: 'diode', ranges: [range('V', 2, 0.001)], percent: 1, digits: 3 },
      { name: 'A DC', quantity: 'current', mode: 'A DC', ranges: [range('A', 10, 0.01)], percent: 1, digits: 3 },
      { name: 'A AC', quantity: 'current', mode: 'A AC', ranges: [range('A', 10, 0.01)], percent: 1.5, digits: 3 },
    ],
  },
  {
    kind: 'clamp meter',
    leads: 0.2,
    dials: [
      { name: 'A DC', quantity: 'current', mode: 'A DC', ranges: [range('A', 40, 0.01), range('A', 400, 0.1)], percent: 2, digits: 5 },
      { name: 'A AC', quantity: 'current', mode: 'A AC', ranges: [range('A', 40, 0.01), range('A', 400, 0.1)], percent: 2, digits: 5 },
      { name: 'V DC', quantity: 'voltage', mode: 'V DC', ranges: VOLTS.slice(1), percent: 1, digits: 3 },
    ],
  },
  {
    kind: 'insulation tester',
    leads: 0.2,
    dials: [100, 250, 500].map((volts) => ({
      name: `${volts} V test`,
      quantity: 'resistance' as const,
      mode: 'insulation' as const,
      ranges: [range('Mohm', 20, 0.01), range('Mohm', 200, 0.1), range('Mohm', 2000, 1)],
      percent: 3,
      digits: 3,
      testVolts: volts,
    })),
  },
  {
    kind: 'milliohm meter',
    leads: 0,
    dials: [
      {
        name: 'four wires',
        quantity: 'resistance',
        mode: 'ohm',
        ranges: [range('mohm', 20, 0.001), range('mohm', 200, 0.01), range('mohm', 2000, 0.1), range('ohm', 20, 0.001)],
        percent: 0.3,
        digits: 4,
      },
    ],
  },
  { kind: 'hall lamp', leads: 0, dials: [{ name: 'on', quantity: 'voltage', ranges: [], percent: 0, digits: 0 }] },
  one('tachometer', 'rotation', range('rpm', 20_000, 0.1), 0.05, 1),
  one('thermometer', 'temperature', range('degC', 400, 0.1), 0.5, 10),
  one('scale', 'mass', range('kg', 50, 0.005), 0.1, 2),
  one('force gauge', 'force', range('N', 500, 0.1), 0.5, 2),
  one('torque wrench', 'torque', range('Nm', 200, 0.1), 3, 0),
  one('caliper or gauge', 'length', range('mm', 200, 0.01), 0, 2),
  {
    kind: 'logger',
    leads: 0,
    dials: [
      { name: 'V DC', quantity: 'voltage', mode: 'V DC', ranges: [range('V', 100, 0.01)], percent: 0.5, digits: 2 },
      { name: 'A DC', quantity: 'current', mode: 'A DC', ranges: [range('A', 100, 0.01)], percent: 1, digits: 3 },
    ],
  },
] as const satisfies readonly StandInKind[]

/** The simulated instrument of a kind; null where none stands in for it. */
export function standInOf(kind: InstrumentKind): StandInKind | null {
  return STAND_INS.find((s) => s.kind === kind) ?? null
}
