import { setCheck } from '../apply-steps'
import { asIs, type KindOf } from './kind'
import type { versions } from './check-passed.schema'

/** A check was passed, with what shows it. */
export const checkPassed: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['check', 'step'],
  apply(ctx, { check, step, ...shown }) {
    setCheck(ctx, check, 'passed', shown, step)
  },
}
