import { setPower } from '../apply-power'
import { asIs, type KindOf } from './kind'
import type { versions } from './power-changed.schema'

/** It is live now, isolated, or its pack is out. */
export const powerChanged: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['power'],
  apply(ctx, { to, how }) {
    setPower(ctx, to, how)
  },
}
