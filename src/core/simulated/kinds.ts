import type { DriveKind } from '../machine'
import { hubDirect } from './hub-direct'
import { hubGeared } from './hub-geared'
import { midDrive } from './mid-drive'

/** Machines that are not there, by the kind of their drive, one line each. */
export const SIMULATED = {
  'hub direct': hubDirect,
  'hub geared': hubGeared,
  'mid-drive': midDrive,
} satisfies { readonly [K in DriveKind]?: { readonly kind: K } }
