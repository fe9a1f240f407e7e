import { loosePiece } from '../tray'
import { nothingReached } from '../tightened'
import type { CheckRule } from './check'

/** What holds axle, steering and brake is as tight as somebody measured, or felt within a band. */
export const tightness: CheckRule = {
  without: 'lead',
  told: 'last',
  matters: (state) => state.up.some((s) => s.joint?.critical !== undefined && (s.torque !== undefined || (s.passes?.length ?? 0) > 1)),
  needs: (state) =>
    nothingReached(state).map(({ step, fixing }) => (fixing ? loosePiece(fixing, 'not read') : { is: 'not read', step: step.id })),
  binds: { gates: ['handed back'], rides: ['ridden'] },
}
