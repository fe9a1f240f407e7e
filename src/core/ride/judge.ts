import { brakingStop } from './braking'
import { fitHeat } from './heat'
import type { CleanLog } from './log'
import { heldSpeed, packResistance, restVolts, totals } from './measures'

export type FindingId = 'distance' | 'top speed' | 'energy' | 'sag' | 'pack resistance' | 'heat' | 'braking' | 'ripple'
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
    sums.wattHours === null
      ? { id: 'energy', verdict: 'cannot say', why: current ? 'no voltage' : 'no current' }
      : {
          id: 'energy',
          verdict: 'noted',
          value: sums.kilometres > 0.2 ? sums.wattHours / sums.kilometres : sums.wattHours,
          unit: sums.kilometres > 0.2 ? 'Wh/km' : 'Wh',
        },
    sag(log, limits),
    resistance(log),
    temperature ? heat(log, temperature, limits) : { id: 'heat', verdict: 'cannot say', why: 'no temperature' },
    braking(log, limits),
    { id: 'ripple', verdict: 'cannot say', why: voltage || current ? 'needs phase current' : 'no current' },
  ]
}

function topSpeed(log: CleanLog, limits: RideLimits): Finding {
  if (!log.channels.speed) return { id: 'top speed', verdict: 'cannot say', why: 'no speed' }
  const value = heldSpeed(log, log.channels.speed)
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

function heat(log: CleanLog, temperature: Float64Array, limits: RideLimits): Finding {
  const time: number[] = []
  const degrees: number[] = []
  const step = Math.max(1, Math.floor(temperature.length / 300))
  let highest = -Infinity
  for (let i = 0; i < temperature.length; i++) {
    const t = temperature[i]!
    if (Number.isNaN(t)) continue
    highest = Math.max(highest, t)
    if (i % step !== 0) continue
    time.push(log.time[i]!)
    degrees.push(t)
  }
  if (time.length === 0) return { id: 'heat', verdict: 'cannot say', why: 'no temperature' }
  const fit = fitHeat(time, degrees)
  const limit = limits.motorTemperature
  const settled = fit && fit.asymptote - highest > 1
  const verdict = settled ? below(Math.max(highest, fit.asymptote), Math.max(1, fit.u), limit) : below(highest, 1, limit)
  return {
    id: 'heat',
    value: highest,
    u: 1,
    unit: 'degC',
    limit,
    verdict,
    ...(settled ? { heading: fit.asymptote } : {}),
    ...(fit ? {} : { why: 'too short' as const }),
  }
}

function braking(log: CleanLog, limits: RideLimits): Finding {
  const answer = brakingStop(log)
  if (!answer.ok) return { id: 'braking', verdict: 'cannot say', why: answer.why }
  const u = 0.05 * answer.best.mfdd
  const over = below(limits.deceleration, u, answer.best.mfdd)
  return { id: 'braking', value: answer.best.mfdd, u, unit: 'm/s²', limit: limits.deceleration, verdict: over }
}
