import { allOrders, type PmDrive } from '../drive'
import { between, type Chance, grows, oneOf } from './chance'
import type { PmUnit } from './pm-unit'

type Planted = <U extends PmUnit>(unit: U, severity: number, chance: Chance) => U
type Three<T> = readonly [T, T, T]

const phase = (chance: Chance): number => Math.min(2, Math.floor(chance() * 3))
const at = <T>(list: Three<T>, k: number, x: T): Three<T> => [0, 1, 2].map((i) => (i === k ? x : list[i])) as unknown as Three<T>
const motor = <U extends PmUnit>(unit: U, change: Partial<PmDrive['motor']>): U => ({
  ...unit,
  drive: { ...unit.drive, motor: { ...unit.drive.motor, ...change } },
})
const halls = <U extends PmUnit>(unit: U, stuck: PmDrive['halls']['stuck']): U => ({
  ...unit,
  drive: { ...unit.drive, halls: { ...unit.drive.halls, stuck } },
})
const supply = <U extends PmUnit>(unit: U, change: Partial<PmDrive['supply']>): U => ({
  ...unit,
  drive: { ...unit.drive, supply: { ...unit.drive.supply, ...change } },
})
const dragged = <U extends PmUnit>(unit: U, dry: number): U => ({
  ...unit,
  drive: {
    ...unit.drive,
    friction: { ...unit.drive.friction, dry: unit.drive.friction.dry + dry, stick: unit.drive.friction.stick + dry },
  },
})
/** Ohms more in one phase outside the motor. */
function inPhase<U extends PmUnit>(unit: U, ohms: number, chance: Chance): U {
  const k = phase(chance)
  const { leadOhms } = unit.drive.motor
  return motor(unit, { leadOhms: at(leadOhms, k, leadOhms[k as 0 | 1 | 2] + ohms) })
}
const noHalls: PmDrive['halls']['stuck'] = [1, 1, 1]

