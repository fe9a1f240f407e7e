import { brushedPoint, type BrushedDrive } from '../drive'
import { about, between, type Chance, grows, oneOf } from './chance'
import type { SimulatedKind } from './types'

/** A column assist: brushed motor on a worm, a torque sensor of two channels, a converter from the pack. */
interface SteeringUnit {
  readonly drive: BrushedDrive
  /** V of both channels at the centre, V for each N·m, and what crossed channels do to their sum. */
  readonly first: number
  readonly second: number
  readonly slope: number
  readonly crossed: boolean
  /** N at the rim without help, with the wheels on the ground; more where something else is heavy. */
  readonly heavy: number
  /** mm of play at the rim. */
  readonly play: number
  readonly converter: number
  readonly rough: number
  readonly joint: number
  readonly speed: boolean
  readonly relay: boolean
  readonly tyres: number
  readonly controller: boolean
}

const torqueWanted = 5

/** Share of its help that it gives, 0 … 1: none where a channel is implausible or the relay is out. */
function help(u: SteeringUnit): number {
  const sum = u.first + u.second
  if (!u.controller || !u.relay || Math.abs(sum - 5) > 0.5 || u.crossed || u.converter < 9) return 0
  const at = brushedPoint({ ...u.drive, emf: u.converter, load: 0.8 }, 1)
  return Math.min(1, (at.amps * u.drive.ke) / (0.8 + u.drive.friction)) * (at.speed > 0 ? 1 : 0.4) * (u.converter < 11 ? 0.6 : 1)
}
/** N at the rim to a side: the centre that is lost helps one side more. */
function rim(u: SteeringUnit, side: 1 | -1): number {
  const lean = ((u.first - 2.5) / 0.1) * 0.15 * side
  return Math.max(6, (95 + u.heavy) * (1 - 0.7 * help(u)) * (1 + (help(u) > 0 ? lean : 0)))
}

