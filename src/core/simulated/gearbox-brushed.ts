import { barSpread, brushedPoint, type BrushedDrive } from '../drive'
import { about, between, type Chance, grows, oneOf } from './chance'
import type { SimulatedKind } from './types'

/** A brushed motor in its gearbox, as far as a bench can ask it. */
interface BrushedUnit {
  readonly drive: BrushedDrive
  readonly charge: number
  /** The lowest of its blocks under load, V below the mean. */
  readonly block: number
  /** mm of brush left, of 25 new. */
  readonly brush: number
  readonly openBars: number
  readonly shortedBars: number
  readonly toFrame: number
  /** 0 bright … 1 burnt; sparks of their own. */
  readonly burnt: number
  readonly rough: number
  readonly drag: number
  readonly noise: number
  readonly oil: 'right' | 'low' | 'milky'
  /** The park brake: what feeds it, and whether it lets go. */
  readonly park: 'releases' | 'not fed' | 'stuck'
  readonly coil: number
  readonly contactor: 'pulls' | 'dead' | 'welded'
  readonly command: readonly [number, number]
  readonly direction: boolean
  readonly breaker: boolean
  readonly waits: boolean
  readonly shorted: boolean
  readonly crossed: boolean
  readonly charger: readonly [number, number]
  /** Ω of a wound field, and the resistor that fills the capacitor across the contactor. */
  readonly field: number
  readonly fills: boolean
  readonly belt: Belt
}

/** A belt after the motor, where there is one. */
interface Belt {
  /** How far it gives against a sixty-fourth of its span; it slips above 3 under load. */
  readonly gives: number
  readonly look: 'true' | 'off' | 'worn'
  readonly pulley: 'fast' | 'loose'
  readonly idler: number
}

const FULL = 29.4

const path = (u: BrushedUnit, more: number): BrushedUnit => ({ ...u, drive: { ...u.drive, pathOhms: u.drive.pathOhms + more } })
const armature = (u: BrushedUnit, more: number): BrushedUnit => ({ ...u, drive: { ...u.drive, armatureOhms: u.drive.armatureOhms + more } })
const belt = (u: BrushedUnit, change: Partial<Belt>): BrushedUnit => ({ ...u, belt: { ...u.belt, ...change } })
/** What is asked of the motor at full command. */
function duty(u: BrushedUnit): number {
  const [rest, full] = u.command
  if (u.waits || u.contactor === 'dead' || !u.direction || !u.breaker || u.shorted || full < 1.2 || rest > 1.3 || full > 4.6) return 0
  return Math.min(1, Math.max(0, (full - 0.9) / 2.6))
}
const held = (u: BrushedUnit): number => (u.park === 'releases' ? 0 : 6) + u.drag
const free = (u: BrushedUnit) => brushedPoint({ ...u.drive, load: held(u) }, duty(u))
const pulling = (u: BrushedUnit, c: Chance) => brushedPoint({ ...u.drive, load: held(u) + about(c, 1.6, 0.15) }, duty(u))

