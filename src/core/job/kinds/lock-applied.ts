import { applyLock } from '../apply-power'
import { asIs, type KindOf } from './kind'
import type { versions } from './lock-applied.schema'

/** Threadlocker was put on. */
export const lockApplied: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['lock'],
  apply(ctx, { subject, ...lock }) {
    applyLock(ctx, subject, lock)
  },
}
