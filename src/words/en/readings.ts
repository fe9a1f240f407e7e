import type { JobState } from '../../core/job'
import type { MachineFile } from '../../core/machine'
import type { ProofReading, ProofRole } from '../../core/safety'
import { type InstrumentUsed, type Measurement, type QuantityId, type Result, unitLabel } from '../../core/units'

type Reading = JobState['readings'][number]

export const QUANTITY_WORDS: Readonly<Record<QuantityId, string>> = {
  voltage: 'voltage',
  current: 'current',
  resistance: 'resistance',
  capacitance: 'capacitance',
  power: 'power',
  energy: 'energy',
  charge: 'charge',
  length: 'length',
  angle: 'angle',
  turns: 'turns',
  mass: 'weight',
  force: 'force',
  torque: 'torque',
  pressure: 'pressure',
  temperature: 'temperature',
  time: 'time',
  speed: 'speed',
  rotation: 'rotation',
  'speed constant': 'speed constant',
  share: 'share',
}

const ROLE_WORDS: Readonly<Record<ProofRole, string>> = {
  poles: 'controller side, + and −',
  'plus to frame': '+ to frame',
  'minus to frame': '− to frame',
  phases: 'phase to phase',
  'phase to frame': 'phase to the frame',
  'tester before': 'meter on a known source, before',
  'tester after': 'meter on a known source, after',
}

const figure = (x: number, digits = 5): string => String(Number(x.toPrecision(digits)))

/** A result with its unit: `52.1 V`, `> 2000 MΩ`, `11 to 14 V, not steady`. */
export function resultWords(result: Result, unit: string, digits = 5): string {
  const label = unitLabel(unit.replace(/^unknown: /, ''))
  switch (result.is) {
    case 'value':
      return `${figure(result.value, digits)} ${label}`
    case 'over':
      return `> ${figure(result.limit, digits)} ${label}`
    case 'under':
      return `< ${figure(result.limit, digits)} ${label}`
    case 'unstable':
      return `${figure(result.low, digits)} to ${figure(result.high, digits)} ${label}, not steady`
  }
}

/** Where it was measured: what was said, else the part's name; empty where neither is known. */
export function readingPlace(r: Pick<Reading, 'place' | 'part'>, state: Pick<JobState, 'parts'>): string {
  return r.place ?? (r.part === undefined ? '' : (state.parts[r.part]?.name ?? r.part))
}

/** Where a reading of a proof is taken: as it was written, else the connection's name, else by what it is of. */
export function proofPlace(r: Pick<ProofReading, 'at' | 'between' | 'role'>, file: Pick<MachineFile, 'connections'> | null): string {
  if (r.role === 'phase to frame' && r.between !== undefined && r.between.length <= 2)
    return `${r.between} ${ROLE_WORDS[r.role].replace('phase ', '')}`
  if (r.between !== undefined) return r.between
  if (r.at !== undefined) return `${file?.connections.find((c) => c.id === r.at)?.name ?? r.at}, + and −`
  return ROLE_WORDS[r.role ?? 'poles']
}

/** How it was measured, where that changes what it means: ` (500 V, 60 s)`. */
export function conditionWords(condition: Measurement['condition']): string {
  const parts = [
    condition?.testVolts === undefined ? '' : `${condition.testVolts} V`,
    condition?.seconds === undefined ? '' : `${condition.seconds} s`,
    condition?.temperature === undefined ? '' : `${condition.temperature} °C`,
  ].filter(Boolean)
  return parts.length > 0 ? ` (${parts.join(', ')})` : ''
}

/** With what it was measured, and whether it was in calibration then: `torque 4–20, calibration ended 2026-11-16`. */
export function instrumentWords(used: InstrumentUsed, at: number): string {
  const ended = used.calibratedTo !== undefined && Date.parse(used.calibratedTo) + 86_400_000 <= at
  return ended ? `${used.name}, calibration ended ${used.calibratedTo}` : used.name
}