export const gearboxBrushed = {
  kind: 'gearbox brushed',
  unit: (chance: Chance): BrushedUnit => {
    const charge = between(chance, 0.4, 1)
    const emf = FULL * (0.83 + 0.05 * charge)
    return {
      drive: {
        emf,
        sourceOhms: about(chance, 0.022, 0.12),
        pathOhms: about(chance, 0.006, 0.2),
        armatureOhms: about(chance, 0.09, 0.05),
        brushVolts: about(chance, 1.1, 0.1),
        field: 'magnets',
        ke: about(chance, 0.08, 0.03),
        friction: about(chance, 0.22, 0.12),
        load: 0,
      },
      charge,
      block: 0.12 * chance(),
      brush: between(chance, 11, 25),
      openBars: 0,
      shortedBars: 0,
      toFrame: 10 ** between(chance, 0.8, 3.9),
      burnt: 0.3 * chance(),
      rough: 0.1 * chance(),
      drag: 0,
      noise: 0.25 * chance(),
      oil: 'right',
      park: 'releases',
      coil: between(chance, 26, 39),
      contactor: 'pulls',
      command: [between(chance, 0.4, 0.7), between(chance, 3.6, 4.3)],
      direction: true,
      breaker: true,
      waits: false,
      shorted: false,
      crossed: false,
      charger: [about(chance, 1, 0.01), about(chance, 0.95, 0.04)],
      field: about(chance, 0.35, 0.08),
      fills: true,
      belt: { gives: between(chance, 0.75, 1.3), look: 'true', pulley: 'fast', idler: 0.15 * chance() },
    }
  },
  faults: {
    'brushes-short': (u, s, c) => ({
      ...armature(u, s > 0.7 ? (c() < 0.6 ? Infinity : 2) : grows(s, 0.05, 0.6)),
      brush: between(c, 2, 7.5),
      burnt: u.burnt + 0.4 * s,
    }),
    'brushes-stuck': (u, s, c) => ({ ...armature(u, s > 0.5 ? Infinity : grows(s, 0.1, 2)), burnt: u.burnt + 0.3 * c() }),
    'commutator-burnt': (u, s) => ({ ...armature(u, grows(s, 0.02, 0.5)), burnt: 0.5 + 0.5 * s }),
    'bar-open': (u, s, c) => ({ ...armature(u, 0.09 * between(c, 0.3, 1)), openBars: 1, burnt: 0.4 + 0.4 * s }),
    'bars-shorted': (u, s, c) => ({
      ...u,
      shortedBars: 1 + Math.floor(4 * s),
      burnt: 0.3 + 0.3 * c(),
      drive: { ...u.drive, friction: u.drive.friction * (1.5 + 2 * s) },
    }),
    'armature-frame': (u, s) => ({ ...u, toFrame: grows(1 - s, 0.0005, 0.4) }),
    'magnet-cracked': (u, s) => ({ ...u, rough: grows(s, 0.2, 1), drive: { ...u.drive, ke: u.drive.ke * (1 - grows(s, 0.08, 0.35)) } }),
    bearing: (u, s) => ({
      ...u,
      rough: grows(s, 0.25, 1),
      noise: grows(s, 0.3, 0.8),
      drive: { ...u.drive, friction: u.drive.friction + grows(s, 0.1, 1.2) },
    }),
    gear: (u, s, c) => ({ ...u, noise: grows(s, 0.5, 1), rough: c() < 0.5 ? grows(s, 0.2, 0.9) : u.rough }),
    'key-sheared': (u) => ({ ...u, noise: 0.5, drive: { ...u.drive, friction: u.drive.friction * 0.8 } }),
    'oil-low': (u, s) => ({
      ...u,
      oil: 'low',
      noise: grows(s, 0.3, 0.9),
      drive: { ...u.drive, friction: u.drive.friction * (1 + 0.6 * s) },
    }),
    'oil-water': (u, s) => ({ ...u, oil: 'milky', noise: u.noise + 0.3 * s }),
    'park-stuck': (u) => ({ ...u, park: 'stuck' }),
    'park-feed': (u, s, c) => ({ ...u, park: 'not fed', coil: s > 0.5 ? 99_999 : u.coil * between(c, 0.9, 1.1) }),
    'contactor-coil': (u) => ({ ...u, contactor: 'dead' }),
    'contactor-burnt': (u, s) => path(u, s > 0.8 ? Infinity : grows(s / 0.8, 0.02, 0.6)),
    'contactor-welded': (u) => ({ ...u, contactor: 'welded' }),
    'bridge-shorted': (u) => ({ ...u, shorted: true }),
    'command-pot': (u, s, c) => ({
      ...u,
      command: s > 0.5 ? oneOf(c, [[0.02, 0.05] as const, [4.8, 4.9] as const]) : [u.command[0] + 0.3 * c(), between(c, 1.2, 2.6)],
    }),
    'direction-switch': (u) => ({ ...u, direction: false }),
    breaker: (u) => ({ ...u, breaker: false }),
    'pack-weak': (u, s, c) => ({
      ...u,
      block: grows(s, 0.35, 3),
      drive: { ...u.drive, sourceOhms: u.drive.sourceOhms * grows(s, 2, 6), emf: u.drive.emf * (1 - 0.05 * s * c()) },
    }),
    'hot-lug': (u, s) => path(u, s > 0.9 ? Infinity : grows(s / 0.9, 0.015, 0.4)),
    crossed: (u) => ({ ...u, crossed: true }),
    locked: (u) => ({ ...u, waits: true }),
    drags: (u, s) => ({ ...u, drag: grows(s, 0.4, 3) }),
    charger: (u, s, c) => ({ ...u, charger: s > 0.4 ? [between(c, 0, 0.3), 0] : [between(c, 0.8, 0.95), between(c, 0, 0.6)] }),
    'precharge-open': (u) => ({ ...u, fills: false, contactor: 'dead' }),
    adaptor: (u, s, c) => ({
      ...u,
      drive: s > 0.5 ? { ...u.drive, emf: between(c, 0, 2) } : { ...u.drive, sourceOhms: u.drive.sourceOhms * grows(s * 2, 4, 30) },
    }),
    'field-open': (u) => ({ ...path(u, Infinity), field: 99_999 }),
    'belt-slack': (u, s, c) => belt(u, { gives: grows(s, 1.7, 6), look: c() < 0.3 + 0.5 * s ? 'worn' : 'true' }),
    'belt-off-line': (u, s) => ({
      ...belt(u, { look: 'off', gives: u.belt.gives * (1 + 0.2 * s) }),
      noise: Math.max(u.noise, grows(s, 0.25, 0.7)),
      drive: { ...u.drive, friction: u.drive.friction * (1 + 0.5 * s) },
    }),
    'pulley-loose': (u) => belt(u, { pulley: 'loose' }),
    'idler-bearing': (u, s) => ({ ...belt(u, { idler: grows(s, 0.3, 1) }), noise: grows(s, 0.35, 0.9) }),
  } satisfies SimulatedKind<BrushedUnit>['faults'],
  figures: {
    'pack-rest': (u) => [u.drive.emf],
    'pack-sag': (u, c) => [u.drive.emf, u.drive.emf - pulling(u, c).amps * u.drive.sourceOhms * duty(u)],
    'block-lowest': (u, c) => [u.drive.emf / 2, u.drive.emf / 2 - u.block * between(c, 0.9, 1.1)],
    posts: (u, c) => [u.shorted ? 0 : pulling(u, c).posts],
    'posts-rest': (u) => [u.contactor === 'welded' && u.breaker ? u.drive.emf : 0.02],
    'joint-drop': (u, c) => {
      const { amps } = pulling(u, c)
      return [1000 * Math.min(u.drive.emf, amps === 0 ? 0 : amps * u.drive.pathOhms)]
    },
    'free-amps': (u) => [free(u).amps],
    'bar-spread': (u, c) => [100 * Math.max(0.02, barSpread(24, u.openBars, u.shortedBars)) * about(c, 1, 0.2)],
    'brush-length': (u) => [u.brush],
    insulation: (u) => [u.toFrame],
    'park-coil': (u) => [u.coil],
    command: (u) => [u.command[1], u.command[0]],
    'charger-volts': (u) => [u.charger[0] * FULL, FULL],
    'charge-amps': (u) => [u.charger[1] * 8, 8],
    'field-ohms': (u) => [u.field],
    'belt-deflection': (u, c) => [4 * u.belt.gives * about(c, 1, 0.05), 4],
  } satisfies SimulatedKind<BrushedUnit>['figures'],
  words: {
    'turn-motor': (u, c) => (u.rough + between(c, -0.1, 0.1) > 0.35 ? 'rough' : u.drive.friction > 0.55 && c() < 0.85 ? 'stiff' : 'free'),
    'roll-free': (u, c) => (u.park === 'releases' ? (u.drag > 0.8 && c() < 0.9 ? 'drags' : 'rolls') : c() < 0.95 ? 'held' : 'drags'),
    'park-click': (u, c) =>
      u.park === 'releases'
        ? c() < 0.97
          ? 'lets-go'
          : 'clicks'
        : u.park === 'stuck'
          ? c() < 0.8
            ? 'clicks'
            : 'nothing'
          : c() < 0.96
            ? 'nothing'
            : 'clicks',
    'contactor-click': (u, c) =>
      u.contactor === 'pulls'
        ? u.waits || !u.breaker
          ? c() < 0.7
            ? 'nothing'
            : 'clicks'
          : c() < 0.97
            ? 'clicks'
            : 'nothing'
        : u.contactor === 'welded'
          ? c() < 0.6
            ? 'nothing'
            : 'clicks'
          : 'nothing',
    sparks: (u, c) => {
      if (free(u).amps === 0) return 'no-run'
      const b = u.burnt + between(c, -0.12, 0.12)
      return u.openBars > 0 && c() < 0.8 ? 'one' : b > 0.5 ? 'round' : 'even'
    },
    commutator: (u, c) => (u.openBars > 0 && c() < 0.8 ? 'one' : u.burnt + between(c, -0.12, 0.12) > 0.5 ? 'burnt' : 'brown'),
    oil: (u, c) => (c() < 0.97 ? u.oil : oneOf(c, ['right', 'low', 'milky'] as const)),
    listen: (u, c) =>
      free(u).amps === 0 && u.noise < 0.9 && c() < 0.9 ? 'no-run' : u.noise + between(c, -0.15, 0.15) > 0.42 ? 'grinds' : 'even',
    breaker: (u, c) => (u.breaker === c() < 0.98 ? 'in' : 'out'),
    direction: (u, c) => (u.direction === c() < 0.97 ? 'closes' : 'open'),
    way: (u, c) => (free(u).amps === 0 ? 'stands' : u.crossed === c() < 0.97 ? 'backward' : 'right'),
    'drives-itself': (u, c) => (u.contactor === 'welded' && duty({ ...u, command: [0.5, 4] }) > 0 && c() < 0.9 ? 'drives' : 'stands'),
    'precharge-volts': (u, c) => {
      if (u.drive.emf < 3 || u.waits || !u.breaker) return 'none'
      if (!u.fills || u.shorted) return c() < 0.94 ? 'stays' : 'falls'
      return u.contactor === 'welded' ? (c() < 0.9 ? 'none' : 'falls') : c() < 0.97 ? 'falls' : 'stays'
    },
    'belt-look': (u, c) => (c() < 0.95 ? u.belt.look : oneOf(c, ['true', 'off', 'worn'] as const)),
    'pulley-marked': (u, c) => (free(u).speed === 0 ? 'stood' : (u.belt.pulley === 'loose') === c() < 0.95 ? 'apart' : 'together'),
    'idler-spin': (u, c) => (u.belt.idler + between(c, -0.1, 0.1) > 0.25 ? 'rough' : 'quiet'),
  } satisfies SimulatedKind<BrushedUnit>['words'],
} as const satisfies SimulatedKind<BrushedUnit>
