import { disturbLock } from '../apply-power'
import { asIs, type KindOf } from './kind'
import type { versions } from './lock-disturbed.schema'

/** Threadlocker was moved before it had cured. */
export const lockDisturbed: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['lock'],
  apply(ctx, { subject, reason }) {
    disturbLock(ctx, subject, reason)
  },
}
