import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { quayLog } from '../../demo/ride'
import { OPENED, type Opened, type ProvedAs } from '../machine'
import {
  deceleration,
  judgeLogStop,
  judgeStop,
  ladderOf,
  LADDERS,
  longEnough,
  rungOf,
  rungsUpTo,
  wantedRungs,
  below,
  brakingStop,
  cleanLog,
  coastDown,
  DEFAULT_LIMITS,
  fitHeat,
  judgeRide,
  type RawLog,
  strips,
  summariseRide,
} from './index'

/** A log sampled at `hz` for `seconds`, each channel a function of time. */
function log(
  hz: number,
  seconds: number,
  channels: { readonly [K in keyof RawLog['channels']]?: (t: number) => number },
  speedFrom: RawLog['speedFrom'] = 'satellite',
): RawLog {
  const n = Math.round(hz * seconds)
  const time = Float64Array.from({ length: n }, (_, i) => i / hz)
  return {
    time,
    row: Uint32Array.from({ length: n }, (_, i) => i + 2),
    speedFrom,
    channels: Object.fromEntries(Object.entries(channels).map(([k, f]) => [k, time.map((t) => f(t))])),
  }
}

describe('the strips of a log', () => {
  it('of a slow log are a line, not gaps; of a fast one as fine as the screen', () => {
    const drawn = (hz: number, seconds: number) => {
      const found = summariseRide('x', log(hz, seconds, { speed: () => 12 }), DEFAULT_LIMITS)
      if (!found.ok) throw new Error(found.error.kind)
      return found.value.strips
    }
    for (const [hz, seconds, slices] of [
      [1, 60, 29],
      [0.5, 30, 10],
      [20, 600, 240],
    ] as const) {
      const { slices: n, channels } = drawn(hz, seconds)
      expect(n).toBe(slices)
      if (seconds * hz >= 20) expect(channels.speed!.low).not.toContain(null)
    }
  })
})

describe('putting a log in order', () => {
  it('leaves out what goes back or stands still in time, and names the first line', () => {
    const raw = log(1, 6, { speed: (t) => t })
    raw.time.set([0, 1, 1, 0.5, 2, 3])
    const clean = cleanLog(raw)
    expect([...clean.time]).toEqual([0, 1, 2, 3])
    expect([...clean.channels.speed!]).toEqual([0, 1, 4, 5])
    expect(clean.notes).toEqual([
      { kind: 'reversed', count: 1, row: 5, channel: 'time' },
      { kind: 'duplicate', count: 1, row: 4, channel: 'time' },
    ])
  })

  it('a wild time costs itself, not what comes after it', () => {
    const raw = log(1, 30, { speed: (t) => t })
    raw.time[4] = 9_999
    raw.time[20] = -5
    const clean = cleanLog(raw)
    expect(clean.time).toHaveLength(28)
    expect(clean.time.at(-1)).toBe(29)
    expect(clean.notes).toEqual([{ kind: 'reversed', count: 2, row: 6, channel: 'time' }])
  })

  it('keeps as many samples as can stand in order, and of several ways the first (against every way there is)', () => {
    const every = (times: readonly number[]): readonly (readonly number[])[] =>
      Array.from({ length: 2 ** times.length }, (_, mask) => times.flatMap((_, i) => ((mask >> i) & 1 ? [i] : []))).filter((places) =>
        places.every((p, k) => k === 0 || times[p]! > times[places[k - 1]!]!),
      )
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 1, maxLength: 9 }), (times) => {
        const raw = log(1, times.length, {})
        raw.time.set(times)
        const ways = every(times)
        const most = Math.max(...ways.map((w) => w.length))
        const first = ways
          .filter((w) => w.length === most)
          .sort((a, b) => a.find((x, k) => x !== b[k])! - b.find((x, k) => x !== a[k])! || 0)[0]!
        expect([...cleanLog(raw).row].map((r) => r - 2)).toEqual(first)
      }),
      { numRuns: 300 },
    )
  })

  it('keeps a gap as a gap: nothing is summed across it', () => {
    const raw = log(10, 20, { speed: () => 36 })
    for (let i = 100; i < 200; i++) raw.time[i]! += 60
    const clean = cleanLog(raw)
    expect(clean.notes).toMatchObject([{ kind: 'gap', count: 1, row: 102 }])
    const distance = judgeRide(clean, DEFAULT_LIMITS).find((f) => f.id === 'distance')!
    expect(distance.value).toBeCloseTo(((36 / 3.6) * 19.8) / 1000, 3)
  })

  it('blanks what no machine here does', () => {
    const clean = cleanLog(log(1, 20, { speed: (t) => (t === 7 ? 900 : 10), temperature: (t) => (t > 15 ? -273 : 30) }))
    expect(clean.channels.speed![7]).toBeNaN()
    expect(clean.notes).toEqual([
      { kind: 'wild', count: 1, row: 9, channel: 'speed' },
      { kind: 'wild', count: 4, row: 18, channel: 'temperature' },
    ])
  })

  it('is in order whatever order it came in (a law)', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 1000, noNaN: true }), { minLength: 1, maxLength: 60 }), (times) => {
        const clean = cleanLog({
          time: Float64Array.from(times),
          row: Uint32Array.from(times.keys()),
          speedFrom: 'unknown',
          channels: { speed: Float64Array.from(times) },
        })
        for (let i = 1; i < clean.time.length; i++) expect(clean.time[i]).toBeGreaterThan(clean.time[i - 1]!)
        const leftOut = clean.notes.filter((n) => n.kind === 'reversed' || n.kind === 'duplicate').reduce((s, n) => s + n.count, 0)
        expect(clean.time.length + leftOut).toBe(times.length)
      }),
      { seed: 31 },
    )
  })
})

