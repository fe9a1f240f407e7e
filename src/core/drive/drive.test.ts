import { dice } from '../../demo/chance'
import { describe, expect, it } from 'vitest'
import {
  allOrders,
  AT_REST,
  bled,
  charged,
  chargedAfter,
  coastDown,
  copperAt,
  copperCelsius,
  dragAt,
  type Figures,
  hallCode,
  hallDwell,
  hubDirectDrive,
  hubGearedDrive,
  keOfKv,
  midDriveMotor,
  pairOhms,
  phaseKe,
  type PmDrive,
  pointAt,
  runs,
  startsFrom,
  STEP,
  stepped,
  tractionMotor,
  trapezoid,
  warmAfter,
  warmAtLast,
} from './index'
import type { Halls } from './types'

const FIGURES: Figures = { volts: 38, kv: 11.5, polePairs: 15, ratio: 1, lineOhms: 0.16, spacing: 120 }
const hub = hubDirectDrive(FIGURES)
const geared = hubGearedDrive({ ...FIGURES, volts: 48, kv: 39, polePairs: 8, ratio: 5, lineOhms: 0.12 })
const mid = midDriveMotor({ ...FIGURES, volts: 48, kv: 75, polePairs: 8, ratio: 21.9, lineOhms: 0.075 })
const traction = tractionMotor({ ...FIGURES, volts: 350, kv: 14, polePairs: 4, ratio: 24, lineOhms: 0.018 })
const motor = (drive: PmDrive, change: Partial<PmDrive['motor']>): PmDrive => ({ ...drive, motor: { ...drive.motor, ...change } })
const under = (drive: PmDrive, against: number): PmDrive => ({ ...drive, load: { ...drive.load, against } })
/** Without iron, friction or inductance to speak of: what the closed forms are written for. */
const ideal: PmDrive = {
  ...motor(hub, { hysteresis: 0, eddy: 0, cogging: 0, henry: 1e-7 }),
  supply: { ...hub.supply, ohms: 0, joints: [1e-9], bleedOhms: Infinity },
  inverter: { ...hub.inverter, regen: true, phaseAmps: 1e4, supplyAmps: 1e4 },
  friction: { stick: 0, dry: 0, viscous: 0 },
}
const ready = (drive: PmDrive) => ({ ...AT_REST, volts: drive.supply.emf })

describe('a motor’s figures', () => {
  it('copper: 100 mΩ at 20 °C are 119.65 at 70, and the temperature comes back from them', () => {
    expect(copperAt(0.1, 70)).toBeCloseTo(0.11965, 6)
    expect(copperCelsius(0.1, 0.11965, 20)).toBeCloseTo(70, 6)
    expect(copperCelsius(copperAt(0.1, 15), copperAt(0.1, 88), 15)).toBeCloseTo(88, 6)
    expect(() => copperCelsius(0, 1, 20)).toThrow(RangeError)
  })
  it('Kv and torque for each A are one figure: 60 / (2π·Kv)', () => {
    expect(keOfKv(11.5)).toBeCloseTo(0.8304, 4)
    expect(2 * phaseKe(11.5, 'trapezoid')).toBeCloseTo(keOfKv(11.5), 9)
    expect(Math.sqrt(3) * phaseKe(11.5, 'sine')).toBeCloseTo(keOfKv(11.5), 9)
    expect(() => keOfKv(0)).toThrow(RangeError)
  })
  it('a trapezoid is flat for a third of each half, odd about its zeros, and reaches 1', () => {
    expect([0, 1 / 24, 1 / 12, 0.25, 5 / 12, 0.5, 0.75].map(trapezoid)).toEqual([0, 0.5, 1, 1, expect.closeTo(1, 9), -0, -1])
    for (let t = 0; t < 0.5; t += 0.01) expect(trapezoid(t + 0.5)).toBeCloseTo(-trapezoid(t), 9)
  })
  it('a pair is two phases and their leads; with a phase open two pairs are', () => {
    expect(pairOhms(hub.motor)[0]).toBeCloseTo(0.16, 9)
    expect(pairOhms({ ...hub.motor, leadOhms: [0, Infinity, 0] }).map((x) => x === Infinity)).toEqual([true, true, false])
  })
})

