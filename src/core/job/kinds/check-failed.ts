import { setCheck } from '../apply-steps'
import { asIs, type KindOf } from './kind'
import type { versions } from './check-failed.schema'

/** A check was not passed. */
export const checkFailed: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['check'],
  apply(ctx, { check, ...found }) {
    setCheck(ctx, check, 'failed', found)
  },
}