describe('what a log says', () => {
  const find = (raw: RawLog, id: string, limits = DEFAULT_LIMITS) => judgeRide(cleanLog(raw), limits).find((f) => f.id === id)!

  it('takes the top speed that was held for a second, not a spike', () => {
    const raw = log(10, 60, { speed: (t) => (Math.abs(t - 30) < 0.06 ? 60 : t > 20 && t < 25 ? 19 : 12) })
    expect(find(raw, 'top speed').value).toBeCloseTo(19, 6)
    expect(find(raw, 'top speed', { ...DEFAULT_LIMITS, topSpeed: 20 }).verdict).toBe('good')
    expect(find(raw, 'top speed', { ...DEFAULT_LIMITS, topSpeed: 19.2 }).verdict).toBe('look')
    expect(find(raw, 'top speed', { ...DEFAULT_LIMITS, topSpeed: 18 }).verdict).toBe('bad')
  })

  it('finds the pack resistance under a falling charge and noise', () => {
    let seed = 1
    const noise = (): number => ((seed = (seed * 16807) % 2147483647) / 2147483647 - 0.5) * 0.1
    const amps = (t: number): number => (Math.floor(t / 7) % 2 === 0 ? 12 : 2)
    const found = find(log(10, 300, { current: amps, voltage: (t) => 54 - t * 0.005 - 0.12 * amps(t) + noise() }), 'pack resistance')
    expect(Math.abs(found.value! - 120)).toBeLessThan(3 * found.u! + 0.5)
    expect(found.u!).toBeLessThan(3)
  })

  it('adds up energy, and says Wh a kilometre', () => {
    expect(find(log(10, 360, { current: () => 10, voltage: () => 50, speed: () => 20 }), 'energy')).toMatchObject({ unit: 'Wh/km' })
    expect(find(log(10, 360, { current: () => 10, voltage: () => 50, speed: () => 20 }), 'energy').value).toBeCloseTo(25, 1)
    expect(find(log(10, 360, { current: () => 10, speed: () => 20 }), 'energy')).toMatchObject({ verdict: 'cannot say', why: 'no voltage' })
  })

  it('says where the heat is heading when it had not settled, and nothing when the ride was too short', () => {
    const heat = (seconds: number) => find(log(2, seconds, { temperature: (t) => 85 - 60 * Math.exp(-t / 400) }), 'heat')
    expect(heat(900).heading).toBeCloseTo(85, 0)
    // Far below the limit, but it had not settled: nothing good is said of it.
    expect(heat(60)).toMatchObject({ verdict: 'cannot say', why: 'too short', value: expect.any(Number) })
    expect(find(log(2, 60, { temperature: () => 130 }), 'heat')).toMatchObject({ verdict: 'bad', why: 'too short' })
    expect(find(log(2, 900, { temperature: (t) => 115 - 90 * Math.exp(-t / 400) }), 'heat').verdict).toBe('bad')
    // A rest before and after the ride hides nothing: the fit is of what was ridden.
    const ridden = (t: number): number => 115 - 90 * Math.exp(-(t - 300) / 500)
    const rested = (t: number): number => (t < 300 ? 25 : t < 1000 ? ridden(t) : 30 + (ridden(1000) - 30) * Math.exp(-(t - 1000) / 300))
    const load = (t: number): number => (t < 300 || t > 1000 ? 0.2 : 18)
    for (const channels of [
      { temperature: rested, current: load },
      { temperature: rested, speed: load },
    ])
      expect(find(log(2, 3000, channels), 'heat')).toMatchObject({ verdict: 'bad', heading: expect.closeTo(115, 0) })
    expect(fitHeat([1, 2], [3, 4])).toBeNull()
  })

  it('sees a sag', () => {
    const sag = (drop: number) => find(log(10, 60, { current: (t) => (t > 10 ? 20 : 0), voltage: (t) => (t > 10 ? 54 - drop : 54) }), 'sag')
    expect([sag(3).verdict, sag(6.5).verdict, sag(9).verdict]).toEqual(['good', 'look', 'bad'])
    expect(sag(3).value).toBeCloseTo(3, 6)
  })

  it('never judges ripple from a slow log', () =>
    expect(find(log(10, 60, { current: () => 5 }), 'ripple')).toMatchObject({ verdict: 'cannot say', why: 'needs phase current' }))
})

