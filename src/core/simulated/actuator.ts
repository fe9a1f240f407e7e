import { type Actuator, strokePoint, type Way } from '../drive'
import { about, between, type Chance, grows, oneOf } from './chance'
import type { SimulatedKind } from './types'

/** A 24 V actuator on its adaptor: motor, screw, end switches, position feedback. */
interface ActuatorUnit {
  readonly rod: Actuator
  /** N·m at the motor by which nut, pins or mount are stiff. */
  readonly stiff: number
  /** V of feedback for each mm, and its offset; none where it is dead. */
  readonly feedback: readonly [number, number]
  readonly adaptor: number
  readonly plug: 'home' | 'loose'
  readonly controller: boolean
  readonly toFrame: number
  readonly scatter: number
  readonly noise: number
  readonly bent: boolean
  readonly trips: boolean
}

const FULL = 24

/** Current, speed and seconds either way. */
function moved(u: ActuatorUnit, way: Way): ReturnType<typeof strokePoint> {
  if (!u.controller || u.plug === 'loose') return { amps: 0, posts: 0, speed: 0, seconds: Infinity }
  const { motor } = u.rod
  return strokePoint({ ...u.rod, motor: { ...motor, emf: u.adaptor, friction: motor.friction + u.stiff } }, way)
}
const motor = (u: ActuatorUnit, change: Partial<Actuator['motor']>): Actuator => ({ ...u.rod, motor: { ...u.rod.motor, ...change } })

