import { crankSeconds, type Cranks, type Figures, midDriveMotor, pointAt, startsFrom, torqueVolts } from '../drive'
import { about, between, type Chance, grows, oneOf } from './chance'
import { PM_FAULTS } from './pm-faults'
import { dutyOf, pulled } from './pm-figures'
import { ofSeries, type PmUnit, soundUnit } from './pm-unit'
import type { SimulatedKind } from './types'

/** A mid-drive, as far as a bench can ask it: winding and Halls lie behind its seal. */
interface MidUnit extends PmUnit {
  /** From the speed magnet to its sensor, mm; none where it is lost. */
  readonly gap: number | null
  /** Cranks with the sensors for cadence and torque, as they turn with the chain off and the motor out of its seat. */
  readonly cranks: Cranks
  /** V by which the second channel for torque differs. */
  readonly channels: number
  /** N·m that its seat adds to the drag of the cranks once it is bolted. */
  readonly seat: number
  /** Sounds when one stands on the pedals. */
  readonly knocks: number
  readonly creaks: number
  /** Bolts of the mount, lock ring, chain ring and cranks are tight. */
  readonly tight: boolean
  /** Share of its help that it gives, and whether it is set to give less. */
  readonly help: number
  readonly setLow: boolean
  /** The chain drives the cranks. */
  readonly hubSeized: boolean
  /** Metres after which help stops; endless where it goes on. */
  readonly stopsAfter: number
}

const FIGURES: Figures = { volts: 48, kv: 75, polePairs: 8, ratio: 21.9, lineOhms: 0.075, spacing: 120 }
const FULL = 54.6
/** A mass of 10 kg on a pedal of 170 mm, N·m. */
const PEDAL = 10 * 9.81 * 0.17

const gear = (u: MidUnit, change: Partial<MidUnit['drive']['gear']>): MidUnit => ({
  ...u,
  drive: { ...u.drive, gear: { ...u.drive.gear, ...change } },
})
/** Speed is seen up to a gap; beyond, help ends after some metres. */
const seesSpeed = (u: MidUnit): boolean => u.gap !== null && u.gap < 19
const cranks = (u: MidUnit, change: Partial<Cranks>): MidUnit => ({ ...u, cranks: { ...u.cranks, ...change } })
const dragging = (u: MidUnit, more: number): Cranks => ({ ...u.cranks, drag: u.cranks.drag + more })
/** Pulses of one turn by hand. */
const pulses = ({ cranks: { magnets, gone } }: MidUnit): number => magnets - gone
/** With too few pulses it believes that nobody pedals. */
const pedals = (u: MidUnit): boolean => pulses(u) > 12
/** Seconds from a turn a second to a standstill. */
const seconds = (of: Cranks): number => crankSeconds(of, 1)