describe('a braking stop, UN R78', () => {
  /** 25 km/h for 5 s, then an even 4 m/s² to a standstill. */
  const stop = (t: number): number => Math.max(0, 25 - Math.max(0, t - 5) * 4 * 3.6)
  it('gives back the deceleration it was made with', () => {
    const answer = brakingStop(cleanLog(log(50, 12, { speed: stop })))
    expect(answer.ok && answer.best.mfdd).toBeCloseTo(4, 2)
    expect(answer.ok && answer.stops.length).toBe(1)
  })
  it('counts from where the brake bites, not from a slow roll before it', () => {
    const roll = (t: number): number => (t < 8 ? 25 - 0.5 * t : Math.max(0, 21 - (t - 8) * 4.6 * 3.6))
    const answer = brakingStop(cleanLog(log(25, 14, { speed: roll })))
    expect(answer.ok && answer.best.mfdd).toBeCloseTo(4.6, 1)
    expect(answer.ok && answer.best.from).toBeLessThan(21.5)
  })
  it('is found at the end of a ride that slowed and went on many times before', () => {
    const raw = quayLog({ seconds: 130, hz: 25, top: 19, braking: 4.6 })
    const answer = brakingStop(cleanLog(raw))
    expect(answer.ok && Math.abs(answer.best.mfdd - 4.6)).toBeLessThan(0.25)
    expect(answer.ok && answer.stops.length).toBe(1)
  })
  it.each([
    ['a slow log', log(10, 12, { speed: stop }), 'too few samples'],
    ['speed from the braked wheel', log(50, 12, { speed: stop }, 'wheel'), 'braked wheel'],
    ['no stop in it', log(50, 12, { speed: () => 20 }), 'no stop'],
    ['a roll-out', log(50, 60, { speed: (t) => Math.max(0, 25 - t * 0.8) }), 'no stop'],
    ['no speed', log(50, 12, { voltage: () => 50 }), 'no speed'],
  ] as const)('is not judged from %s', (_, raw, why) => expect(brakingStop(cleanLog(raw))).toEqual({ ok: false, why }))
})

describe('judging against a limit', () => {
  it('has a band of doubt on both sides', () =>
    expect([below(9, 0.4, 10), below(9.5, 0.4, 10), below(10.5, 0.4, 10), below(11, 0.4, 10)]).toEqual(['good', 'look', 'look', 'bad']))
})

describe('strips and summary', () => {
  it('lose no peak', () => {
    const raw = log(100, 100, { speed: (t) => (Math.abs(t - 33.33) < 0.001 ? 44 : 10) })
    const drawn = strips(cleanLog(raw), 240).channels.speed!
    expect(Math.max(...drawn.high.map((v) => v ?? 0))).toBe(44)
    expect(drawn.low).toHaveLength(240)
  })
  it('say why a log is of no use', () => {
    expect(summariseRide('a', log(1, 5, { speed: () => 1 }), DEFAULT_LIMITS)).toMatchObject({
      ok: false,
      error: { kind: 'too few rows', rows: 5 },
    })
    expect(summariseRide('a', { ...log(1, 20, {}) }, DEFAULT_LIMITS)).toMatchObject({ ok: false, error: { kind: 'no channel' } })
    const still = log(1, 20, { speed: () => 1 })
    still.time.fill(3)
    expect(summariseRide('a', still, DEFAULT_LIMITS)).toMatchObject({ ok: false, error: { kind: 'no time passes' } })
    expect(summariseRide('a', log(10, 60, { speed: () => 12 }), DEFAULT_LIMITS)).toMatchObject({
      ok: true,
      value: { rows: 600, kept: 600, hz: 10 },
    })
  })
})