describe('Halls', () => {
  const sound = (spacing: 60 | 120): Halls => ({ spacing, stuck: [null, null, null], ahead: 0 })
  const codes = (halls: Halls) => hallDwell(halls).map((d) => d.code)
  it('120° show six codes, each a sixth of a turn, never 000 or 111', () => {
    expect(new Set(codes(sound(120)))).toEqual(new Set([1, 2, 3, 4, 5, 6]))
    for (const { share } of hallDwell(sound(120))) expect(share).toBeCloseTo(1 / 6, 9)
  })
  it('60° show 000 and 111, never 010 and 101', () => expect(new Set(codes(sound(60)))).toEqual(new Set([0, 1, 3, 4, 6, 7])))
  it('one stuck high leaves four codes, 111 among them; stuck low 000', () => {
    for (const k of [0, 1, 2]) {
      const stuck = (to: 0 | 1): Halls => ({
        ...sound(120),
        stuck: [0, 1, 2].map((i) => (i === k ? to : null)) as unknown as Halls['stuck'],
      })
      expect(codes(stuck(1))).toHaveLength(4)
      expect(codes(stuck(1))).toContain(7)
      expect(codes(stuck(0))).toHaveLength(4)
      expect(codes(stuck(0))).toContain(0)
    }
  })
  it('with one stuck, 60° and 120° show the same codes in the same order, and only how long each holds tells them apart', () => {
    const stuck = (spacing: 60 | 120): Halls => ({ ...sound(spacing), stuck: [1, null, null] })
    const ring = (s: 60 | 120): string => {
      const list = codes(stuck(s))
      const at = list.indexOf(Math.min(...list))
      return [...list.slice(at), ...list.slice(0, at)].join('')
    }
    // 120°: 4 6 7 5 …; 60° the same ring, the dwell on other codes.
    expect(new Set(codes(stuck(60)))).toEqual(new Set(codes(stuck(120))))
    expect([ring(120), [...ring(120)].reverse().join('')].map((r) => r + r).some((r) => r.includes(ring(60)))).toBe(true)
    const long = (s: 60 | 120): number[] =>
      hallDwell(stuck(s))
        .flatMap((d) => (d.share > 0.25 ? [d.code] : []))
        .sort()
    expect(long(120)).not.toEqual(long(60))
  })
  it('a code repeats itself after a turn, and a shift of all three is a shift of the turn', () => {
    for (let i = 0; i < 36; i++) {
      const turn = (i + 0.5) / 36
      expect(hallCode(sound(120), turn + 1)).toBe(hallCode(sound(120), turn))
      expect(hallCode({ ...sound(120), ahead: 30 }, turn)).toBe(hallCode(sound(120), turn + 30 / 360))
    }
  })
})

describe('all 36 orders of phases and Halls', () => {
  const torques = (spacing: 60 | 120, expects: 60 | 120): number[] => allOrders(spacing, expects).map((o) => o.torque)
  const near = (list: number[], x: number): number => list.filter((t) => Math.abs(t - x) < 1e-6).length
  it('at 120° three run forward, three backward, twelve at half torque, the rest not at all', () => {
    const found = torques(120, 120)
    expect([near(found, 1), near(found, -1), near(found, 0.5) + near(found, -0.5), near(found, 0)]).toEqual([3, 3, 12, 18])
  })
  it('at 60° one each way; of mixed spacing none', () => {
    expect([near(torques(60, 60), 1), near(torques(60, 60), -1)]).toEqual([1, 1])
    for (const mixed of [torques(60, 120), torques(120, 60)]) expect(Math.max(...mixed.map(Math.abs))).toBeLessThan(0.7)
  })
  it('one at half torque takes more than twice the current for the same load: current rejects it, though it turns', () => {
    const half = allOrders(120, 120).filter((o) => Math.abs(o.torque - 0.5) < 1e-6)
    const right = runs(under(hub, 3), 1)
    for (const { phases, hallOrder } of half.slice(0, 3)) {
      const wrong = runs({ ...under(hub, 3), inverter: { ...hub.inverter, phases, hallOrder } }, 1)
      if (wrong.rotor > 0) expect(wrong.copper / Math.max(1e-9, wrong.rotor)).toBeGreaterThan((2 * right.copper) / right.rotor)
    }
  })
})

