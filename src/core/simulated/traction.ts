import { angleOff, chargedAfter, type Figures, type PmDrive, pairOhms, pointAt, type Resolver, resolverOhms, tractionMotor } from '../drive'
import { about, between, type Chance, grows, oneOf } from './chance'
import { PM_FAULTS } from './pm-faults'
import { backEmf, dutyOf } from './pm-figures'
import { ofSeries, type PmUnit, soundUnit } from './pm-unit'
import type { SimulatedKind } from './types'

/** A liquid-cooled traction drive above 60 V: resolver, inverter, pre-charge, interlock, coolant. Taken by the qualified person. */
interface TractionUnit extends PmUnit {
  readonly resolver: Resolver
  /** Of the worst of its windings to the frame, MΩ. */
  readonly resolverToFrame: number
  /** Electrical degrees by which a current sensor that is off turns its field. */
  readonly fieldOff: number
  /** V of the 12 V side at rest and under load, and out of its converter. */
  readonly low: readonly [number, number]
  readonly converter: number
  readonly interlock: number
  /** Pre-charge: Ω of its resistor, F of the capacitor; a relay welded or dead. */
  readonly precharge: number
  readonly farad: number
  readonly relay: 'right' | 'welded' | 'dead'
  /** K by which the coolant is warmer behind the motor. */
  readonly rise: number
  readonly pump: boolean
  readonly service: boolean
  readonly bus: number
  readonly earth: number
  readonly code: string
  /** MΩ of motor and cable alone, after 60 s. */
  readonly alone: number
  readonly lock: boolean
}

const FIGURES: Figures = { volts: 350, kv: 14, polePairs: 4, ratio: 24, lineOhms: 0.018, spacing: 120 }
const FULL = 403.2
const also = (u: TractionUnit, change: Partial<TractionUnit>): TractionUnit => ({ ...u, ...change })

/** One winding of the resolver changed: 0 the fed one, 1 sine, 2 cosine. */
function winding(u: TractionUnit, what: 'ohms' | 'shorted', k: number, to: (x: number) => number): TractionUnit {
  const [a, b, d] = u.resolver[what]
  const list = [k === 0 ? to(a) : a, k === 1 ? to(b) : b, k === 2 ? to(d) : d] as const
  return { ...u, resolver: { ...u.resolver, [what]: list } }
}
/** Ω of one winding, as a meter shows it. */
const ohms = (u: TractionUnit, k: 0 | 1 | 2): number => Math.min(99_999, resolverOhms(u.resolver)[k])

/** Electrical degrees by which it feeds its motor beside the best place; null where it is not told where the rotor is. */
function offBy(u: TractionUnit): number | null {
  const angle = angleOff(u.resolver)
  return angle === null || angle > 120 ? null : angle + u.fieldOff
}

/** Is it ready to drive, and how much of its torque does it give? */
function gives(u: TractionUnit): number {
  const off = offBy(u)
  if (
    dutyOf(u) === 0 ||
    u.low[1] < 10.5 ||
    u.interlock > 20 ||
    u.relay !== 'right' ||
    !u.service ||
    off === null ||
    u.bus > 90 ||
    u.bus < 40 ||
    u.alone < 0.3
  )
    return 0
  if (u.drive.motor.leadOhms.includes(Infinity) || [...u.drive.inverter.high, ...u.drive.inverter.low].some((s) => s !== 'sound'))
    return 0.05
  const pull = (drive: PmDrive): number => pointAt(drive, 0.5, 0).torque
  const torque = pull({ ...u.drive, halls: { ...u.drive.halls, ahead: off } }) / pull(u.twin)
  return Math.max(0.05, torque) * (u.drive.motor.shorted.some((x) => x > 0) ? 0.75 : 1) * (u.pump ? 1 : 0.45)
}