describe('the ladder', () => {
  const names = Object.keys(LADDERS) as ProvedAs[]
  const all = [...OPENED, 'nothing'] as const
  it.each(names)('of a %s wants only rungs that are on it, and something for whatever was opened', (as) => {
    const ladder = ladderOf(as)
    for (const opened of all) {
      const wanted = wantedRungs(ladder, opened === 'nothing' ? [] : [opened])
      expect(wanted.length, opened).toBeGreaterThan(0)
      expect(
        [...ladder.wanted[opened]].every((r) => ladder.rungs.includes(r)),
        opened,
      ).toBe(true)
      // In the order of the ladder.
      expect([...wanted].sort((a, b) => ladder.rungs.indexOf(a) - ladder.rungs.indexOf(b))).toEqual(wanted)
    }
  })
  it.each(names)('of a %s wants no less when more was opened', (as) => {
    const ladder = ladderOf(as)
    for (const a of OPENED)
      for (const b of OPENED) {
        const both = wantedRungs(ladder, [a, b])
        for (const r of wantedRungs(ladder, [a])) if (r !== 'short ride') expect(both, `${a} and ${b}`).toContain(r)
      }
  })
  it('asks of a scooter what was opened, and no more', () => {
    const of = (...opened: Opened[]) => wantedRungs(ladderOf('scooter'), opened)
    expect(of()).toEqual(['short ride'])
    expect(of('cover')).toEqual(['short ride'])
    expect(of('tyre')).toEqual(['brake stops', 'gentle'])
    expect(of('plug')).toEqual(['both ways', 'gentle'])
    for (const heart of ['motor', 'controller', 'loom'] as const)
      expect(of(heart)).toEqual(expect.arrayContaining(['full', 'hill', 'heat soak']))
    expect(of('tyre', 'cover')).toEqual(['brake stops', 'gentle'])
  })
  it('never asks anybody to ride what nobody rides', () => {
    for (const opened of OPENED)
      for (const rung of wantedRungs(ladderOf('indoor machine'), [opened])) expect(rungOf(rung).kind, rung).toBe('run')
  })
  it('first power of a steering drive comes with nobody on it', () => {
    expect(wantedRungs(ladderOf('steering'), ['motor'])[0]).toBe('hands off')
  })
  it('one ride stands for what is wanted below, and for what it reached', () => {
    const ladder = ladderOf('scooter')
    const wanted = wantedRungs(ladder, ['wheel'])
    expect(rungsUpTo(ladder, wanted, new Set(), 'gentle')).toEqual(['push', 'walking pace', 'brake stops', 'gentle'])
    expect(rungsUpTo(ladder, wanted, new Set(['push'] as const), 'brake stops')).toEqual(['walking pace', 'brake stops'])
    expect(rungsUpTo(ladder, wanted, new Set(), 'full')).toEqual([...wanted, 'full'])
  })
  it('a rung wants its metres and minutes, where they were noted', () => {
    expect(longEnough('gentle', { metres: 499 })).toBe(false)
    expect(longEnough('gentle', { metres: 500 })).toBe(true)
    expect(longEnough('gentle', {})).toBe(true)
    expect(longEnough('heat soak', { metres: 9000, minutes: 9 })).toBe(false)
    expect(longEnough('brake stops', { metres: 1, minutes: 0 })).toBe(true)
  })
})

