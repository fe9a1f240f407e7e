import { brakingStop } from './braking'
import { coastDown } from './coast'
import { fitHeat } from './heat'
import type { CleanLog } from './log'
import { held, packResistance, restVolts, secondsOver, type Totals, totals } from './measures'

export type FindingId =
  | 'distance'
  | 'top speed'
  | 'time over speed'
  | 'energy'
  | 'energy gross'
  | 'energy out'
  | 'energy back'
  | 'charge'
  | 'highest current'
  | 'held current'
  | 'sag'
  | 'pack resistance'
  | 'heat'
  | 'time over heat'
  | 'braking'
  | 'rolling'
  | 'air'
  | 'ripple'
export type Verdict = 'good' | 'look' | 'bad' | 'cannot say' | 'noted'
export type Unsaid =
  | 'no speed'
  | 'no current'
  | 'no voltage'
  | 'no temperature'
  | 'braked wheel'
  | 'too few samples'
  | 'no stop'
  | 'too short'
  | 'too little load'
  | 'no run'
  | 'one run'
  | 'needs phase current'

/** One thing a log says, or why it cannot. `u` is a standard uncertainty in the same unit. */
export interface Finding {
  readonly id: FindingId
  readonly verdict: Verdict
  readonly value?: number
  readonly u?: number
  readonly unit?: string
  readonly limit?: number
  /** What the value is heading for, where it had not settled. */
  readonly heading?: number
  readonly why?: Unsaid
}

/** The windows to judge against. km/h, °C, share of the resting voltage, m/s². */
export interface RideLimits {
  readonly topSpeed?: number
  readonly motorTemperature: number
  readonly sag: number
  readonly deceleration: number
}

/** Estimates of the shop, where the machine file has no window: check local rules. */
export const DEFAULT_LIMITS: RideLimits = { motorTemperature: 100, sag: 0.12, deceleration: 3.5 }

/**
 * Judges a value that should stay below a limit with a guard band of twice its uncertainty (JCGM 106:2012, 8.3): clearly below is
 * good, clearly above is bad, between them is to be looked at.
 */
export function below(value: number, u: number, limit: number): 'good' | 'look' | 'bad' {
  return value + 2 * u <= limit ? 'good' : value - 2 * u > limit ? 'bad' : 'look'
}

/** Everything a ride log says of the machine, and what it cannot say. */
export function judgeRide(log: CleanLog, limits: RideLimits): Finding[] {
  const { speed, current, voltage, temperature } = log.channels
  const sums = totals(log)
  return [
    speed
      ? { id: 'distance', verdict: 'noted', value: sums.kilometres, unit: 'km' }
      : { id: 'distance', verdict: 'cannot say', why: 'no speed' },
    topSpeed(log, limits),
    ...(speed && limits.topSpeed !== undefined ? [over('time over speed', log, speed, limits.topSpeed)] : []),
    ...energy(log, sums),
    ...(current ? currents(log, current) : []),
    sag(log, limits),
    resistance(log),
    temperature ? heat(log, temperature, limits) : { id: 'heat', verdict: 'cannot say', why: 'no temperature' },
    ...(temperature ? [over('time over heat', log, temperature, limits.motorTemperature)] : []),
    braking(log, limits),
    ...coasting(log),
    { id: 'ripple', verdict: 'cannot say', why: voltage || current ? 'needs phase current' : 'no current' },
  ]
}

/** How long it was over a limit, s. */
function over(id: 'time over speed' | 'time over heat', log: CleanLog, values: Float64Array, limit: number): Finding {
  const value = secondsOver(log, values, limit)
  return { id, value, unit: 's', limit, verdict: value > 0 ? 'look' : 'good' }
}

/** Below this the energy of a kilometre says nothing, km. */
const SHORT = 0.2

/** Taken from the pack and given back to it, and for each kilometre with and without what came back. */
function energy(log: CleanLog, { kilometres, energy, ampereHours }: Totals): Finding[] {
  const { current } = log.channels
  const charge: Finding[] = ampereHours === null ? [] : [{ id: 'charge', verdict: 'noted', value: ampereHours, unit: 'Ah' }]
  if (energy === null) return [{ id: 'energy', verdict: 'cannot say', why: current ? 'no voltage' : 'no current' }, ...charge]
  const { out, back } = energy
  const each = kilometres > SHORT
  return [
    { id: 'energy', verdict: 'noted', value: each ? (out - back) / kilometres : out - back, unit: each ? 'Wh/km' : 'Wh' },
    ...(each ? [{ id: 'energy gross', verdict: 'noted', value: out / kilometres, unit: 'Wh/km' } as const] : []),
    { id: 'energy out', verdict: 'noted', value: out, unit: 'Wh' },
    { id: 'energy back', verdict: 'noted', value: back, unit: 'Wh' },
    ...charge,
  ]
}

/** Seconds for which the battery current was held: a moment, and long enough to warm a lead. */
const MOMENT = 1
const LONG = 30

function currents(log: CleanLog, current: Float64Array): Finding[] {
  return [
    { id: 'highest current', verdict: 'noted', value: held(log, current, MOMENT), unit: 'A' },
    { id: 'held current', verdict: 'noted', value: held(log, current, LONG), unit: 'A' },
  ]
}