export const steeringAssist = {
  kind: 'steering assist',
  unit: (chance: Chance): SteeringUnit => {
    const off = 0.03 * (chance() - 0.5)
    return {
      drive: {
        emf: 12.5,
        sourceOhms: about(chance, 0.03, 0.1),
        pathOhms: about(chance, 0.01, 0.2),
        armatureOhms: about(chance, 0.06, 0.06),
        brushVolts: 0.9,
        field: 'magnets',
        ke: about(chance, 0.05, 0.03),
        friction: about(chance, 0.12, 0.1),
        load: 0,
      },
      first: 2.5 + off,
      second: 2.5 - off + 0.02 * (chance() - 0.5),
      slope: 0.24,
      crossed: false,
      heavy: 0,
      play: between(chance, 3, 11),
      converter: about(chance, 12.6, 0.015),
      rough: 0.1 * chance(),
      joint: 0.1 * chance(),
      speed: true,
      relay: true,
      tyres: about(chance, 1, 0.06),
      controller: true,
    }
  },
  faults: {
    'channel-drift': (u, s, c) => ({ ...u, [oneOf(c, ['first', 'second'] as const)]: 2.5 + oneOf(c, [-1, 1]) * grows(s, 0.15, 1.2) }),
    'channels-swapped': (u) => ({ ...u, crossed: true }),
    'centre-lost': (u, s, c) => {
      const by = oneOf(c, [-1, 1]) * grows(s, 0.08, 0.35)
      return { ...u, first: u.first + by, second: u.second - by }
    },
    supply: (u, s) => ({ ...u, converter: s > 0.6 ? 0.2 : u.converter * (1 - grows(s / 0.6, 0.08, 0.4)) }),
    converter: (u, s) => ({
      ...u,
      converter: u.converter * (1 - grows(s, 0.1, 0.45)),
      drive: { ...u.drive, sourceOhms: u.drive.sourceOhms * grows(s, 2, 8) },
    }),
    relay: (u) => ({ ...u, relay: false }),
    motor: (u, s, c) => ({
      ...u,
      drive: { ...u.drive, armatureOhms: s > 0.6 ? (c() < 0.6 ? Infinity : 3) : u.drive.armatureOhms + grows(s / 0.6, 0.1, 1) },
    }),
    worm: (u, s) => ({ ...u, play: u.play + grows(s, 8, 40), joint: 0.3 * s }),
    coupling: (u, s) => ({ ...u, play: u.play + grows(s, 6, 30), joint: grows(s, 0.4, 0.9) }),
    bearing: (u, s) => ({ ...u, rough: grows(s, 0.25, 1), heavy: grows(s, 6, 50) }),
    'joint-bolt': (u, s) => ({ ...u, play: u.play + grows(s, 10, 60), joint: grows(s, 0.5, 1) }),
    'speed-signal': (u) => ({ ...u, speed: false }),
    controller: (u) => ({ ...u, controller: false }),
    'tyres-low': (u, s) => ({ ...u, tyres: 1 - grows(s, 0.15, 0.6), heavy: grows(s, 15, 60) }),
    'pins-dry': (u, s) => ({ ...u, heavy: grows(s, 15, 90), rough: Math.max(u.rough, 0.25 * s) }),
  } satisfies SimulatedKind<SteeringUnit>['faults'],
  figures: {
    'rim-left': (u, c) => [about(c, rim(u, 1), 0.06)],
    'rim-sides': (u, c) => [about(c, rim(u, 1), 0.06), about(c, rim(u, -1), 0.06)],
    'rim-off-ground': (u, c) => [about(c, 12 + 0.35 * u.heavy * (u.tyres < 0.9 ? 0 : 1) + 22 * u.rough, 0.08)],
    'rim-play': (u) => [u.play],
    'channel-first': (u) => [u.converter < 6 ? 0 : u.first],
    'channel-sum': (u) => {
      const turned = torqueWanted * u.slope
      if (u.converter < 6) return [0]
      return [u.first + turned + (u.crossed ? u.second + turned : u.second - turned)]
    },
    'unit-volts': (u) => [u.converter],
    'unit-sag': (u) => {
      const { amps } = brushedPoint({ ...u.drive, emf: u.converter, load: 0.8 }, help(u) > 0 ? 1 : 0)
      return [u.converter, u.converter - amps * u.drive.sourceOhms]
    },
    'still-amps': (u) => [help(u) > 0 ? brushedPoint({ ...u.drive, emf: u.converter, load: 0.8 }, 1).amps : 0.2],
    'motor-ohms': (u) => [Math.min(99_999, 1000 * u.drive.armatureOhms)],
    'tyre-pressure': (u) => [100 * u.tyres, 100],
  } satisfies SimulatedKind<SteeringUnit>['figures'],
  words: {
    code: (u, c) => {
      const sum = u.first + u.second
      if (!u.controller || u.converter < 6) return c() < 0.85 ? 'dark' : 'none'
      if (Math.abs(sum - 5) > 0.4 || u.crossed) return c() < 0.82 ? 'torque' : 'none'
      if (u.converter < 10.5) return c() < 0.7 ? 'volts' : 'none'
      if (!u.relay) return c() < 0.65 ? 'unit' : 'none'
      if (u.drive.armatureOhms === Infinity) return c() < 0.7 ? 'motor' : 'none'
      if (!u.speed) return c() < 0.75 ? 'speed' : 'none'
      return c() < 0.95 ? 'none' : 'unit'
    },
    'hands-off': (u, c) =>
      help(u) === 0
        ? 'dead'
        : u.crossed || Math.abs(u.first - 2.5) > 0.22
          ? c() < 0.9
            ? 'creeps'
            : 'still'
          : c() < 0.98
            ? 'still'
            : 'creeps',
    'relay-click': (u, c) =>
      u.relay && u.controller && u.converter > 9 ? (c() < 0.96 ? 'clicks' : 'nothing') : c() < 0.96 ? 'nothing' : 'clicks',
    'feel-centre': (u, c) =>
      u.rough + between(c, -0.1, 0.1) > 0.35 ? 'rough' : u.joint + between(c, -0.12, 0.12) > 0.42 ? 'clunks' : 'smooth',
    'joint-marks': (u, c) => (u.joint > 0.48 ? (c() < 0.9 ? 'moved' : 'fast') : c() < 0.96 ? 'fast' : 'moved'),
    'lighter-moving': (u, c) => (help(u) === 0 ? 'same' : u.speed ? (c() < 0.95 ? 'heavier' : 'same') : c() < 0.9 ? 'same' : 'heavier'),
  } satisfies SimulatedKind<SteeringUnit>['words'],
} as const satisfies SimulatedKind<SteeringUnit>