describe('the operating point against closed forms', () => {
  it('free speed: Kv times volts, in six-step and as a sine', () => {
    expect((runs(ideal, 1).rotor * 60) / (2 * Math.PI)).toBeCloseTo(11.5 * 38, 1)
    expect((runs(ideal, 0.4).rotor * 60) / (2 * Math.PI)).toBeCloseTo(11.5 * 38 * 0.4, 1)
    const sine: PmDrive = {
      ...ideal,
      inverter: { ...ideal.inverter, kind: 'sine' },
      motor: { ...ideal.motor, shape: 'sine', ke: [1, 1, 1].map(() => phaseKe(11.5, 'sine')) as unknown as PmDrive['motor']['ke'] },
    }
    // Of a sine only half the rail stands on each phase: √3 / 2 of it between two.
    expect((runs(sine, 1).rotor * 60) / (2 * Math.PI)).toBeCloseTo((11.5 * 38 * Math.sqrt(3)) / 2, 1)
  })
  it('held: V over the pair’s resistance, times torque for each A', () => {
    const held = pointAt(ideal, 0.1, 0)
    expect(held.peak).toBeCloseTo(3.8 / 0.16, 3)
    expect(held.torque).toBeCloseTo((3.8 / 0.16) * keOfKv(11.5), 3)
    // Out of the supply comes the share of the time only.
    expect(held.amps).toBeCloseTo((0.1 * 3.8) / 0.16, 3)
  })
  it('sag: what is drawn times all that lies before the capacitor', () => {
    for (const against of [2, 6, 12]) {
      const at = runs(under(hub, against), 1)
      const ohms = hub.supply.ohms + 3 * 0.0008
      expect(hub.supply.emf - at.volts).toBeCloseTo(at.amps * ohms, 3)
    }
  })
  it('neither limit is passed', () => {
    for (const against of [5, 20, 40]) {
      const at = runs(under(hub, against), 1)
      expect(at.peak).toBeLessThanOrEqual(hub.inverter.phaseAmps * 1.001)
      expect(at.amps).toBeLessThanOrEqual(hub.inverter.supplyAmps * 1.01 + 0.01)
    }
  })
  it('what comes in goes out: V·I is copper and work at the rotor', () => {
    for (const drive of [under(hub, 4), under(mid, 15), under(traction, 300)]) {
      const at = runs(drive, 0.9)
      const bleed = at.volts ** 2 / drive.supply.bleedOhms
      expect(at.volts * at.amps).toBeGreaterThan(at.copper + at.torque * at.rotor)
      // What is left is the diodes’.
      expect(at.volts * at.amps - bleed).toBeLessThan(1.03 * (at.copper + at.torque * at.rotor))
    }
  })
  it('the three phases are alike: a fault in any of them gives the same', () => {
    const open = (k: number): PmDrive =>
      motor(hub, { leadOhms: [0, 1, 2].map((i) => (i === k ? 0.4 : 0.005)) as unknown as PmDrive['motor']['leadOhms'] })
    const [a, b, c] = [0, 1, 2].map((k) => runs(under(open(k), 4), 1))
    expect(b!.rotor).toBeCloseTo(a!.rotor, 3)
    expect(c!.amps).toBeCloseTo(a!.amps, 3)
  })
  it('a phase open leaves torque in a third of the places, a Hall stuck in five of six', () => {
    expect(startsFrom(hub, 1)).toBe(1)
    expect(startsFrom(motor(hub, { leadOhms: [0, Infinity, 0] }), 1)).toBeCloseTo(1 / 3, 6)
    expect(startsFrom({ ...hub, halls: { ...hub.halls, stuck: [1, null, null] } }, 1)).toBeCloseTo(5 / 6, 6)
  })
  it('a shorted switch trips the controller; a joint that is open gives nothing', () => {
    expect(runs({ ...hub, inverter: { ...hub.inverter, low: ['sound', 'shorted', 'sound'] } }, 1)).toMatchObject({ rotor: 0, torque: 0 })
    expect(runs({ ...hub, supply: { ...hub.supply, joints: [Infinity] } }, 1)).toMatchObject({ rotor: 0, volts: 0, amps: 0 })
  })
})

