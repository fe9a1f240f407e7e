import type { DriveKind } from '../machine'
import { hubDirect } from './hub-direct'

/** Machines that are not there, by the kind of their drive, one line each. */
export const SIMULATED = {
  'hub direct': hubDirect,
} satisfies { readonly [K in DriveKind]?: { readonly kind: K } }
