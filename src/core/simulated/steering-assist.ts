import { type Column, helped } from '../drive'
import { about, between, type Chance, grows, oneOf } from './chance'
import type { SimulatedKind } from './types'

/** A column assist: brushed motor on a worm, a torque sensor of two channels, a converter from the pack. */
interface SteeringUnit {
  readonly column: Column
  /** V of both channels at the centre, V for each N·m, and what crossed channels do to their sum. */
  readonly first: number
  readonly second: number
  readonly slope: number
  readonly crossed: boolean
  /** mm of play at the rim. */
  readonly play: number
  readonly converter: number
  readonly rough: number
  readonly joint: number
  readonly speed: boolean
  readonly relay: boolean
  readonly tyres: number
  /** N·m that dry king pins or joints add at the column. */
  readonly pins: number
  readonly controller: boolean
}

const torqueWanted = 5

/** What its unit allows of its help, 0 … 1: nothing where a channel is implausible or the relay is out. */
function asked(u: SteeringUnit): number {
  const sum = u.first + u.second
  if (!u.controller || !u.relay || Math.abs(sum - 5) > 0.5 || u.crossed || u.converter < 9) return 0
  return u.converter < 11 ? 0.4 : 1
}
const working = (u: SteeringUnit) =>
  helped({ ...u.column, heavy: u.column.heavy + u.pins, motor: { ...u.column.motor, emf: u.converter } }, asked(u))
/** N at the rim to a side: the centre that is lost helps one side more. */
function rim(u: SteeringUnit, side: 1 | -1): number {
  const { rim: newtons, share } = working(u)
  const lean = ((u.first - 2.5) / 0.1) * 0.15 * side
  return Math.max(6, newtons * (1 + (share > 0 ? lean : 0)))
}
/** N·m more of what the column turns. */
const heavier = (u: SteeringUnit, more: number): Column => ({ ...u.column, heavy: u.column.heavy + more })
const motor = (u: SteeringUnit, change: Partial<Column['motor']>): Column => ({ ...u.column, motor: { ...u.column.motor, ...change } })

export const steeringAssist = {
  kind: 'steering assist',
  unit: (chance: Chance): SteeringUnit => {
    const off = 0.03 * (chance() - 0.5)
    return {
      column: {
        motor: {
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
        worm: { lead: 0.0137, diameter: 0.012, friction: between(chance, 0.05, 0.08) },
        ratio: 17,
        rim: 0.19,
        heavy: about(chance, 14.5, 0.06),
        bearing: about(chance, 0.4, 0.2),
        gain: about(chance, 2, 0.05),
      },
      first: 2.5 + off,
      second: 2.5 - off + 0.02 * (chance() - 0.5),
      slope: 0.24,
      crossed: false,
      play: between(chance, 3, 11),
      converter: about(chance, 12.6, 0.015),
      rough: 0.1 * chance(),
      joint: 0.1 * chance(),
      speed: true,
      relay: true,
      tyres: about(chance, 1, 0.06),
      pins: 0,
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
      column: motor(u, { sourceOhms: u.column.motor.sourceOhms * grows(s, 2, 8) }),
    }),
    relay: (u) => ({ ...u, relay: false }),
    motor: (u, s, c) => ({
      ...u,
      column: motor(u, { armatureOhms: s > 0.6 ? (c() < 0.6 ? Infinity : 3) : u.column.motor.armatureOhms + grows(s / 0.6, 0.3, 2) }),
    }),
    worm: (u, s) => ({ ...u, play: u.play + grows(s, 8, 40), joint: 0.3 * s }),
    coupling: (u, s) => ({ ...u, play: u.play + grows(s, 6, 30), joint: grows(s, 0.4, 0.9) }),
    bearing: (u, s) => ({ ...u, rough: grows(s, 0.25, 1), column: { ...u.column, bearing: u.column.bearing + grows(s, 1, 9) } }),
    'joint-bolt': (u, s) => ({ ...u, play: u.play + grows(s, 10, 60), joint: grows(s, 0.5, 1) }),
    'speed-signal': (u) => ({ ...u, speed: false }),
    controller: (u) => ({ ...u, controller: false }),
    'tyres-low': (u, s) => ({ ...u, tyres: 1 - grows(s, 0.15, 0.6), column: heavier(u, grows(s, 3, 12)) }),
    'pins-dry': (u, s) => ({ ...u, pins: grows(s, 3, 17), rough: Math.max(u.rough, 0.25 * s) }),
  } satisfies SimulatedKind<SteeringUnit>['faults'],
  figures: {
    'rim-left': (u, c) => [about(c, rim(u, 1), 0.06)],
    'rim-sides': (u, c) => [about(c, rim(u, 1), 0.06), about(c, rim(u, -1), 0.06)],
    // Off the ground the tyres no longer rub: its own bearing, the pins, and whatever help is asked.
    'rim-off-ground': (u, c) => [about(c, Math.max(4, helped({ ...u.column, heavy: 1.6 + u.pins }, 0).rim * 0.7), 0.08)],
    'rim-play': (u) => [u.play],
    'channel-first': (u) => [u.converter < 6 ? 0 : u.first],
    'channel-sum': (u) => {
      const turned = torqueWanted * u.slope
      if (u.converter < 6) return [0]
      return [u.first + turned + (u.crossed ? u.second + turned : u.second - turned)]
    },
    'unit-volts': (u) => [u.converter],
    'unit-sag': (u) => {
      const { amps } = working(u)
      return [u.converter, u.converter - amps * u.column.motor.sourceOhms]
    },
    'still-amps': (u) => [0.2 + working(u).amps],
    'motor-ohms': (u) => [Math.min(99_999, 1000 * u.column.motor.armatureOhms)],
    'tyre-pressure': (u) => [100 * u.tyres, 100],
  } satisfies SimulatedKind<SteeringUnit>['figures'],
  words: {
    code: (u, c) => {
      const sum = u.first + u.second
      if (!u.controller || u.converter < 6) return c() < 0.85 ? 'dark' : 'none'
      if (Math.abs(sum - 5) > 0.4 || u.crossed) return c() < 0.82 ? 'torque' : 'none'
      if (u.converter < 10.5) return c() < 0.7 ? 'volts' : 'none'
      if (!u.relay) return c() < 0.65 ? 'unit' : 'none'
      if (u.column.motor.armatureOhms === Infinity) return c() < 0.7 ? 'motor' : 'none'
      if (!u.speed) return c() < 0.75 ? 'speed' : 'none'
      return c() < 0.95 ? 'none' : 'unit'
    },
    'hands-off': (u, c) =>
      working(u).share === 0
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
    'lighter-moving': (u, c) =>
      working(u).share === 0 ? 'same' : u.speed ? (c() < 0.95 ? 'heavier' : 'same') : c() < 0.9 ? 'same' : 'heavier',
  } satisfies SimulatedKind<SteeringUnit>['words'],
} as const satisfies SimulatedKind<SteeringUnit>