describe('a stop by tape', () => {
  it('is v²/2s', () => {
    // 20 km/h in 4.41 m: (20/3.6)²/(2·4.41) = 3.5 m/s².
    expect(deceleration(20, 4.41)!.value).toBeCloseTo(3.5, 2)
    expect(deceleration(25, 8)!.value).toBeCloseTo(3.014, 3)
    expect(deceleration(0, 4)).toBeNull()
    expect(deceleration(20, 0)).toBeNull()
    expect(deceleration(20, Number.NaN)).toBeNull()
  })
  it('has a doubt in which the speed counts twice', () => {
    const { value, u } = deceleration(20, 4.41)!
    expect(u / value).toBeCloseTo(Math.hypot(2 * (0.5 / 20), 0.25 / 4.41), 6)
    expect(deceleration(10, 1.1)!.u / deceleration(10, 1.1)!.value).toBeGreaterThan(u / value)
  })
  it('is judged with twice its doubt, by what it is stopped with, and not at all on new pads', () => {
    const stops = ladderOf('scooter').stops
    const verdict = (brake: 'front' | 'together', metres: number, fresh?: true) =>
      judgeStop({ brake, from: 20, metres, ...(fresh ? { fresh } : {}) }, stops)?.verdict
    expect(verdict('together', 3)).toBe('good')
    expect(verdict('together', 4.4)).toBe('look')
    expect(verdict('together', 7)).toBe('bad')
    expect(verdict('front', 7)).toBe('good')
    expect(verdict('front', 14)).toBe('bad')
    expect(verdict('front', 14, true)).toBe('noted')
    expect(judgeStop({ brake: 'pedal', from: 10, metres: 3 }, ladderOf('tractor').stops)?.verdict).toBe('noted')
    expect(judgeStop({ brake: 'front' }, stops)).toBeNull()
  })
})

describe('energy, charge and current', () => {
  const find = (raw: RawLog, id: string, limits = DEFAULT_LIMITS) => judgeRide(cleanLog(raw), limits).find((f) => f.id === id)
  it('tells what was taken and given back apart, net and gross for each kilometre', () => {
    // 100 s at 36 km/h: one kilometre. 10 A out at 40 V for 90 s, 20 A back for 10 s.
    const raw = log(10, 100.1, { speed: () => 36, voltage: () => 40, current: (t) => (t < 90 ? 10 : -20) })
    expect(find(raw, 'energy out')!.value).toBeCloseTo((400 * 90) / 3600, 1)
    expect(find(raw, 'energy back')!.value).toBeCloseTo((800 * 10) / 3600, 1)
    expect(find(raw, 'energy gross')!.value).toBeCloseTo(10, 1)
    expect(find(raw, 'energy')!.value).toBeCloseTo(10 - 2.22, 1)
    expect(find(raw, 'charge')!.value).toBeCloseTo((10 * 90 - 20 * 10) / 3600, 3)
  })
  it('gives the charge without a voltage, and says what energy wants', () => {
    const raw = log(10, 60, { current: () => 6 })
    expect(find(raw, 'charge')!.value).toBeCloseTo(0.1, 3)
    expect(find(raw, 'energy')).toMatchObject({ verdict: 'cannot say', why: 'no voltage' })
  })
  it('a current counts as held only as long as it was held', () => {
    const raw = log(10, 120, { current: (t) => (t > 50 && t < 50.35 ? 90 : t > 20 && t < 45.05 ? 40 : t > 70 && t < 101.05 ? 20 : 5) })
    expect(find(raw, 'highest current')!.value).toBe(40)
    expect(find(raw, 'held current')!.value).toBe(20)
  })
  it('counts of a step between two samples the part that is above', () => {
    const raw = log(1, 20, { speed: (t) => (t === 10 ? 24 : 18) })
    expect(find(raw, 'time over speed', { ...DEFAULT_LIMITS, topSpeed: 20 })!.value).toBeCloseTo(4 / 3, 9)
  })
  it('counts the seconds above a limit, and none across a gap', () => {
    const raw = log(10, 60, { speed: (t) => (t >= 10 && t < 20 ? 24 : 18) })
    expect(find(raw, 'time over speed', { ...DEFAULT_LIMITS, topSpeed: 20 })).toMatchObject({ verdict: 'look', limit: 20 })
    expect(find(raw, 'time over speed', { ...DEFAULT_LIMITS, topSpeed: 20 })!.value).toBeCloseTo(10, 0)
    expect(find(raw, 'time over speed', { ...DEFAULT_LIMITS, topSpeed: 24 })).toMatchObject({ verdict: 'good', value: 0 })
    for (let i = 150; i < 600; i++) raw.time[i]! += 100
    expect(find(raw, 'time over speed', { ...DEFAULT_LIMITS, topSpeed: 20 })!.value).toBeCloseTo(9.9, 0)
    expect(find(raw, 'time over speed')).toBeUndefined()
  })
})

