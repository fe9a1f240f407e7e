import { closed, figure, id, instrumentUsed, list, need, oneOf, text, type Stored } from './fields.schema'
import { isStandIn } from '../../instruments'
import { PROOF_ROLES, ROTORS } from '../../safety'

/** A simulated instrument proves nothing dead. */
const REAL = [
  'real',
  'A stand-in proves nothing dead.',
  (x: unknown): boolean => !isStandIn(x as { readonly id?: string } | string),
] as const
const prover = () =>
  closed(instrumentUsed)
    .required()
    .test(...REAL)

const volts = figure(-2000, 2000).required()

export const versions = {
  1: closed({
    readings: list(closed({ between: need(120), volts, role: oneOf(PROOF_ROLES) }), 20)
      .min(1)
      .required(),
    instrument: need(120).test(...REAL),
  }),
  2: closed({
    readings: list(
      closed({
        /* The connection of the machine file that was measured at; else where, in words, or the role alone. */
        at: id().optional(),
        between: text(120),
        volts,
        role: oneOf(PROOF_ROLES),
      }).test(
        'place',
        '${path} names no place',
        (x) => x === undefined || x.at !== undefined || !!x.between?.trim() || x.role !== undefined,
      ),
      20,
    )
      .min(1)
      .required(),
    instrument: prover(),
  }),
  3: closed({
    readings: list(
      closed({
        at: id().optional(),
        between: text(120),
        volts,
        ac: figure(0, 2000),
        role: oneOf(PROOF_ROLES).required(),
        source: text(120),
      }),
      40,
    )
      .min(1)
      .required(),
    instrument: prover(),
    /* The lowest voltage that the tester's first lamp shows. */
    lowestStep: figure(0, 2000),
    /* How the rotor was kept from turning; above 60 V only. */
    rotor: oneOf(ROTORS),
  }),
}

export const samples: Stored<typeof versions> = {
  1: { readings: [{ between: 'front feed', volts: 0.2, role: 'poles' }], instrument: 'meter 3' },
  2: {
    readings: [{ at: 'front-feed', between: 'front feed', volts: 0.2, role: 'poles' }],
    instrument: { id: 'i-meter-3', name: 'meter 3', calibratedTo: '2027-02-24' },
  },
  3: {
    readings: [
      { role: 'tester before', volts: 340, source: 'proving unit' },
      { at: 'front-feed', between: 'front feed', volts: 0.2, role: 'poles' },
      { between: 'U–V', volts: 0, ac: 0.1, role: 'phases' },
    ],
    instrument: { id: 'i-two-pole', name: 'two-pole tester', calibratedTo: '2027-02-24' },
    lowestStep: 6,
    rotor: 'chocked',
  },
}
