import { flag } from '../apply-context'
import { settle, unseen } from '../claims'
import { proofFaults, type ProofOf, type ProofReading, type Rotor } from '../../safety'
import { isStandIn } from '../../instruments'
import type { InstrumentUsed } from '../../units'
import { proofLasts } from '../settings'
import type { Proof } from '../state'
import { chargeOf, highVoltage } from '../voltage'
import { dischargeOpen, readToBeDead } from '../waits'
import type { KindOf } from './kind'
import type { versions } from './proof-taken.schema'

interface Proved {
  readonly readings: readonly ProofReading[]
  readonly instrument: InstrumentUsed
  /** The lowest voltage that the tester's first lamp shows, V. */
  readonly lowestStep?: number
  readonly rotor?: Rotor
  /** Taken by a build that asked for less. */
  readonly before?: true
}

/** Readings that a build of before knows. */
const isOfBefore = ({ role }: ProofReading): boolean => role !== 'phases' && role !== 'phase to frame'

/** It was measured to be dead, V DC. Above 60 V only the proof of whoever answers for it counts. */
export const proofTaken: KindOf<typeof versions, Proved> = {
  reads: {
    1: ({ instrument, ...body }) => ({ ...body, instrument: { name: instrument }, before: true }),
    2: (body) => ({ ...body, before: true }),
    3: (body) => body,
  },
  writes: {
    1: {
      since: 0,
      write: ({ readings, instrument }) => ({
        readings: readings
          .filter(isOfBefore)
          .map(({ at, between, role, volts }) => ({ volts, ...(role ? { role } : {}), between: between ?? at ?? role ?? 'here' })),
        instrument: instrument.name,
      }),
    },
    2: {
      since: 13,
      // Where a connection or a role says the place, it needs no words.
      write: ({ readings, instrument }) => ({
        readings: readings.filter(isOfBefore).map(({ between, at, role, volts }) => {
          const r = { ...(at !== undefined ? { at } : {}), volts, ...(role ? { role } : {}) }
          return at !== undefined || (role !== undefined && role !== 'poles') || between === undefined ? r : { ...r, between }
        }),
        instrument,
      }),
    },
    3: {
      since: 15,
      write: ({ before: _, readings, ...body }) => ({ ...body, readings: readings.map((r) => ({ ...r, role: r.role ?? 'poles' })) }),
    },
  },
  writers: 'work',
  struckBy: 'lead',
  keyed: true,
  claims: ['proof'],
  apply(ctx, { readings, instrument, lowestStep, rotor, before = false }) {
    const { draft, entry, mark, time } = ctx
    const { cls, volts: full } = chargeOf(draft)
    const of: ProofOf = { full, ...(lowestStep !== undefined ? { lowestStep } : {}), ...(rotor ? { rotor } : {}), before }
    const answered = !highVoltage(draft) || draft.checks['qualified']?.passed?.by === mark.by
    if (!answered) flag(ctx, 'not ready', 'qualified')
    // Above 60 V no reading shortens what the capacitors wait for.
    const waits = cls === 'B' && !before && dischargeOpen(draft)
    if (waits) flag(ctx, 'not ready', 'dead')
    const dead =
      answered &&
      !waits &&
      !isStandIn(instrument) &&
      draft.power.state !== 'live' &&
      proofFaults(readings, cls, draft.settings.deadVolts, of).length === 0
    if (dead && cls === 'A') readToBeDead(ctx)
    if (draft.power.state === 'live') flag(ctx, 'not ready', 'dead')
    const crossed = unseen(draft, entry, 'power').length > 0
    const proof: Proof = {
      ...mark,
      readings,
      instrument,
      of,
      dead,
      lasts: proofLasts(draft.settings, cls),
      from: time.earliest,
      ...(crossed ? { ended: 'power changed meanwhile' } : {}),
    }
    const settled = settle(draft, entry, 'proof', '', dead ? 'dead' : 'not dead', mark, proof)
    draft.power = { ...draft.power, proof: { ...settled.value, ...(settled.disputed ? { disputed: settled.disputed } : {}) } }
  },
}