/** Rolling and air resistance, where it rolled without drive both ways. */
function coasting(log: CleanLog): Finding[] {
  const found = coastDown(log)
  if (typeof found === 'string') return [{ id: 'rolling', verdict: 'cannot say', why: found }]
  const { rolling, air } = found
  return [
    { id: 'rolling', verdict: 'noted', value: 100 * rolling.value, u: 100 * rolling.u, unit: '%' },
    { id: 'air', verdict: 'noted', value: air.value, u: air.u, unit: 'm²' },
  ]
}

function topSpeed(log: CleanLog, limits: RideLimits): Finding {
  if (!log.channels.speed) return { id: 'top speed', verdict: 'cannot say', why: 'no speed' }
  const value = held(log, log.channels.speed, 1)
  // A logger's speed is as good as its wheel size: 1.5 %, estimated.
  const u = 0.015 * value
  const found = { id: 'top speed', value, u, unit: 'km/h' } as const
  return limits.topSpeed === undefined
    ? { ...found, verdict: 'noted' }
    : { ...found, limit: limits.topSpeed, verdict: below(value, u, limits.topSpeed) }
}

function sag(log: CleanLog, limits: RideLimits): Finding {
  if (!log.channels.voltage) return { id: 'sag', verdict: 'cannot say', why: 'no voltage' }
  const rest = restVolts(log)
  if (rest === null) return { id: 'sag', verdict: 'cannot say', why: 'too short' }
  const value = rest.rest - rest.lowest
  return { id: 'sag', value, u: 0.1, unit: 'V', limit: limits.sag * rest.rest, verdict: below(value, 0.1, limits.sag * rest.rest) }
}

function resistance(log: CleanLog): Finding {
  const { current, voltage } = log.channels
  if (!current || !voltage) return { id: 'pack resistance', verdict: 'cannot say', why: current ? 'no voltage' : 'no current' }
  const fit = packResistance(log, current, voltage)
  return fit
    ? { id: 'pack resistance', verdict: 'noted', value: fit.ohms * 1000, u: fit.u * 1000, unit: 'mohm' }
    : { id: 'pack resistance', verdict: 'cannot say', why: 'too little load' }
}

/** Rest that is longer than this is no part of a ride's load, s; estimated. */
const REST = 60
/** Below this it is not moving, km/h; below this share of its usual most, and 2 A, it does not work. */
const MOVING = 3
const WORKING = { share: 0.05, least: 2 }

/** From where to where it was under load without a long rest, the longest such stretch; the whole log where nothing says. */
function underLoad({ time, channels: { current, speed } }: CleanLog): readonly [number, number] {
  const by = current ?? speed
  if (!by) return [0, time.length - 1]
  const step = Math.max(1, Math.floor(by.length / 5_000))
  const sizes: number[] = []
  for (let i = 0; i < by.length; i += step) if (!Number.isNaN(by[i]!)) sizes.push(Math.abs(by[i]!))
  sizes.sort((a, b) => a - b)
  const least = current ? Math.max(WORKING.least, WORKING.share * (sizes[Math.floor(0.99 * sizes.length)] ?? 0)) : MOVING
  let best: readonly [number, number] = [0, 0]
  let [from, last] = [-1, -1]
  for (let i = 0; i < by.length; i++) {
    if (!(Math.abs(by[i]!) > least)) continue
    if (from < 0 || time[i]! - time[last]! > REST) from = i
    last = i
    if (time[last]! - time[from]! > time[best[1]]! - time[best[0]]!) best = [from, last]
  }
  return best[1] > best[0] ? best : [0, time.length - 1]
}

function heat(log: CleanLog, temperature: Float64Array, limits: RideLimits): Finding {
  const [from, to] = underLoad(log)
  const time: number[] = []
  const degrees: number[] = []
  const step = Math.max(1, Math.floor((to - from + 1) / 300))
  let highest = -Infinity
  for (let i = 0; i < temperature.length; i++) {
    const t = temperature[i]!
    if (Number.isNaN(t)) continue
    highest = Math.max(highest, t)
    if (i < from || i > to || (i - from) % step !== 0) continue
    time.push(log.time[i]!)
    degrees.push(t)
  }
  if (highest === -Infinity) return { id: 'heat', verdict: 'cannot say', why: 'no temperature' }
  const fit = fitHeat(time, degrees)
  const limit = limits.motorTemperature
  const found = { id: 'heat', value: highest, u: 1, unit: 'degC', limit } as const
  // Where it had not settled, what was reached is too little to be called good.
  if (!fit) {
    const so = below(highest, 1, limit)
    return { ...found, verdict: so === 'good' ? 'cannot say' : so, why: 'too short' }
  }
  const settled = fit.asymptote - highest > 1
  return settled
    ? { ...found, verdict: below(fit.asymptote, Math.max(1, fit.u), limit), heading: fit.asymptote }
    : { ...found, verdict: below(highest, 1, limit) }
}

function braking(log: CleanLog, limits: RideLimits): Finding {
  const answer = brakingStop(log)
  if (!answer.ok) return { id: 'braking', verdict: 'cannot say', why: answer.why }
  const u = 0.05 * answer.best.mfdd
  const over = below(limits.deceleration, u, answer.best.mfdd)
  return { id: 'braking', value: answer.best.mfdd, u, unit: 'm/s²', limit: limits.deceleration, verdict: over }
}
