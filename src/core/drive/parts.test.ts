import { describe, expect, it } from 'vitest'
import {
  type Actuator,
  angleOff,
  type Column,
  type Cranks,
  crankSeconds,
  helped,
  legs,
  lowered,
  pedalled,
  raised,
  type Resolver,
  resolverOhms,
  resolverSeen,
  screwEfficiency,
  selfLocking,
  strokePoint,
  stroked,
  type Thread,
} from './index'

const THREAD: Thread = { lead: 0.004, diameter: 0.012, friction: 0.1 }

describe('a screw', () => {
  it('without friction gives back all: F·lead is 2π·T', () => {
    const smooth = { ...THREAD, friction: 0 }
    expect(2 * Math.PI * raised(smooth, 1000)).toBeCloseTo(1000 * 0.004, 9)
    expect(lowered(smooth, 1000)).toBeCloseTo(raised(smooth, 1000), 12)
    expect(screwEfficiency(smooth)).toBeCloseTo(1, 12)
  })
  it('its efficiency is the work that comes out over the work that goes in', () => {
    expect((1000 * 0.004) / (2 * Math.PI * raised(THREAD, 1000))).toBeCloseTo(screwEfficiency(THREAD), 12)
    expect(screwEfficiency(THREAD)).toBeCloseTo(0.509, 3)
  })
  it('locks itself where the friction passes tan λ, and then has to be driven down too', () => {
    const edge = THREAD.lead / (Math.PI * THREAD.diameter)
    for (const [friction, locks] of [
      [edge * 0.99, false],
      [edge * 1.01, true],
    ] as const) {
      expect(selfLocking({ ...THREAD, friction })).toBe(locks)
      expect(lowered({ ...THREAD, friction }, 500) <= 0).toBe(locks)
    }
  })
  it('refuses what is no thread', () => {
    for (const bad of [{ lead: 0 }, { diameter: 0 }, { friction: 1 }, { friction: -0.1 }])
      expect(() => raised({ ...THREAD, ...bad }, 1)).toThrow(RangeError)
  })
})

const MOTOR = {
  emf: 24,
  sourceOhms: 0.5,
  pathOhms: 0.12,
  armatureOhms: 2.4,
  brushVolts: 1.2,
  field: 'magnets',
  ke: 0.06,
  friction: 0.03,
  load: 0,
} as const
const ROD: Actuator = {
  motor: MOTOR,
  inertia: 4e-6,
  ratio: 20,
  thread: THREAD,
  stroke: 0.1,
  newtons: 400,
  out: true,
  in: true,
  carries: true,
}
const HEAT = { copper: 60, body: 300, toBody: 2, toAir: 4 }

