import { flag } from '../apply-context'
import { settle, unseen } from '../claims'
import { proofFaults } from '../../safety'
import { proofLasts } from '../settings'
import type { Proof } from '../state'
import { chargeOf, highVoltage } from '../voltage'
import { asIs, type KindOf } from './kind'
import type { versions } from './proof-taken.schema'

/** It was measured to be dead, V DC. Above 60 V only the proof of whoever answers for it counts. */
export const proofTaken: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'lead',
  keyed: true,
  claims: ['proof'],
  apply(ctx, { readings, instrument }) {
    const { draft, entry, mark, time } = ctx
    const { cls } = chargeOf(draft)
    const answered = !highVoltage(draft) || draft.checks['qualified']?.passed?.by === mark.by
    if (!answered) flag(ctx, 'not ready', 'qualified')
    const dead = answered && draft.power.state !== 'live' && proofFaults(readings, cls, draft.settings.deadVolts).length === 0
    if (draft.power.state === 'live') flag(ctx, 'not ready', 'dead')
    const crossed = unseen(draft, entry, 'power').length > 0
    const proof: Proof = {
      ...mark,
      readings,
      instrument,
      dead,
      lasts: proofLasts(draft.settings, cls),
      from: time.earliest,
      ...(crossed ? { ended: 'power changed meanwhile' } : {}),
    }
    const settled = settle(draft, entry, 'proof', '', dead ? 'dead' : 'not dead', mark, proof)
    draft.power = { ...draft.power, proof: { ...settled.value, ...(settled.disputed ? { disputed: settled.disputed } : {}) } }
  },
}
