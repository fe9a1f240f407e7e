import { dragAt, type Figures, hubGearedDrive, pointAt, startsFrom, type Turned } from '../drive'
import { about, between, type Chance, grows, oneOf } from './chance'
import { PM_FAULTS } from './pm-faults'
import { backEmf, coastSeconds, dutyOf, freeAmps, pairsMohm, pulled } from './pm-figures'
import { ofSeries, type PmUnit, soundUnit } from './pm-unit'
import type { SimulatedKind } from './types'

/** A geared hub, and what an e-bike has besides. */
interface GearedUnit extends PmUnit {
  /** What the speed sensor in the motor’s plug says, and how many pulses the display expects. */
  readonly speed: 'right' | 'none' | 'odd'
  /** Pulses of the cadence sensor come. */
  readonly pedals: boolean
  /** What the gears sound like: 0 quiet … 1 grinds or clatters. */
  readonly noise: number
}

const FIGURES: Figures = { volts: 48, kv: 39, polePairs: 8, ratio: 5, lineOhms: 0.12, spacing: 120 }
const FULL = 54.6
const FORWARD: Turned = { way: 'forward', plugged: true }

const gear = (u: GearedUnit, change: Partial<GearedUnit['drive']['gear']>): GearedUnit => ({
  ...u,
  drive: { ...u.drive, gear: { ...u.drive.gear, ...change } },
})

/** What it feels like one way against the good one of its kind. */
function feel(u: GearedUnit, turned: Turned, chance: Chance): 'free' | 'drags' | 'even' | 'rough' {
  if (u.rough + between(chance, -0.12, 0.12) > 0.35) return 'rough'
  const by = (dragAt(u.drive, 6, turned) / dragAt(u.twin, 6, turned)) * about(chance, 1, 0.15)
  if (by < 1.7) return 'free'
  const { inverter, motor } = u.drive
  const waves =
    [...inverter.high, ...inverter.low].includes('shorted') || motor.shorted.some((x) => x > 0) || u.drive.gear.clutch === 'none'
  return waves === chance() < 0.9 ? 'drags' : 'even'
}

/** Backward the rotor has to come along: felt by its magnets. */
function backward(u: GearedUnit, plugged: boolean, chance: Chance): string {
  if (u.drive.gear.slipsAt < 4) return chance() < 0.93 ? 'slack' : 'turns'
  const by = feel(u, { way: 'backward', plugged }, chance)
  return by === 'free' ? 'turns' : by === 'rough' ? 'rough' : 'drags'
}

