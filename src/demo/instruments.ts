import type { Instrument, InstrumentKind, InstrumentRange } from '../core/instruments'
import type { UnitId } from '../core/units'

const range = (unit: UnitId, from: number, to: number, more: Partial<InstrumentRange> = {}): InstrumentRange => ({
  unit,
  from,
  to,
  ...more,
})

/** The instruments of Slipway Works, invented. Days of calibration are counted from `now`: one has run out, one soon will. */
export function demoInstruments(now: number): Instrument[] {
  const day = (days: number): string => new Date(now + days * 86_400_000).toISOString().slice(0, 10)
  const meter = [
    range('V', -600, 600, { resolution: 0.01, percent: 0.5, offset: 0.02 }),
    range('mV', -400, 400, { resolution: 0.1, percent: 0.5, offset: 0.3 }),
    range('ohm', 0, 4000, { resolution: 0.1, percent: 0.8, offset: 0.3 }),
    range('A', -10, 10, { resolution: 0.01, percent: 1.2, offset: 0.03 }),
  ]
  const one = (
    id: string,
    name: string,
    kind: InstrumentKind,
    ranges: readonly InstrumentRange[],
    days: number | null,
    more: Partial<Instrument> = {},
  ): Instrument => ({
    id: `i-${id}`,
    name,
    kind,
    ranges,
    calibratedTo: days === null ? null : day(days),
    struck: false,
    ...more,
  })
  return [
    one('meter-1', 'meter 1', 'multimeter', meter, 210, { leads: 0.2 }),
    one('meter-2', 'meter 2', 'multimeter', meter, 19, { leads: 0.3 }),
    one('meter-3', 'meter 3', 'multimeter', meter, 141, { leads: 0.2 }),
    one('two-pole', 'two-pole tester', 'voltage tester', [range('V', 6, 1000)], 88, { lampStep: 6 }),
    one('insulation', 'insulation tester', 'insulation tester', [range('Mohm', 0, 2000, { percent: 3 })], 88, { leads: 0.1 }),
    one('milliohm', 'milliohm meter', 'milliohm meter', [range('mohm', 0, 2000, { resolution: 0.1, percent: 0.5 })], 300),
    one('torque-6', 'torque 1–6', 'torque wrench', [range('Nm', 1, 6, { percent: 6 })], 64, { grip: 120 }),
    one('torque-20', 'torque 4–20', 'torque wrench', [range('Nm', 4, 20, { percent: 4 })], -12, { grip: 230 }),
    one('torque-60', 'torque 10–60', 'torque wrench', [range('Nm', 10, 60, { percent: 4 })], 64, { grip: 390 }),
    one('torque-100', 'torque 20–100', 'torque wrench', [range('Nm', 20, 100, { percent: 4 })], 150, { grip: 470 }),
    one('caliper', 'caliper', 'caliper or gauge', [range('mm', 0, 150, { resolution: 0.01, offset: 0.03 })], 250),
    one('tyre', 'tyre gauge', 'pressure gauge', [range('bar', 0, 10, { resolution: 0.05 })], null),
    one('thermometer', 'probe thermometer', 'thermometer', [range('degC', -50, 300, { resolution: 0.1, offset: 1 })], null),
  ]
}