export const traction = {
  kind: 'traction',
  unit: (chance: Chance): TractionUnit => {
    const [charge, celsius] = [between(chance, 0.3, 1), between(chance, 2, 33)]
    const emf = FULL * (0.82 + 0.17 * charge)
    const of = (): PmDrive => ofSeries(tractionMotor({ ...FIGURES, volts: emf }), emf, celsius + between(chance, 0, 10), chance)
    return {
      ...soundUnit(of(), of(), FIGURES, FULL, charge, chance),
      resolver: {
        ohms: [about(chance, 24, 0.04), about(chance, 48, 0.012), about(chance, 48, 0.012)],
        shorted: [0, 0, 0],
        taught: 2 * (chance() - 0.5),
      },
      resolverToFrame: 10 ** between(chance, 1.5, 4),
      fieldOff: 0,
      low: [about(chance, 12.7, 0.01), about(chance, 12.2, 0.012)],
      converter: about(chance, 14, 0.012),
      interlock: between(chance, 0.4, 3),
      precharge: about(chance, 300, 0.05),
      farad: about(chance, 0.0007, 0.05),
      relay: 'right',
      rise: between(chance, 3, 7.5),
      pump: true,
      service: true,
      bus: about(chance, 60, 0.01),
      earth: between(chance, 1, 7),
      code: 'none',
      alone: 10 ** between(chance, 2.1, 4.3),
      lock: true,
    }
  },
  faults: {
    'resolver-open': (u, _, c) =>
      also(
        winding(u, 'ohms', Math.floor(c() * 3), () => Infinity),
        { code: 'angle' },
      ),
    'resolver-short': (u, s, c) =>
      also(
        winding(u, 'shorted', Math.floor(c() * 3), () => grows(s, 0.12, 0.9)),
        {
          resolverToFrame: c() < 0.4 ? grows(1 - s, 0.001, 1) : u.resolverToFrame,
          code: 'angle',
        },
      ),
    'resolver-plug': (u, s, c) =>
      also(
        winding(u, 'ohms', s > 0.5 ? 1 : 0, (x) => (s > 0.5 ? Infinity : x + between(c, 5, 60))),
        { code: 'angle' },
      ),
    'angle-off': (u, s, c) =>
      also(u, { resolver: { ...u.resolver, taught: oneOf(c, [-1, 1]) * grows(s, 15, 95) }, code: s > 0.6 ? 'angle' : 'none' }),
    'phase-lug': (u, s, c) => also(PM_FAULTS['phase-plug']!(u, Math.min(0.9, s), c), { code: s > 0.8 ? 'phase' : 'none' }),
    winding: (u, s, c) =>
      also(PM_FAULTS.winding!(u, s, c), { code: s > 0.5 ? 'phase' : 'none', alone: c() < 0.4 ? grows(1 - s, 0.05, 60) : u.alone }),
    'insulation-low': (u, s) => also(u, { alone: grows(1 - s, 0.02, 40), code: s > 0.4 ? 'isolation' : 'none' }),
    'cable-wet': (u, s) => also(u, { alone: grows(1 - s, 0.1, 60), code: s > 0.5 ? 'isolation' : 'none' }),
    magnets: (u, s, c) => PM_FAULTS.magnets!(u, s, c),
    bearing: (u, s, c) => PM_FAULTS.bearing!(u, s, c),
    spline: (u, s) => also(u, { play: u.play + grows(s, 0.8, 5), rough: Math.max(u.rough, 0.3 * s) }),
    'temp-sensor': (u, s, c) => also(PM_FAULTS['temp-sensor']!(u, s, c), { code: 'hot' }),
    'current-offset': (u, s) => also(u, { code: 'phase', fieldOff: 4 + 10 * s }),
    'switch-open': (u, s, c) => also(PM_FAULTS.gate!(u, s, c), { code: 'phase' }),
    'switch-shorted': (u, s, c) => also(PM_FAULTS.bridge!(u, s, c), { code: 'phase' }),
    interlock: (u, s) => also(u, { interlock: s > 0.4 ? 99_999 : grows(s / 0.4, 8, 200), code: 'interlock' }),
    precharge: (u, s) => also(u, { precharge: s > 0.4 ? 1e6 : u.precharge * grows(s / 0.4, 2, 8), relay: 'dead', code: 'bus low' }),
    'relay-welded': (u) => also(u, { relay: 'welded', code: 'relay' }),
    'relay-dead': (u) => also(u, { relay: 'dead', code: 'relay' }),
    'service-plug': (u) => also(u, { service: false, interlock: 99_999, code: 'interlock' }),
    'low-volts': (u, s) => also(u, { low: [u.low[0] * (1 - 0.08 * s), u.low[1] * (1 - grows(s, 0.12, 0.4))], code: 'low' }),
    converter: (u, s) =>
      also(u, { converter: u.converter * (1 - grows(s, 0.08, 0.2)), low: [u.low[0] * 0.95, u.low[1] * (1 - 0.18 * s)], code: 'low' }),
    pump: (u, s) => also(u, { pump: false, rise: s > 0.5 ? 0.4 : grows(s, 9, 18), code: 'hot' }),
    'coolant-air': (u, s) => also(u, { rise: grows(s, 9, 22), code: s > 0.4 ? 'hot' : 'none' }),
    bus: (u, _, c) => also(u, { bus: oneOf(c, [120, 118, 3, 35]), code: 'bus' }),
    'park-lock': (u) => also(u, { lock: false, waits: 'lock' }),
    'command-pot': (u, s, c) => also(PM_FAULTS.throttle!(u, s, c), { code: 'command' }),
    locked: (u) => also(u, { waits: 'lock' }),
    charger: (u, s, c) => PM_FAULTS.charger!(u, s, c),
    'charge-port': (u, s, c) => PM_FAULTS['charge-port']!(u, s, c),
    'pack-weak': (u, s, c) => PM_FAULTS['pack-weak']!(u, s, c),
    'earth-strap': (u, s) => also(u, { earth: grows(s, 15, 2000), code: s > 0.6 ? 'isolation' : 'none' }),
  } satisfies SimulatedKind<TractionUnit>['faults'],
  figures: {
    'low-rest': (u) => [u.low[0]],
    'low-load': (u) => [u.low[1]],
    'converter-volts': (u) => [u.converter],
    'interlock-ohms': (u) => [u.interlock],
    'resolver-excitation': (u) => [ohms(u, 0)],
    'resolver-balance': (u) => [ohms(u, 1), ohms(u, 2)],
    'resolver-frame': (u) => [u.resolverToFrame],
    phases: (u) => pairOhms(u.drive.motor).map((x) => Math.min(99_999, 1000 * x)),
    'winding-by-file': (u) => [Math.min(99_999, 1000 * pairOhms(u.drive.motor)[0]), 1000 * u.figures.lineOhms],
    alone: (u, c) => [about(c, u.alone, 0.08)],
    'back-emf': (u, c) => backEmf(u.drive, between(c, 2, 5) * u.drive.gear.ratio).map((v) => about(c, v, 0.006)),
    'back-emf-file': (u) => {
      const [now, file] = [backEmf(u.drive, 60)[0], backEmf({ ...u.twin }, 60)[0]]
      return [now, file]
    },
    'precharge-time': (u) => [
      u.relay === 'welded' ? 0.01 : u.precharge > 1e5 || u.relay === 'dead' ? 20 : Math.min(20, chargedAfter(0.9, u.precharge, u.farad)),
    ],
    'earth-mohm': (u) => [u.earth],
    'coolant-rise': (u, c) => [about(c, u.rise, 0.08)],
    'bus-ohms': (u) => [u.bus],
    command: (u) => [u.throttle[1], u.throttle[0]],
    'temp-sensor': (u) => [u.sensor],
    'charge-amps': (u) => [u.charger[1] * 16, 16],
    'group-spread': (u) => [u.spread],
  } satisfies SimulatedKind<TractionUnit>['figures'],
  words: {
    codes: (u, c) => (c() < 0.86 ? u.code : c() < 0.7 ? 'none' : oneOf(c, ['none', 'phase', 'low', 'angle'])),
    drives: (u, c) => {
      const g = gives(u)
      if (g === 0) return c() < 0.97 ? 'nothing' : 'weak'
      if ((offBy(u) ?? 0) > 12 || g < 0.3) return c() < 0.75 ? 'jerks' : 'weak'
      return g < 0.85 ? (c() < 0.85 ? 'weak' : 'drives') : c() < 0.97 ? 'drives' : 'weak'
    },
    'relay-sound': (u, c) =>
      u.low[1] < 10.5 || u.interlock > 20 || !u.service
        ? 'nothing'
        : u.relay === 'right'
          ? c() < 0.95
            ? 'two'
            : 'one'
          : u.relay === 'welded'
            ? c() < 0.85
              ? 'one'
              : 'two'
            : c() < 0.8
              ? 'one'
              : 'nothing',
    'pump-heard': (u, c) => (u.pump === c() < 0.95 ? 'hums' : 'silent'),
    level: (u, c) => (u.rise > 10 && u.pump ? (c() < 0.7 ? 'low' : 'right') : c() < 0.96 ? 'right' : 'low'),
    'turn-by-hand': (u, c) =>
      u.rough + between(c, -0.12, 0.12) > 0.35
        ? 'rough'
        : u.play > 1.2 && c() < 0.85
          ? 'play'
          : [...u.drive.inverter.high, ...u.drive.inverter.low].includes('shorted') || u.drive.motor.shorted.some((x) => x > 0.06)
            ? c() < 0.9
              ? 'drags'
              : 'free'
            : 'free',
    'park-lets-go': (u, c) => (u.lock === c() < 0.96 ? 'frees' : 'held'),
  } satisfies SimulatedKind<TractionUnit>['words'],
} as const satisfies SimulatedKind<TractionUnit>