describe('an actuator', () => {
  it('through time takes as long as its operating point says, and its run-up', () => {
    const heavy = { ...ROD, inertia: 4e-5 }
    const [steady, run] = [strokePoint(heavy, 'out'), stroked(heavy, 'out', HEAT)]
    // A first-order run-up loses one time constant, J·R/k².
    const tau = (heavy.inertia * (0.5 + 0.12 + 2.4)) / 0.06 ** 2
    expect(run.ended).toBe('at the stop')
    expect(Math.abs(run.seconds - steady.seconds - tau)).toBeLessThan(0.003)
    expect(run.moved).toBeCloseTo(0.1, 4)
  })
  it('begins with what its resistance lets through, and comes down to what its load takes', () => {
    const run = stroked({ ...ROD, stroke: 0.4 }, 'out', HEAT)
    expect(run.peakAmps).toBeCloseTo((24 - 1.2) / 3.02, 6)
    expect(run.meanAmps).toBeGreaterThan(strokePoint(ROD, 'out').amps)
    expect(run.meanAmps).toBeLessThan(strokePoint(ROD, 'out').amps * 1.02)
  })
  it('lifts with more amps than it lets down, and a nut that is stripped takes neither', () => {
    expect(strokePoint(ROD, 'out').amps).toBeGreaterThan(strokePoint(ROD, 'in').amps)
    const stripped = { ...ROD, carries: false }
    expect(strokePoint(stripped, 'out')).toMatchObject({ seconds: Infinity, amps: 0.03 / 0.06 })
    expect(stroked(stripped, 'out', HEAT, undefined, 1)).toMatchObject({ ended: 'given up', moved: 0 })
  })
  it('a load that would run down by itself drives nothing: on the way in it takes what its friction takes', () => {
    const steep = { ...ROD, thread: { ...THREAD, lead: 0.02, friction: 0.05 }, ratio: 5 }
    expect(selfLocking(steep.thread)).toBe(false)
    expect(strokePoint(steep, 'in').amps).toBeCloseTo(0.03 / 0.06, 9)
  })
  it('one end switch open stops one way only; an open brush both; too much load stalls', () => {
    expect(stroked({ ...ROD, out: false }, 'out', HEAT).ended).toBe('not fed')
    expect(stroked({ ...ROD, out: false }, 'in', HEAT).ended).toBe('at the stop')
    expect(stroked({ ...ROD, motor: { ...MOTOR, armatureOhms: Infinity } }, 'in', HEAT).ended).toBe('not fed')
    const stalled = stroked({ ...ROD, newtons: 20_000 }, 'out', HEAT)
    expect(stalled).toMatchObject({ ended: 'stalled', moved: 0 })
    expect(stalled.seconds).toBeLessThan(0.01)
    expect(strokePoint({ ...ROD, newtons: 20_000 }, 'out').amps).toBeCloseTo(stalled.meanAmps, 6)
  })
  it('warms its winding by the loss in it, and a second stroke from where the first left it', () => {
    const once = stroked(ROD, 'out', HEAT)
    const loss = once.meanAmps ** 2 * 2.4 * once.seconds
    expect(60 * once.warm.copper + 300 * once.warm.body).toBeLessThan(loss * 1.02)
    expect(60 * once.warm.copper + 300 * once.warm.body).toBeGreaterThan(loss * 0.9)
    expect(stroked(ROD, 'in', HEAT, once.warm).warm.copper).toBeGreaterThan(once.warm.copper)
  })
})

const COLUMN: Column = {
  motor: { ...MOTOR, emf: 12.6, sourceOhms: 0.03, pathOhms: 0.01, armatureOhms: 0.06, brushVolts: 0.9, ke: 0.05, friction: 0.12 },
  worm: { lead: 0.0137, diameter: 0.012, friction: 0.06 },
  ratio: 17,
  rim: 0.19,
  heavy: 14.5,
  bearing: 0.4,
  gain: 2,
}

describe('a column with help', () => {
  it('hand and help carry the load between them: the hand a third at a gain of two', () => {
    const { rim, share } = helped(COLUMN, 1)
    expect(rim * 0.19).toBeCloseTo(14.9 / 3, 9)
    expect(share).toBeCloseTo(2 / 3, 9)
  })
  it('without help the motor is dragged along through its worm, and through one that locks not at all', () => {
    const alone = helped(COLUMN, 0)
    expect(alone).toMatchObject({ share: 0, amps: 0 })
    const gives = lowered(COLUMN.worm, 1) / raised({ ...COLUMN.worm, friction: 0 }, 1)
    expect(alone.rim * 0.19).toBeCloseTo(14.9 + (0.12 * 17) / gives, 9)
    expect(helped({ ...COLUMN, worm: { ...COLUMN.worm, lead: 0.001, friction: 0.2 } }, 0).rim).toBe(Infinity)
  })
  it('gives no more than its motor has, held still', () => {
    const weak = { ...COLUMN, motor: { ...COLUMN.motor, armatureOhms: 3 } }
    const { share, amps } = helped(weak, 1)
    expect(share).toBeLessThan(0.2)
    expect(amps).toBeCloseTo((12.6 - 0.9) / 3.04, 6)
  })
  it('more is asked of it, less is left for the hand', () => {
    const rims = [0, 0.3, 0.6, 1].map((asked) => helped(COLUMN, asked).rim)
    expect([...rims].sort((a, b) => b - a)).toEqual(rims)
    expect(() => helped(COLUMN, 1.1)).toThrow(RangeError)
  })
})

