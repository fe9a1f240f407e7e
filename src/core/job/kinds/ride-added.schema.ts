import { closed, figure, list, need, oneOf, some, text, type Stored } from './fields.schema'
import { array, boolean, number, type Schema } from 'yup'
import { BRAKES, CHANNELS, RIDE_STAGES, type RideLogSummary, STOP_SIGNS } from '../../ride'

const slices = () => array().strict().of(number().strict().nullable().defined()).max(2000).required()
/** Any finite figure: what a logger wrote as time or value may be of any size, and is judged before it comes here. */
const wide = (min = -Number.MAX_VALUE) => figure(min, Number.MAX_VALUE)
const rideLog = (more: object = {}) =>
  some({
    name: need(200),
    rows: wide(0).required(),
    kept: wide(0).required(),
    seconds: wide(0).required(),
    hz: wide(0).required(),
    notes: list(
      closed({ kind: need(20), count: wide(0).required(), row: wide(0).required(), channel: text(20), seconds: wide(0) }),
      60,
    ).required(),
    findings: list(
      closed({ id: need(30), verdict: need(20), value: wide(), u: wide(0), unit: text(16), limit: wide(), heading: wide(), why: text(40) }),
      30,
    ).required(),
    strips: closed({
      from: wide().required(),
      to: wide().required(),
      slices: figure(10, 2000).required(),
      channels: closed(Object.fromEntries(CHANNELS.map((c) => [c, some({ low: slices(), high: slices() })]))).required(),
    }).required(),
    ...more,
  }) as unknown as Schema<RideLogSummary | undefined>

const STRIP = { low: [0, 1, 2, 3, null, 5, 6, 7, 8, 9], high: [1, 2, 3, 4, null, 6, 7, 8, 9, 10] }

const stop = closed({ mfdd: figure(0, 100).required(), from: figure(0, 300).required(), at: wide().required(), brake: oneOf(BRAKES) })
const third = {
  rungs: list(oneOf(RIDE_STAGES).required(), RIDE_STAGES.length).min(1).required(),
  outcome: oneOf(['passed', 'stopped']).required(),
  sign: oneOf(STOP_SIGNS),
  metres: figure(0, 10_000_000),
  minutes: figure(0, 100_000),
  rider: text(120),
  /* On it beside the rider, kg. */ load: figure(0, 100_000),
  brakes: list(
    closed({
      brake: oneOf(BRAKES).required(),
      stops: figure(1, 50).integer().required(),
      from: figure(0, 300),
      metres: figure(0, 1000),
      fresh: boolean().strict(),
    }),
    BRAKES.length,
  ),
  text: text(),
}

export const versions = {
  1: closed({
    text: need(),
    kilometres: figure(0, 10_000),
    stage: oneOf(RIDE_STAGES),
    outcome: oneOf(['passed', 'stopped']),
    log: rideLog(),
  }),
  2: closed({
    text: text(),
    kilometres: figure(0, 10_000),
    stage: oneOf(RIDE_STAGES),
    outcome: oneOf(['passed', 'stopped']).required(),
    sign: oneOf(STOP_SIGNS),
    log: rideLog(),
  }),
  3: closed({ ...third, log: rideLog() }),
  4: closed({ ...third, log: rideLog({ stops: list(stop, 60) }) }),
}

const LOG: RideLogSummary = {
  name: 'ride.csv',
  rows: 40,
  kept: 38,
  seconds: 38,
  hz: 1,
  notes: [{ kind: 'gap', count: 1, row: 12, seconds: 9, channel: 'speed' }],
  findings: [{ id: 'top speed', verdict: 'good', value: 19.2, u: 0.3, unit: 'km/h', limit: 20, heading: 12, why: 'no speed' }],
  strips: { from: 0, to: 38, slices: 10, channels: { speed: STRIP, current: STRIP, voltage: STRIP, temperature: STRIP } },
}

const THIRD = {
  rungs: ['walking pace', 'brake stops'],
  outcome: 'stopped',
  sign: 'noise',
  metres: 220,
  minutes: 6,
  rider: 'p-ines',
  load: 20,
  brakes: [{ brake: 'front', stops: 3, from: 20, metres: 4.1, fresh: true }],
  text: 'at 15 km/h',
} as const

export const samples: Stored<typeof versions> = {
  1: { text: 'pulls clean', kilometres: 1.5, stage: 'gentle', outcome: 'passed', log: LOG },
  2: { text: 'at 15 km/h', kilometres: 1.5, stage: 'gentle', outcome: 'stopped', sign: 'noise', log: LOG },
  3: { ...THIRD, log: LOG },
  4: { ...THIRD, log: { ...LOG, stops: [{ mfdd: 4.1, from: 24, at: 12.5, brake: 'front' }] } },
}
