import { flag } from '../apply-context'
import { settle, unseen } from '../claims'
import { proofFaults, type ProofReading } from '../../safety'
import type { InstrumentUsed } from '../../units'
import { proofLasts } from '../settings'
import type { Proof } from '../state'
import { chargeOf, highVoltage } from '../voltage'
import type { KindOf } from './kind'
import type { versions } from './proof-taken.schema'

interface Proved {
  readonly readings: readonly ProofReading[]
  readonly instrument: InstrumentUsed
}

/** It was measured to be dead, V DC. Above 60 V only the proof of whoever answers for it counts. */
export const proofTaken: KindOf<typeof versions, Proved> = {
  reads: { 1: ({ instrument, ...body }) => ({ ...body, instrument: { name: instrument } }), 2: (body) => body },
  writes: {
    1: {
      since: 0,
      write: ({ readings, instrument }) => ({
        readings: readings.map(({ at, between, ...r }) => ({ ...r, between: between ?? at ?? r.role ?? 'here' })),
        instrument: instrument.name,
      }),
    },
    2: {
      since: 13,
      // Where a connection or a role says the place, it needs no words.
      write: ({ readings, instrument }) => ({
        readings: readings.map(({ between, ...r }) =>
          r.at !== undefined || (r.role !== undefined && r.role !== 'poles') || between === undefined ? r : { ...r, between },
        ),
        instrument,
      }),
    },
  },
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