const RESOLVER: Resolver = { ohms: [24, 48, 48], shorted: [0, 0, 0], taught: 0 }

describe('a resolver', () => {
  it('sound it tells every angle, by two amplitudes whose squares make one', () => {
    for (let degrees = 0; degrees < 360; degrees += 15) {
      const [s, c] = resolverSeen(RESOLVER, degrees)
      expect(s * s + c * c).toBeCloseTo(1, 12)
      expect((Math.atan2(s, c) * 180) / Math.PI).toBeCloseTo(degrees > 180 ? degrees - 360 : degrees, 9)
    }
    expect(angleOff(RESOLVER)).toBe(0)
  })
  it('turns shorted in one answer: wrong at most by asin((a − 1)/(a + 1)), found by turning it', () => {
    const short: Resolver = { ...RESOLVER, shorted: [0, 0.3, 0] }
    const errors = Array.from({ length: 3600 }, (_, i) => {
      const [s, c] = resolverSeen(short, i / 10)
      const off = (Math.atan2(s, c) * 180) / Math.PI - i / 10
      return Math.abs((((off % 360) + 540) % 360) - 180)
    })
    expect(angleOff(short)).toBeCloseTo(Math.max(...errors), 2)
    expect(resolverOhms(short)).toEqual([24, 48 * 0.7, 48])
  })
  it('open anywhere it tells no angle; taught wrong it is off by that', () => {
    for (const k of [0, 1, 2]) {
      const ohms = RESOLVER.ohms.map((x, i) => (i === k ? Infinity : x)) as unknown as Resolver['ohms']
      expect(angleOff({ ...RESOLVER, ohms })).toBeNull()
    }
    expect(angleOff({ ...RESOLVER, taught: -40 })).toBe(40)
  })
})

const CRANKS: Cranks = { inertia: 0.05, drag: 0.16, magnets: 24, gone: 0, rest: 0.8, slope: 0.016 }

describe('cranks', () => {
  it('let go, they stand after J·ω / T', () => {
    const seen = pedalled(CRANKS, 1, 0, 0, 10)
    expect(seen.stoodAfter).toBeCloseTo(crankSeconds(CRANKS, 1), 3)
    expect(seen.turns).toBeCloseTo(crankSeconds(CRANKS, 1) / 2, 3)
  })
  it('legs give their mean over a turn, and nothing twice in it', () => {
    const n = 1000
    const mean = Array.from({ length: n }, (_, i) => legs(20, (i + 0.5) / n)).reduce((a, b) => a + b, 0) / n
    expect(mean).toBeCloseTo(20, 3)
    expect(legs(20, 0)).toBe(0)
    expect(legs(20, 0.5)).toBeCloseTo(0, 12)
  })
  it('a ring of 24 gives 24 pulses a turn, evenly; with magnets gone fewer, and one long wait', () => {
    const even = { ...CRANKS, drag: 1e-9 }
    const all = pedalled(even, 1, 0, 0, 3.02)
    expect(all.pulses).toBe(72)
    expect(all.gaps![1]).toBeCloseTo(1 / 24, 4)
    const some = pedalled({ ...even, gone: 9 }, 1, 0, 0, 3.02)
    expect(some.pulses).toBe(45)
    expect(some.gaps![1]).toBeCloseTo(10 / 24, 3)
    expect(pedalled({ ...even, gone: 24 }, 1, 0, 0, 3)).toMatchObject({ pulses: 0, gaps: null })
  })
  it('pushed evenly against as much they keep their speed, swinging twice a turn', () => {
    const seen = pedalled({ ...CRANKS, inertia: 2, drag: 0 }, 1, 20, 20, 4)
    expect(seen.speed).toBeGreaterThan(0.8)
    expect(seen.speed).toBeLessThan(1.3)
    expect(seen.turns).toBeGreaterThan(3.5)
  })
})