export const hubGeared = {
  kind: 'hub geared',
  unit: (chance: Chance): GearedUnit => {
    const [charge, celsius] = [between(chance, 0.35, 1), between(chance, 2, 33)]
    const emf = FULL * (0.82 + 0.17 * charge)
    const of = (): PmUnit['drive'] => ofSeries(hubGearedDrive({ ...FIGURES, volts: emf }), emf, celsius + between(chance, 0, 6), chance)
    return { ...soundUnit(of(), of(), FIGURES, FULL, charge, chance), speed: 'right', pedals: true, noise: 0.25 * chance() }
  },
  faults: {
    ...PM_FAULTS,
    'gear-stripped': (u, s, c) => ({ ...gear(u, { slipsAt: s > 0.5 ? between(c, 0, 2) : between(c, 2, 25) }), noise: between(c, 0.5, 1) }),
    'clutch-slips': (u, s, c) => ({ ...gear(u, { slipsAt: grows(1 - s, 2, 35) }), noise: between(c, 0.2, 0.6) }),
    'clutch-seized': (u, _, c) => ({ ...gear(u, { clutch: 'none' }), noise: u.noise + between(c, 0, 0.2) }),
    'key-sheared': (u, s, c) => ({ ...gear(u, { slipsAt: s > 0.4 ? between(c, 0, 1) : between(c, 1, 10) }), noise: between(c, 0.1, 0.5) }),
    'planet-loose': (u, s) => ({ ...u, noise: grows(s, 0.5, 1), rough: grows(s, 0.15, 0.7) }),
    'grease-dry': (u, s) => ({ ...gear(u, { efficiency: 0.9 - 0.25 * s }), noise: grows(s, 0.4, 0.9) }),
    'axle-cracked': (u, s, c) => ({ ...u, play: u.play + (c() < 0.4 ? grows(s, 0.2, 1.5) : 0) }),
    'speed-sensor': (u) => ({ ...u, speed: 'none' }),
    'pulses-set': (u) => ({ ...u, speed: 'odd' }),
    'pedal-sensor': (u) => ({ ...u, pedals: false }),
    'motor-plug': (u, s, c) => {
      // Not home, wet or a pin bent: whatever that pin carries.
      const hit = oneOf(
        c,
        s > 0.6 ? (['hall-plug', 'phase-plug', 'speed', 'all'] as const) : (['hall-plug', 'phase-plug', 'speed'] as const),
      )
      if (hit === 'speed') return { ...u, speed: 'none' }
      if (hit === 'all') return { ...PM_FAULTS['phase-wire']!(PM_FAULTS['hall-plug']!(u, 0.9, c), 1, c), speed: 'none' }
      return PM_FAULTS[hit]!(u, s, c)
    },
    'display-loom': (u) => u,
  } satisfies SimulatedKind<GearedUnit>['faults'],
  figures: {
    'pack-rest': (u, c) => [
      u.asleep ? between(c, 0, 0.6) : u.drive.supply.joints[0] === Infinity && c() < 0.5 ? between(c, 0, 0.6) : u.drive.supply.emf,
    ],
    'pack-sag': (u, c) => {
      const { rest, under } = pulled(u, c)
      return [rest, under]
    },
    'joint-drop': (u, c) => {
      const { amps } = pulled(u, c)
      return [1000 * Math.min(u.drive.supply.emf, amps === 0 ? 0 : amps * u.drive.supply.joints.reduce((a, b) => a + b, 0))]
    },
    throttle: (u) => (u.asleep ? [0, 0] : [u.throttle[1], u.throttle[0]]),
    rail: (u) => [u.asleep ? 0 : u.feed],
    'coast-time': (u, c) => [coastSeconds(u.drive, FORWARD, c)],
    phases: (u) => pairsMohm(u),
    'winding-by-file': (u) => [pairsMohm(u)[0]!, 1000 * u.figures.lineOhms],
    // Backward by hand, each pair at a speed of its own.
    'back-emf': (u, c) => backEmf(u.drive, u.drive.gear.slipsAt < 4 ? 0 : 4 * u.drive.gear.ratio).map((v) => about(c, v, 0.05)),
    insulation: (u) => [u.toAxle],
    'phase-to-hall': (u) => [u.toHall],
    'free-amps': (u, c) => [freeAmps(u, c)],
    'temp-sensor': (u) => [u.sensor],
    'charger-volts': (u) => [u.charger[0] * u.fullVolts, u.fullVolts],
    'charge-amps': (u) => [u.charger[1] * 2, 2],
    'group-spread': (u) => [u.spread],
  } satisfies SimulatedKind<GearedUnit>['figures'],
  words: {
    turn: (u, c) => feel(u, FORWARD, c),
    'turn-back': (u, c) => backward(u, true, c),
    'turn-apart': (u, c) => backward(u, false, c),
    'brake-off': (u, c) => {
      const eased = { ...u.drive, friction: { ...u.drive.friction, dry: u.drive.friction.dry - u.braked } }
      const better = dragAt(eased, 6, FORWARD) < 0.7 * dragAt(u.drive, 6, FORWARD)
      return c() < (u.braked > 0 && better ? 0.95 : 0.02) ? 'free' : 'same'
    },
    play: (u, c) => (u.play + between(c, -0.15, 0.15) > 0.45 ? 'play' : 'none'),
    'cutoff-off': (u, c) => (c() < (u.waits === 'brake' ? 0.94 : 0.03) ? 'runs' : 'same'),
    held: (u, c) => {
      const duty = dutyOf(u)
      if (duty === 0 || startsFrom(u.drive, duty) === 0) return c() < 0.96 ? 'nothing' : 'hums'
      if (u.drive.gear.slipsAt < 26) return c() < 0.92 ? 'slips' : 'pulls'
      const full = pointAt(u.drive, duty, 0).torque / pointAt(u.twin, 1, 0).torque
      return startsFrom(u.drive, duty) < 0.99 || full < 0.75 ? (c() < 0.85 ? 'hums' : 'pulls') : c() < 0.95 ? 'pulls' : 'hums'
    },
    listen: (u, c) => {
      const heard = u.noise + between(c, -0.15, 0.15)
      return heard < 0.42
        ? 'quiet'
        : u.drive.gear.slipsAt < 26
          ? c() < 0.8
            ? 'clatters'
            : 'whines'
          : heard > 0.8
            ? c() < 0.5
              ? 'clatters'
              : 'whines'
            : 'whines'
    },
    'speed-shown': (u, c) => (u.speed === 'right' ? (c() < 0.97 ? 'right' : 'none') : u.speed === 'none' ? 'none' : 'odd'),
    'pedal-pulses': (u, c) => ((u.asleep ? false : u.pedals) === c() < 0.97 ? 'come' : 'none'),
  } satisfies SimulatedKind<GearedUnit>['words'],
} as const satisfies SimulatedKind<GearedUnit>
