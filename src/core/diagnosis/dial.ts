import type { InstrumentKind } from '../instruments'
import type { Mode, UnitId } from '../units'
import type { Test } from './types'

/** What a test is read with, and how it is set. */
export interface Dial {
  readonly kind: InstrumentKind
  /** Null where the instrument has nothing to set. */
  readonly mode: Mode | null
  /** Millivolts, megohms, four wires: what of the setting is easily missed. */
  readonly fine: 'mV' | 'MΩ' | 'four wires' | 'lowest volts' | null
}

/** What reads a unit; a unit that is not here is counted or looked at. */
const READS: Readonly<Partial<Record<UnitId, Dial>>> = {
  V: { kind: 'multimeter', mode: 'V DC', fine: null },
  mV: { kind: 'multimeter', mode: 'V DC', fine: 'mV' },
  A: { kind: 'clamp meter', mode: 'A DC', fine: null },
  ohm: { kind: 'multimeter', mode: 'ohm', fine: null },
  kohm: { kind: 'multimeter', mode: 'ohm', fine: null },
  mohm: { kind: 'milliohm meter', mode: 'ohm', fine: 'four wires' },
  Mohm: { kind: 'multimeter', mode: 'ohm', fine: 'MΩ' },
  s: { kind: 'stopwatch', mode: null, fine: null },
  mm: { kind: 'caliper or gauge', mode: null, fine: null },
  N: { kind: 'force gauge', mode: null, fine: null },
  bar: { kind: 'pressure gauge', mode: null, fine: null },
  degC: { kind: 'thermometer', mode: null, fine: null },
}

/** What a test is read with; null where it is looked at, felt or counted. */
export function dialOf({
  answer,
  modes,
  probe,
  power,
  display,
}: Pick<Test, 'answer' | 'modes' | 'probe' | 'power' | 'display'>): Dial | null {
  if (display) return null
  const [mode] = modes ?? []
  if (mode === 'insulation') return { kind: 'insulation tester', mode, fine: 'lowest volts' }
  if (answer.kind === 'number') {
    const reads = READS[answer.inputUnit]
    return reads ? { ...reads, ...(mode ? { mode } : {}) } : null
  }
  // A word that is read off a meter: by its setting, or by volts where it is live.
  if (mode) return { kind: 'multimeter', mode, fine: null }
  return probe?.kind === 'probes' && power === 'live' ? { kind: 'multimeter', mode: 'V DC', fine: null } : null
}