export const midDrive = {
  kind: 'mid-drive',
  unit: (chance: Chance): MidUnit => {
    const [charge, celsius] = [between(chance, 0.35, 1), between(chance, 2, 33)]
    const emf = FULL * (0.82 + 0.17 * charge)
    const of = (): PmUnit['drive'] => ofSeries(midDriveMotor({ ...FIGURES, volts: emf }), emf, celsius + between(chance, 0, 8), chance)
    return {
      ...soundUnit(of(), of(), FIGURES, FULL, charge, chance),
      gap: between(chance, 5, 15),
      cranks: {
        inertia: about(chance, 0.05, 0.04),
        drag: about(chance, 0.16, 0.12),
        magnets: 24,
        gone: 0,
        rest: oneOf(chance, [0.8, 1.5]) + 0.03 * (chance() - 0.5),
        slope: about(chance, 0.016, 0.06),
      },
      channels: 0.02 * (chance() - 0.5),
      seat: 0.015 * chance(),
      knocks: 0.2 * chance(),
      creaks: 0.25 * chance(),
      tight: true,
      help: between(chance, 0.9, 1),
      setLow: false,
      hubSeized: false,
      stopsAfter: Infinity,
    }
  },
  faults: {
    'speed-magnet': (u, s, c) => ({ ...u, gap: s > 0.55 ? null : between(c, 20, 45), stopsAfter: between(c, 5, 40) }),
    'speed-sensor': (u, _, c) => ({ ...u, stopsAfter: between(c, 5, 40) }),
    cadence: (u, s, c) => cranks(u, { gone: s > 0.5 ? 24 : Math.round(between(c, 4, 18)) }),
    'torque-drift': (u, s, c) =>
      cranks(u, { rest: u.cranks.rest + oneOf(c, [-1, 1]) * grows(s, 0.12, 0.7), slope: u.cranks.slope * between(c, 0.5, 1.1) }),
    'torque-zero': (u, s, c) => cranks(u, { rest: u.cranks.rest + grows(s, 0.08, 0.35) * oneOf(c, [-1, 1]) }),
    channels: (u, s, c) => ({ ...u, channels: grows(s, 0.1, 1) * oneOf(c, [-1, 1]) }),
    'display-loom': (u) => u,
    cutoff: (u) => ({ ...u, waits: 'brake' }),
    locked: (u) => ({ ...u, waits: 'lock' }),
    asleep: (u) => ({ ...u, asleep: true }),
    'nylon-gear': (u, s, c) => ({ ...gear(u, { slipsAt: s > 0.45 ? between(c, 0, 3) : between(c, 3, 50) }), knocks: between(c, 0.2, 0.7) }),
    'clutch-slips': (u, s) => gear(u, { slipsAt: grows(1 - s, 3, 60) }),
    'clutch-seized': (u, s) => ({ ...u, cranks: dragging(u, grows(s, 0.5, 3)) }),
    'freehub-seized': (u) => ({ ...u, hubSeized: true }),
    'controller-wet': (u, s, c) => (s > 0.4 ? { ...u, waits: 'lock' } : { ...u, help: between(c, 0.2, 0.7) }),
    winding: (u, s) => ({ ...u, help: u.help * (1 - 0.6 * s) }),
    'hall-sensor': (u, _, c) => ({
      ...u,
      drive: { ...u.drive, inverter: { ...u.drive.inverter, phaseAmps: u.drive.inverter.phaseAmps * between(c, 0.05, 0.5) } },
    }),
    'motor-plug': (u, s, c) => (s > 0.5 ? { ...u, waits: 'lock' } : { ...u, channels: between(c, 0, 0.4) }),
    'pack-contact': (u, s, c) => PM_FAULTS['pack-contact']!(u, s, c),
    'pack-weak': (u, s, c) => PM_FAULTS['pack-weak']!(u, s, c),
    'spindle-bearing': (u, s, c) => ({
      ...u,
      cranks: dragging(u, grows(s, 0.04, 0.8)),
      rough: grows(s, 0.2, 1),
      play: u.play + (c() < 0.6 ? grows(s, 0.3, 2.5) : 0),
    }),
    'seat-deep': (u, s) => ({ ...u, seat: grows(s, 0.12, 1.2) }),
    'shim-missing': (u, s) => ({ ...u, play: u.play + grows(s, 0.4, 2), knocks: grows(s, 0.3, 0.8) }),
    'lock-ring': (u, s) => ({ ...u, tight: false, knocks: grows(s, 0.45, 1) }),
    'mount-loose': (u, s) => ({ ...u, tight: false, creaks: grows(s, 0.45, 1) }),
    'crank-loose': (u, s, c) => ({ ...u, tight: false, creaks: grows(s, 0.3, 0.9), knocks: between(c, 0.2, 0.7) }),
    'not-the-drive': (u, s) => ({ ...u, creaks: grows(s, 0.4, 1) }),
    'low-setting': (u, s) => ({ ...u, help: 0.15 + 0.5 * (1 - s), setLow: true }),
    charger: (u, s, c) => PM_FAULTS.charger!(u, s, c),
    'charge-port': (u, s, c) => PM_FAULTS['charge-port']!(u, s, c),
  } satisfies SimulatedKind<MidUnit>['faults'],
  figures: {
    'pack-rest': (u, c) => [
      u.asleep ? between(c, 0, 0.6) : u.drive.supply.joints[0] === Infinity && c() < 0.5 ? between(c, 0, 0.6) : u.drive.supply.emf,
    ],
    'pack-sag': (u, c) => {
      const { rest, under } = pulled({ ...u, waits: pedals(u) ? u.waits : 'lock' }, c)
      return [rest, rest - (rest - under) * u.help]
    },
    'joint-drop': (u, c) => {
      const { amps } = pulled({ ...u, waits: pedals(u) ? u.waits : 'lock' }, c)
      return [1000 * Math.min(u.drive.supply.emf, amps === 0 ? 0 : u.help * amps * u.drive.supply.joints.reduce((a, b) => a + b, 0))]
    },
    'torque-rest': (u) => [u.asleep ? 0 : u.cranks.rest],
    'torque-mass': (u, c) => (u.asleep ? [0, 0] : [torqueVolts(u.cranks, PEDAL * about(c, 1, 0.03)), u.cranks.rest]),
    channels: (u, c) => {
      const v = torqueVolts(u.cranks, PEDAL)
      return u.asleep ? [0, 0] : [v, v + u.channels * about(c, 1, 0.05)]
    },
    'speed-gap': (u) => [u.gap ?? 99],
    'spindle-time': (u, c) => [about(c, seconds(dragging(u, u.seat)), 0.07)],
    'spindle-out': (u, c) => [about(c, seconds(dragging(u, u.seat)), 0.07), about(c, seconds(u.cranks), 0.07)],
    'spindle-play': (u) => [u.play],
    'charger-volts': (u) => [u.charger[0] * u.fullVolts, u.fullVolts],
    'charge-amps': (u) => [u.charger[1] * 2, 2],
    'group-spread': (u) => [u.spread],
  } satisfies SimulatedKind<MidUnit>['figures'],
  words: {
    'cutoff-off': (u, c) => (c() < (u.waits === 'brake' ? 0.94 : 0.03) ? 'runs' : 'same'),
    walk: (u, c) => {
      const duty = 0.4 * dutyOf(u)
      if (duty === 0 || startsFrom({ ...u.drive, inverter: { ...u.drive.inverter, kind: 'six-step' } }, duty) === 0)
        return c() < 0.96 ? 'nothing' : 'jerks'
      if (u.drive.gear.slipsAt < 45) return c() < 0.9 ? 'slips' : 'runs'
      const full = pointAt(u.drive, duty, 0).torque / pointAt(u.twin, duty, 0).torque
      return full < 0.6 ? (c() < 0.8 ? 'jerks' : 'runs') : c() < 0.96 ? 'runs' : 'jerks'
    },
    cranks: (u, c) => {
      if (u.rough + between(c, -0.12, 0.12) > 0.35) return 'rough'
      return ((u.cranks.drag + u.seat) / 0.17) * about(c, 1, 0.15) > 1.9 ? 'stiff' : 'free'
    },
    'pushed-forward': (u, c) => (u.hubSeized === c() < 0.97 ? 'turn' : 'stand'),
    'stood-on': (u, c) => {
      const [knock, creak] = [u.knocks + between(c, -0.12, 0.12), u.creaks + between(c, -0.12, 0.12)]
      return knock > 0.42 && knock > creak ? 'knocks' : creak > 0.42 ? 'creaks' : 'quiet'
    },
    'bolts-read': (u, c) => (u.tight === c() < 0.96 ? 'tight' : 'loose'),
    'cadence-pulses': (u, c) =>
      u.asleep || pulses(u) === 0 ? 'none' : pulses(u) < 22 ? (c() < 0.85 ? 'some' : 'all') : c() < 0.97 ? 'all' : 'some',
    'stops-after': (u, c) => {
      const helps = dutyOf(u) > 0 && pedals(u)
      if (!helps) return c() < 0.97 ? 'never' : 'on'
      return Number.isFinite(u.stopsAfter) || !seesSpeed(u) ? (c() < 0.95 ? 'metres' : 'on') : c() < 0.97 ? 'on' : 'metres'
    },
    'assist-set': (u, c) => (c() < (u.setLow ? 0.93 : 0.02) ? 'low' : 'usual'),
  } satisfies SimulatedKind<MidUnit>['words'],
} as const satisfies SimulatedKind<MidUnit>