export const actuator = {
  kind: 'actuator',
  unit: (chance: Chance): ActuatorUnit => ({
    rod: {
      motor: {
        emf: FULL,
        sourceOhms: about(chance, 0.5, 0.1),
        pathOhms: about(chance, 0.12, 0.2),
        armatureOhms: about(chance, 2.4, 0.05),
        brushVolts: 1.2,
        field: 'magnets',
        ke: about(chance, 0.06, 0.03),
        friction: about(chance, 0.03, 0.12),
        load: 0,
      },
      inertia: 4e-6,
      ratio: 20,
      thread: { lead: 0.004, diameter: 0.012, friction: between(chance, 0.09, 0.14) },
      stroke: 0.1,
      newtons: between(chance, 60, 140),
      out: true,
      in: true,
      carries: true,
    },
    stiff: 0.004 * chance(),
    feedback: [about(chance, 0.048, 0.02), between(chance, 0.05, 0.15)],
    adaptor: about(chance, 24.2, 0.01),
    plug: 'home',
    controller: true,
    toFrame: 10 ** between(chance, 1.3, 4),
    scatter: 0.02 * chance(),
    noise: 0.25 * chance(),
    bent: false,
    trips: false,
  }),
  faults: {
    adaptor: (u, s, c) => ({
      ...u,
      adaptor: s > 0.5 ? between(c, 0, 2) : u.adaptor,
      rod: s > 0.5 ? u.rod : motor(u, { sourceOhms: grows(s * 2, 4, 25) }),
    }),
    plug: (u, s) => (s > 0.5 ? { ...u, plug: 'loose' } : { ...u, rod: motor(u, { pathOhms: u.rod.motor.pathOhms + grows(s * 2, 1, 20) }) }),
    'end-switch': (u, _, c) => ({ ...u, rod: { ...u.rod, [oneOf(c, ['out', 'in'] as const)]: false } }),
    feedback: (u, s, c) => ({
      ...u,
      feedback: s > 0.5 ? [0, oneOf(c, [0.02, 4.95])] : [u.feedback[0] * between(c, 0.4, 0.85), u.feedback[1] + between(c, 0, 0.6)],
    }),
    'nut-stripped': (u, s, c) => ({
      ...u,
      rod: { ...u.rod, carries: s < 0.3 },
      noise: between(c, 0.3, 0.8),
      stiff: s < 0.3 ? 0.03 : 0,
    }),
    // Dry flanks rub more, and the nut pinches.
    'screw-dry': (u, s) => ({
      ...u,
      rod: { ...u.rod, thread: { ...u.rod.thread, friction: grows(s, 0.2, 0.45) } },
      stiff: grows(s, 0.012, 0.12),
      noise: grows(s, 0.35, 0.9),
    }),
    'pin-bent': (u, s) => ({ ...u, bent: true, stiff: grows(s, 0.01, 0.12) }),
    brushes: (u, s) => ({ ...u, rod: motor(u, { armatureOhms: s > 0.5 ? Infinity : u.rod.motor.armatureOhms + grows(s * 2, 1, 15) }) }),
    'screw-in-winding': (u, s) => ({ ...u, toFrame: grows(1 - s, 0.0005, 0.2) }),
    winding: (u, s) => ({
      ...u,
      rod: motor(u, { ke: u.rod.motor.ke * (1 - 0.4 * s), armatureOhms: u.rod.motor.armatureOhms * (1 - 0.4 * s) }),
      scatter: 0.05 + 0.3 * s,
    }),
    controller: (u) => ({ ...u, controller: false }),
    'over-duty': (u) => ({ ...u, trips: true, controller: false }),
    'load-heavy': (u, s) => ({ ...u, rod: { ...u.rod, newtons: u.rod.newtons + grows(s, 900, 5000) } }),
  } satisfies SimulatedKind<ActuatorUnit>['faults'],
  figures: {
    'supply-rest': (u) => [u.adaptor],
    'supply-moving': (u) => {
      const { amps } = moved(u, 'out').amps > 0 ? moved(u, 'out') : moved(u, 'in')
      return [u.adaptor, u.adaptor - amps * u.rod.motor.sourceOhms]
    },
    'amps-out': (u) => [moved(u, 'out').amps],
    'amps-in': (u) => [moved(u, 'in').amps],
    'stroke-time': (u, c) => [about(c, Math.min(300, Math.min(moved(u, 'out').seconds, moved(u, 'in').seconds)), 0.02)],
    feedback: (u) => [u.feedback[1] + 60 * u.feedback[0], u.feedback[1] + 20 * u.feedback[0]],
    'motor-ohms': (u, c) => [Math.min(99_999, about(c, u.rod.motor.armatureOhms, 0.05))],
    insulation: (u) => [u.toFrame],
  } satisfies SimulatedKind<ActuatorUnit>['figures'],
  words: {
    moves: (u, c) => {
      const [out, back] = [moved(u, 'out').seconds < 600, moved(u, 'in').seconds < 600]
      if (out && back) return c() < 0.97 ? 'both' : 'none'
      return out || back ? 'one' : moved(u, 'out').speed > 1 && c() < 0.9 ? 'heard' : 'none'
    },
    'end-diodes': (u, c) => {
      // Measured through the motor: without a brush nothing passes either way.
      const shown = u.rod.motor.armatureOhms === Infinity ? 'both' : u.rod.out && u.rod.in ? 'right' : 'open'
      return c() < 0.96 ? shown : oneOf(c, ['right', 'open', 'both'] as const)
    },
    lamp: (u, c) => (u.adaptor > 5 === c() < 0.97 ? 'lit' : 'dark'),
    listen: (u, c) =>
      moved(u, 'out').speed < 1 && moved(u, 'in').speed < 1 ? 'silent' : u.noise + between(c, -0.12, 0.12) > 0.42 ? 'grinds' : 'even',
    'pins-look': (u, c) => (u.bent === c() < 0.93 ? 'bent' : 'straight'),
    'after-rest': (u, c) => (c() < (u.trips ? 0.95 : 0.02) ? 'runs' : 'same'),
    unloaded: (u, c) => (u.rod.newtons > 600 ? (c() < 0.8 ? 'better' : 'same') : c() < 0.95 ? 'same' : 'better'),
  } satisfies SimulatedKind<ActuatorUnit>['words'],
} as const satisfies SimulatedKind<ActuatorUnit>