describe('rolling without drive', () => {
  /** Speed, km/h, of something that coasts from v0, m/s, with c0 and c2; the closed solution. */
  const coast = (v0: number, c0: number, c2: number) => {
    const k = Math.sqrt(c0 / c2)
    const start = Math.atan(v0 / k)
    return (t: number): number => 3.6 * k * Math.tan(Math.max(0, start - Math.sqrt(c0 * c2) * t))
  }
  const driven = (runs: readonly ((t: number) => number)[]) =>
    log(10, 30 * runs.length, {
      speed: (t) => {
        const [n, s] = [Math.floor(t / 30), t % 30]
        return s < 10 ? runs[n]!(0) * (s / 10) : runs[n]!(s - 10)
      },
      current: (t) => (t % 30 < 10 ? 12 : 0),
    })
  it('finds what it was made with, and slope and wind only in the spread', () => {
    const [crr, c2] = [0.012, 0.004]
    for (const slope of [0, 0.03]) {
      const runs = [1, -1, 1, -1].map((way) => coast(8, crr * 9.80665 + way * slope, c2))
      const found = coastDown(cleanLog(driven(runs)))
      if (typeof found === 'string') throw new Error(found)
      expect(found.runs).toBe(4)
      expect(Math.abs(found.rolling.value - crr)).toBeLessThan(Math.max(2 * found.rolling.u, 0.0006))
      expect(Math.abs(found.air.value - (2 * c2 * 100) / 1.225)).toBeLessThan(Math.max(3 * found.air.u, 0.06))
      if (slope > 0) expect(found.rolling.u).toBeGreaterThan(0.001)
    }
  })
  it('gives the standard error from run to run: of two, half of what lies between them', () => {
    const found = coastDown(cleanLog(driven([coast(8, 0.15, 0.004), coast(8, 0.09, 0.004)])))
    if (typeof found === 'string') throw new Error(found)
    expect(found.rolling.u * 9.80665).toBeCloseTo(0.03, 3)
  })
  it('says why it cannot: no current, no run, or one only; braking is no coasting', () => {
    const one = coast(8, 0.12, 0.004)
    expect(coastDown(cleanLog(log(10, 30, { speed: one })))).toBe('no current')
    expect(coastDown(cleanLog(log(10, 30, { current: () => 0 })))).toBe('no speed')
    expect(coastDown(cleanLog(driven([one])))).toBe('one run')
    expect(coastDown(cleanLog(driven([one, (t) => 3.6 * Math.max(0, 8 - 1.4 * t)])))).toBe('one run')
    expect(coastDown(cleanLog(log(10, 30, { speed: () => 20, current: () => 0 })))).toBe('no run')
  })
})

describe('every stop of a log', () => {
  it('is kept with its deceleration, where from and when; the hardest is the finding', () => {
    const speed = (t: number): number => {
      const s = t % 20
      const a = t < 20 ? 3 : t < 40 ? 5 : 2
      return s < 8 ? 3 * s : s < 10 ? 24 : Math.max(0, 24 - 3.6 * a * (s - 10))
    }
    const found = summariseRide('x', log(50, 60, { speed }), DEFAULT_LIMITS)
    if (!found.ok) throw new Error(found.error.kind)
    const { stops, findings } = found.value
    expect(stops!.map((s) => Math.round(s.mfdd))).toEqual([3, 5, 2])
    expect(stops!.map((s) => Math.round(s.at))).toEqual([10, 30, 50])
    expect(stops!.every((s) => Math.abs(s.from - 24) < 0.5)).toBe(true)
    expect(findings.find((f) => f.id === 'braking')!.value).toBeCloseTo(5, 0)
  })
  it('is judged by the brake that its rider named, and noted where they named none', () => {
    const least = { together: 3.5, alone: 1.54 }
    expect(judgeLogStop({ mfdd: 2 }, least).verdict).toBe('noted')
    expect(judgeLogStop({ mfdd: 2, brake: 'rear' }, least)).toMatchObject({ verdict: 'good', least: 1.54 })
    expect(judgeLogStop({ mfdd: 2, brake: 'together' }, least)).toMatchObject({ verdict: 'bad', least: 3.5 })
    expect(judgeLogStop({ mfdd: 3.6, brake: 'together' }, least).verdict).toBe('look')
    expect(judgeLogStop({ mfdd: 2, brake: 'rear' }, undefined).verdict).toBe('noted')
  })
  it('is not kept where a log cannot tell it', () => {
    const found = summariseRide('x', log(1, 60, { speed: (t) => 20 - (t % 20) }), DEFAULT_LIMITS)
    expect(found.ok && found.value.stops).toBeUndefined()
  })
})
