import { pinFunction } from '../harness'
import { type DriveKind, type DriveUnit, type Fitting, type MachineFile } from '../machine'

/** What each kind usually has of what not every one has, beside what feeds it. */
const USUAL: { readonly [K in DriveKind]: readonly Fitting[] } = {
  'hub direct': ['rotor sensors', 'winding sensor'],
  'hub geared': ['rotor sensors', 'winding sensor'],
  'mid-drive': ['rotor sensors'],
  'gearbox brushed': ['contactor', 'park brake', 'oil bath'],
  traction: ['rotor sensors', 'winding sensor'],
  'steering assist': [],
  actuator: [],
}

/** What a kind of drive usually has. @param battery false where it hangs on the mains by an adaptor */
export const usualFittings = (kind: DriveKind, battery = true): readonly Fitting[] => [...USUAL[kind], battery ? 'battery' : 'adaptor']

/** What a drive of a machine has: what its file says of it, else what is usual; what feeds it; and what has a pin in one of its plugs. */
export function fittingsOf(
  { kind, fitted }: Pick<DriveUnit, 'kind' | 'fitted'>,
  file: Pick<MachineFile, 'pack' | 'connections'>,
): readonly Fitting[] {
  const feeds: Fitting = file.pack === undefined ? 'adaptor' : 'battery'
  if (fitted !== undefined) return [...fitted, feeds]
  const sensed = file.connections.some((c) => c.pins.some((p) => pinFunction(p.function) === 'temperature'))
  return usualFittings(kind, feeds === 'battery').filter((f) => f !== 'winding sensor' || sensed)
}
