import { dragAt, type Figures, hubDirectDrive } from '../drive'
import { about, between, type Chance } from './chance'
import { PM_FAULTS } from './pm-faults'
import { backEmf, coasts, freeAmps, pairsMohm, pulled } from './pm-figures'
import { ofSeries, type PmUnit, soundUnit } from './pm-unit'
import type { SimulatedKind } from './types'

/** Any direct hub: what is told of it is told as a share of what its file says, so that one stands for all. */
const FIGURES: Figures = { volts: 36, kv: 11.5, polePairs: 15, ratio: 1, lineOhms: 0.16, spacing: 120 }
const FULL = 42
const HAND = { way: 'forward', plugged: true } as const

/** How much more it drags by hand than the good one, at a turn a second; a little of it is the hand’s. */
const felt = (unit: PmUnit, plugged: boolean, chance: Chance, eased = 0): number => {
  const { friction } = unit.drive
  const drive = { ...unit.drive, friction: { ...friction, dry: friction.dry - eased } }
  return (dragAt(drive, 6, { ...HAND, plugged }) / dragAt(unit.twin, 6, { ...HAND, plugged })) * about(chance, 1, 0.15)
}
/** What a drag feels like: its own kind of rough before all. */
function feel(unit: PmUnit, plugged: boolean, chance: Chance): 'free' | 'drags' | 'even' | 'rough' {
  if (unit.rough + between(chance, -0.12, 0.12) > 0.35) return 'rough'
  const by = felt(unit, plugged, chance)
  if (by < 1.7) return 'free'
  const { inverter, motor } = unit.drive
  const waves = [...inverter.high, ...inverter.low].includes('shorted') || motor.shorted.some((x) => x > 0)
  return waves === chance() < 0.9 ? 'drags' : 'even'
}

export const hubDirect = {
  kind: 'hub direct',
  unit: (chance: Chance) => {
    const [charge, celsius] = [between(chance, 0.35, 1), between(chance, 5, 35)]
    const emf = FULL * (0.82 + 0.17 * charge)
    const of = (): PmUnit['drive'] => ofSeries(hubDirectDrive({ ...FIGURES, volts: emf }), emf, celsius + between(chance, 0, 6), chance)
    return soundUnit(of(), of(), FIGURES, FULL, charge, chance)
  },
  faults: PM_FAULTS,
  figures: {
    'pack-rest': (u, c) => [
      u.asleep ? between(c, 0, 0.6) : u.drive.supply.joints[0] === Infinity && c() < 0.5 ? between(c, 0, 0.6) : u.drive.supply.emf,
    ],
    'pack-sag': (u, c) => {
      const { rest, under } = pulled(u, c)
      return [rest, under]
    },
    throttle: (u) => (u.asleep ? [0, 0] : [u.throttle[1], u.throttle[0]]),
    rail: (u) => [u.asleep ? 0 : u.feed],
    coast: (u, c) => coasts(u, HAND, c),
    phases: (u) => pairsMohm(u),
    'back-emf': (u, c) => {
      const omega = between(c, 12, 28)
      return backEmf(u.drive, omega).map((v) => about(c, v, 0.004))
    },
    'back-emf-level': (u, c) => {
      const omega = between(c, 12, 28)
      return [backEmf(u.drive, omega)[0], about(c, backEmf(u.twin, omega)[0], 0.01)]
    },
    'winding-by-file': (u) => [pairsMohm(u)[0]!, 1000 * u.figures.lineOhms],
    insulation: (u) => [u.toAxle],
    'phase-to-hall': (u) => [u.toHall],
    'free-amps': (u, c) => [freeAmps(u, c)],
    'joint-drop': (u, c) => {
      const { amps } = pulled(u, c)
      return [1000 * Math.min(u.drive.supply.emf, amps === 0 ? 0 : amps * u.drive.supply.joints.reduce((a, b) => a + b, 0))]
    },
    'temp-sensor': (u) => [u.sensor],
    'charger-volts': (u) => [u.charger[0] * u.fullVolts, u.fullVolts],
    'charge-amps': (u) => [u.charger[1] * 2, 2],
    'group-spread': (u) => [u.spread],
  },
  words: {
    turn: (u, c) => feel(u, true, c),
    'turn-apart': (u, c) => {
      const by = feel(u, false, c)
      return by === 'even' ? 'drags' : by
    },
    'brake-off': (u, c) =>
      u.braked > 0 && felt(u, true, c, u.braked) < 0.7 * felt(u, true, c) && c() < 0.95 ? 'free' : c() < 0.02 ? 'free' : 'same',
    play: (u, c) => (u.play + between(c, -0.15, 0.15) > 0.45 ? 'play' : 'none'),
    'cutoff-off': (u, c) => (c() < (u.waits === 'brake' ? 0.94 : 0.03) ? 'runs' : 'same'),
  },
} as const satisfies SimulatedKind<PmUnit>
