import { type DriveKind, type DriveUnit, type Fitting, type MachineFile } from '../machine'

/** What each kind usually has of what not every one has, beside what feeds it. */
const USUAL: { readonly [K in DriveKind]: readonly Fitting[] } = {
  'hub direct': ['rotor sensors'],
  'hub geared': ['rotor sensors'],
  'mid-drive': ['rotor sensors'],
  'gearbox brushed': ['contactor', 'park brake', 'oil bath'],
  traction: ['rotor sensors'],
  'steering assist': [],
  actuator: [],
}

/** What a kind of drive usually has. @param battery false where it hangs on the mains by an adaptor */
export const usualFittings = (kind: DriveKind, battery = true): readonly Fitting[] => [...USUAL[kind], battery ? 'battery' : 'adaptor']

/** What a drive of a machine has: what its file says of it, else what is usual; and what feeds it. */
export function fittingsOf({ kind, fitted }: Pick<DriveUnit, 'kind' | 'fitted'>, file: Pick<MachineFile, 'pack'>): readonly Fitting[] {
  const feeds: Fitting = file.pack === undefined ? 'adaptor' : 'battery'
  return fitted === undefined ? usualFittings(kind, feeds === 'battery') : [...fitted, feeds]
}