describe('steps of 20 µs', () => {
  const cases: readonly (readonly [string, PmDrive, number])[] = [
    ['free', hub, 1],
    ['half throttle', hub, 0.5],
    ['under load', under(hub, 5), 1],
    ['a bad phase', under(motor(hub, { leadOhms: [0.005, 0.3, 0.005] }), 3), 1],
    ['turns shorted', motor(hub, { shorted: [0.1, 0, 0] }), 1],
    ['geared', under(geared, 4), 1],
    ['a sine', under(mid, 20), 1],
    ['a sine, its angle taught wrong', { ...under(mid, 12), halls: { ...mid.halls, ahead: 10 } }, 1],
    ['traction', under(traction, 200), 0.6],
  ]
  it.each(cases)('%s: settle where the operating point is, and no energy is lost on the way', (_, drive, duty) => {
    const long = drive === cases[8]![1] ? 12 : 4
    const way = stepped(drive, ready(drive), duty, long)
    const there = stepped(drive, way.state, duty, 0.3)
    const at = runs(drive, duty)
    expect(there.state.rotor / at.rotor).toBeCloseTo(1, 2)
    expect(there.mean.amps / at.amps).toBeGreaterThan(0.97)
    expect(there.mean.amps / at.amps).toBeLessThan(1.03)
    expect(Math.abs(way.books.left)).toBeLessThan(0.003 * way.books.drawn)
  })
  it('a rotor that is held: torque of the operating point', () => {
    for (const [, drive, duty] of cases.slice(0, 8)) {
      const omega = 0.5 * runs(drive, duty).rotor
      const way = stepped(drive, { ...ready(drive), rotor: omega }, duty, 0.4, { hold: true })
      const at = stepped(drive, way.state, duty, 0.2, { hold: true })
      expect(at.mean.torque / pointAt(drive, duty, omega).torque).toBeCloseTo(1, 1)
    }
  })
  it('run-up: speed rises towards free speed by its time constant, J·R / k²', () => {
    const inertia = ideal.load.inertia + ideal.motor.inertia
    const tau = (inertia * 0.16) / keOfKv(11.5) ** 2
    const free = 38 / keOfKv(11.5)
    for (const n of [0.5, 1, 2, 3]) {
      const { state } = stepped(motor(ideal, { henry: 2e-5 }), ready(ideal), 1, n * tau)
      expect(state.rotor / free).toBeCloseTo(1 - Math.exp(-n), 1)
    }
  })
  it('the capacitor charges through the supply as its exponential, and stays where it is stable', () => {
    const slow: PmDrive = { ...hub, supply: { ...hub.supply, ohms: 100, bleedOhms: Infinity } }
    for (const t of [0.05, 0.1, 0.3]) {
      const { state, books } = stepped(slow, AT_REST, 0, t)
      expect(state.volts).toBeCloseTo(charged(38, 100.0024, 0.001, Math.round(t / STEP) * STEP), 1)
      expect(Math.abs(books.left)).toBeLessThan(0.003 * books.drawn)
    }
    // Far stiffer than a step: no ringing.
    expect(stepped({ ...hub, supply: { ...hub.supply, ohms: 1e-5 } }, AT_REST, 0, 0.01).state.volts).toBeCloseTo(38, 3)
  })
  it('coasting: turns and seconds of the sum over the speed', () => {
    const still: PmDrive = motor(hub, { cogging: 0 })
    const summed = coastDown(still, 1, { way: 'forward', plugged: false })
    let seconds = 0
    stepped(still, { ...ready(still), rotor: 2 * Math.PI, wheel: 2 * Math.PI }, 0, summed.seconds * 1.2, {
      every: 50,
      look: (t, s) => {
        if (s.wheel > 0.02) seconds = t
      },
    })
    expect(seconds / summed.seconds).toBeCloseTo(1, 1)
  })
  it('a wheel that its clutch leaves behind runs on; one that has seized takes the rotor along', () => {
    const spun = { ...ready(geared), rotor: 0, wheel: 10 }
    expect(stepped(geared, spun, 0, 0.2).state.rotor).toBe(0)
    const seized: PmDrive = { ...geared, gear: { ...geared.gear, clutch: 'none' } }
    const { state } = stepped(seized, spun, 0, 0.2)
    expect(state.rotor).toBeCloseTo(state.wheel * 5, 3)
    expect(state.wheel).toBeLessThan(stepped(geared, spun, 0, 0.2).state.wheel)
  })
  it('any drive, however it is broken, keeps its energy together and its currents at nothing in all', () => {
    const roll = dice(7)
    const one = <T>(list: readonly T[]): T => list[roll(list.length)]!
    for (let n = 0; n < 60; n++) {
      const from = one([hub, geared, mid])
      const bad = roll(3)
      const three = <T>(rest: T, odd: T): readonly [T, T, T] =>
        [0, 1, 2].map((i) => (i === bad ? odd : rest)) as unknown as readonly [T, T, T]
      const drive: PmDrive = {
        ...motor(from, {
          leadOhms: three(0.004, one([0.004, 0.1, 0.5, Infinity])),
          shorted: three(0, one([0, 0, 0.05, 0.3])),
          celsius: roll(120),
        }),
        supply: { ...from.supply, joints: [one([0.001, 0.05, 0.5])], ohms: one([0.05, 0.4]) },
        halls: { ...from.halls, stuck: three(null, one([null, null, 0, 1])), ahead: one([0, 0, 20]) },
        inverter: {
          ...from.inverter,
          regen: one([true, false]),
          low: three('sound', one(['sound', 'sound', 'open', 'shorted'] as const)),
        },
        load: { ...from.load, against: one([0, 2, 8]) },
      }
      const spins = one([0, 0, 20])
      const { books, state } = stepped(drive, { ...ready(drive), rotor: spins * drive.gear.ratio, wheel: spins }, one([0, 0.3, 1]), 0.25)
      const through = books.drawn + 0.5 * drive.load.inertia * spins ** 2 + 1
      expect(Math.abs(books.left), `case ${n}`).toBeLessThan(0.01 * through)
      expect(state.amps[0] + state.amps[1] + state.amps[2], `case ${n}`).toBeCloseTo(0, 6)
      expect(Number.isFinite(state.rotor) && Number.isFinite(state.volts), `case ${n}`).toBe(true)
    }
  })
})