/** Electrical faults that any drive with phases and Halls can have. A broken or unfed wire reads 1: its output is open-collector. */
export const PM_FAULTS: Readonly<Record<string, Planted>> = {
  'hall-wire': (u, _, c) => halls(u, at(u.drive.halls.stuck, phase(c), 1)),
  'hall-sensor': (u, _, c) => halls(u, at(u.drive.halls.stuck, phase(c), oneOf(c, [0, 0, 1]))),
  'hall-plug': (u, s, c) =>
    s > 0.75 ? { ...halls(u, noHalls), feed: c() < 0.4 ? between(c, 0, 0.4) : u.feed } : halls(u, at(u.drive.halls.stuck, phase(c), 1)),
  'phase-wire': (u, s, c) => inPhase(u, s > 0.35 ? Infinity : grows(s / 0.35, 0.1, 3), c),
  'phase-plug': (u, s, c) => inPhase(u, s > 0.85 ? Infinity : grows(s / 0.85, 0.008, 0.8), c),
  winding: (u, s, c) => {
    const shorted = motor(u, { shorted: at(u.drive.motor.shorted, phase(c), grows(s, 0.03, 0.35)) })
    return c() < 0.35 ? { ...shorted, toAxle: grows(1 - s, 0.002, 3) } : shorted
  },
  magnets: (u, s) => {
    const left = 1 - grows(s, 0.08, 0.35)
    const [a, b, d] = u.drive.motor.ke
    return motor(u, { ke: [a * left, b * left, d * left] })
  },
  bridge: (u, _, c) => {
    const { inverter } = u.drive
    const [side, k] = [oneOf(c, ['high', 'low'] as const), phase(c)]
    return { ...u, drive: { ...u.drive, inverter: { ...inverter, [side]: at(inverter[side], k, 'shorted' as const) } } }
  },
  gate: (u, _, c) => {
    const { inverter } = u.drive
    const [side, k] = [oneOf(c, ['high', 'low'] as const), phase(c)]
    return { ...u, drive: { ...u.drive, inverter: { ...inverter, [side]: at(inverter[side], k, 'open' as const) } } }
  },
  rail: (u, s, c) => ({ ...halls(u, noHalls), feed: s < 0.3 ? between(c, 1.5, 3.6) : between(c, 0, 0.3), throttle: [0.02, 0.03] }),
  throttle: (u, s, c) => {
    const [rest, full] = u.throttle
    if (s > 0.6) return { ...u, throttle: oneOf(c, [[0.01, 0.02] as const, [rest, rest + 0.05] as const, [4.6, 4.7] as const]) }
    return { ...u, throttle: [rest + between(c, 0, 0.4), full - grows(s / 0.6, 0.6, 2.2)] }
  },
  cutoff: (u) => ({ ...u, waits: 'brake' }),
  locked: (u) => ({ ...u, waits: 'lock' }),
  asleep: (u) => ({ ...u, asleep: true }),
  'pack-weak': (u, s, c) => ({
    ...supply(u, { ohms: u.drive.supply.ohms * grows(s, 2.2, 6), emf: u.drive.supply.emf * (1 - between(c, 0, 0.09) * (0.4 + s)) }),
    spread: grows(s, 30, 500) * between(c, 0.7, 1.4),
  }),
  'pack-contact': (u, s, c) => {
    const { joints } = u.drive.supply
    const k = Math.floor(c() * joints.length)
    return supply(u, { joints: joints.map((x, i) => (i === k ? x + (s > 0.7 ? Infinity : grows(s / 0.7, 0.02, 0.6)) : x)) })
  },
  bearing: (u, s, c) => ({
    ...dragged(u, grows(s, 0.04, 0.9)),
    rough: grows(s, 0.2, 1),
    play: u.play + (c() < 0.6 ? grows(s, 0.2, 2) : 0),
  }),
  'brake-drag': (u, s) => ({ ...dragged(u, grows(s, 0.25, 4)), braked: grows(s, 0.25, 4) }),
  'phase-hall': (u, s, c) => ({
    ...halls(u, at(u.drive.halls.stuck, phase(c), oneOf(c, [0, 1]))),
    toHall: grows(1 - s, 1e-5, 0.3),
    feed: c() < 0.4 ? between(c, 0, 3.5) : u.feed,
  }),
  water: (u, s, c) => ({
    ...(c() < 0.45 ? halls(u, at(u.drive.halls.stuck, phase(c), oneOf(c, [0, 1]))) : u),
    toAxle: grows(1 - s, 0.02, 5),
    toHall: grows(1 - s, 0.02, 8),
    rough: Math.max(u.rough, c() < 0.5 ? grows(s, 0.15, 0.8) : 0),
  }),
  'magnet-loose': (u, s) => ({ ...dragged(u, grows(s, 0.15, 2)), rough: grows(s, 0.3, 1) }),
  'lead-torn': (u, s, c) => {
    const torn = s > 0.4 ? inPhase(u, Infinity, c) : u
    return {
      ...halls(torn, c() < 0.8 ? at(torn.drive.halls.stuck, phase(c), 1) : noHalls),
      toHall: c() < 0.3 ? 10 ** between(c, -4, 0) : u.toHall,
    }
  },
  'stator-slipped': (u, s, c) => {
    const torn = c() < 0.5 ? halls(u, at(u.drive.halls.stuck, phase(c), 1)) : inPhase(u, Infinity, c)
    return { ...torn, rough: grows(s, 0.2, 0.8), play: u.play + between(c, 0, 0.6) }
  },
  'temp-sensor': (u, _, c) => ({ ...u, sensor: oneOf(c, [1e5, 1e5, 1e-3]) }),
  'bearing-seat': (u, s) => ({ ...u, play: u.play + grows(s, 0.5, 3) }),
  'cover-cracked': (u, s, c) => ({
    ...u,
    play: u.play + between(c, 0, 0.5),
    rough: Math.max(u.rough, c() < 0.4 ? grows(s, 0.15, 0.6) : 0),
  }),
  'disc-threads': (u) => u,
  'wrong-order': (u, _, c) => {
    const wrong = allOrders(120, 120).filter((o) => o.torque < 0.9)
    const { phases, hallOrder } = oneOf(c, wrong)
    return { ...u, drive: { ...u.drive, inverter: { ...u.drive.inverter, phases, hallOrder } } }
  },
  'other-spacing': (u) => ({
    ...u,
    drive: { ...u.drive, halls: { ...u.drive.halls, spacing: u.drive.halls.spacing === 120 ? 60 : 120 } },
  }),
  charger: (u, s, c) => ({ ...u, charger: s > 0.4 ? [between(c, 0, 0.3), 0] : [between(c, 0.8, 0.96), between(c, 0, 0.6)] }),
  'charge-port': (u, s, c) => ({ ...u, charger: [u.charger[0], s > 0.4 ? 0 : between(c, 0.1, 0.8)] }),
}
