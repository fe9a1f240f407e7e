import type { DriveKind } from '../machine'
import { traction } from './traction'
import { steeringAssist } from './steering-assist'
import { actuator } from './actuator'
import { gearboxBrushed } from './gearbox-brushed'
import { hubDirect } from './hub-direct'
import { hubGeared } from './hub-geared'
import { midDrive } from './mid-drive'

/** Machines that are not there, by the kind of their drive, one line each. */
export const SIMULATED = {
  'hub direct': hubDirect,
  'hub geared': hubGeared,
  'mid-drive': midDrive,
  'gearbox brushed': gearboxBrushed,
  actuator: actuator,
  'steering assist': steeringAssist,
  traction: traction,
} satisfies { readonly [K in DriveKind]?: { readonly kind: K } }