describe('drag by hand', () => {
  const by = (drive: PmDrive, way: 'forward' | 'backward', plugged: boolean): number => dragAt(drive, 6, { way, plugged })
  it('a shorted switch drags plugged in and lets go when the bullets part; shorted turns drag either way', () => {
    const bridge: PmDrive = { ...hub, inverter: { ...hub.inverter, high: ['shorted', 'sound', 'sound'] } }
    expect(by(bridge, 'forward', true)).toBeGreaterThan(5 * by(hub, 'forward', true))
    expect(by(bridge, 'forward', false)).toBeCloseTo(by(hub, 'forward', false), 9)
    const turns = motor(hub, { shorted: [0.1, 0, 0] })
    expect(by(turns, 'forward', false)).toBeGreaterThan(2 * by(hub, 'forward', false))
  })
  it('past a clutch only backward tells: forward even a shorted bridge does not drag', () => {
    const bridge: PmDrive = { ...geared, inverter: { ...geared.inverter, high: ['shorted', 'sound', 'sound'] } }
    expect(by(bridge, 'forward', true)).toBeCloseTo(by(geared, 'forward', true), 9)
    expect(by(bridge, 'backward', true)).toBeGreaterThan(2 * by(geared, 'backward', true))
  })
})

describe('capacitor and heat', () => {
  it('two thirds after a time constant; never, where it bleeds as fast', () => {
    expect(charged(52, 100, 0.002, 0.2)).toBeCloseTo(52 * 0.63212, 2)
    expect(chargedAfter(0.9, 100, 0.002)).toBeCloseTo(0.2 * Math.log(10), 6)
    expect(chargedAfter(0.9, 100, 0.002, 500)).toBe(Infinity)
    expect(bled(52, 1000, 0.002, 2)).toBeCloseTo(52 / Math.E, 6)
  })
  const heat = { copper: 200, body: 4000, toBody: 0.3, toAir: 1.2 }
  it('two bodies: as small steps of their equations, to what they come to at last', () => {
    let [x, y] = [0, 0]
    for (let i = 0; i < 60_000; i++) {
      const flow = (x - y) / 0.3
      x += (0.001 * (50 - flow)) / 200
      y += (0.001 * (flow - y / 1.2)) / 4000
    }
    const after = warmAfter(heat, { copper: 0, body: 0 }, 50, 60)
    expect(after.copper).toBeCloseTo(x, 2)
    expect(after.body).toBeCloseTo(y, 3)
    expect(warmAtLast(heat, 50)).toEqual({ copper: 75, body: 60 })
    expect(warmAfter(heat, { copper: 0, body: 0 }, 50, 1e6).copper).toBeCloseTo(75, 6)
    // In two pieces as in one.
    const half = warmAfter(heat, { copper: 0, body: 0 }, 50, 30)
    expect(warmAfter(heat, half, 50, 30).copper).toBeCloseTo(after.copper, 9)
  })
})
