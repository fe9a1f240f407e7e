import type { Brake } from './brake'
import type { CleanLog } from './log'

export interface BrakingStop {
  /** Mean fully developed deceleration, m/s². */
  readonly mfdd: number
  /** First speed, km/h, and when it began, s. */
  readonly from: number
  readonly at: number
  /** Which brake it was, where somebody named it. */
  readonly brake?: Brake
}

export type BrakingAnswer =
  | { readonly ok: true; readonly best: BrakingStop; readonly stops: readonly BrakingStop[] }
  | { readonly ok: false; readonly why: 'no speed' | 'braked wheel' | 'too few samples' | 'no stop' }

/** Samples a second that a braking stop wants, and samples between 0.8 and 0.1 of the first speed. */
const BRAKING_HZ = 20
const BRAKING_SAMPLES = 10

/**
 * The braking stops of a log, and the hardest:
 * `MFDD = (Vb² − Ve²)/(25.92·(Se − Sb))`, Vb and Ve 0.8 and 0.1 of the first speed, km/h and m
 * (UN R78, annex 3). Not from a log slower than 20 Hz, with fewer than ten samples between, or whose speed is taken from the wheel
 * that is braked.
 */
export function brakingStop(log: CleanLog): BrakingAnswer {
  const speed = log.channels.speed
  if (!speed) return { ok: false, why: 'no speed' }
  if (log.hz < BRAKING_HZ * 0.95) return { ok: false, why: 'too few samples' }
  if (log.speedFrom === 'wheel') return { ok: false, why: 'braked wheel' }
  const stops: BrakingStop[] = []
  let start = 0
  let lowest = Infinity
  for (let i = 1; i < speed.length; i++) {
    lowest = Math.min(lowest, speed[i]!)
    // The top of a fall moves up with the speed; after a fall that picked up again by more than noise, a new one begins.
    if (log.broken[i] || Number.isNaN(speed[i]!) || speed[i]! >= speed[start]! || speed[i]! > lowest + 1) {
      start = i
      lowest = Number.isNaN(speed[i]!) ? Infinity : speed[i]!
    }
    if (speed[start]! < 8 || speed[i]! > 0.1 * speed[start]!) continue
    const bites = bite(log, speed, start, i)
    if (speed[i]! > 0.1 * speed[bites]!) continue
    const stop = measure(log, speed, bites, i)
    if (stop) stops.push(stop)
    start = i
  }
  if (stops.length === 0) return { ok: false, why: 'no stop' }
  return { ok: true, best: stops.reduce((a, b) => (b.mfdd > a.mfdd ? b : a)), stops }
}

/** Where the brake bites: from there on half a second takes a metre a second squared, so that a slow roll before is no part of the stop. */
function bite(log: CleanLog, speed: Float64Array, start: number, end: number): number {
  let ahead = start
  for (let i = start; i < end; i++) {
    while (ahead < end && log.time[ahead]! - log.time[i]! < 0.5) ahead++
    if ((speed[i]! - speed[ahead]!) / 3.6 >= log.time[ahead]! - log.time[i]!) return i
  }
  return start
}

function measure(log: CleanLog, speed: Float64Array, start: number, end: number): BrakingStop | null {
  const first = speed[start]!
  const [vb, ve] = [0.8 * first, 0.1 * first]
  let metres = 0
  let samples = 0
  let [from, to] = [Number.NaN, Number.NaN]
  for (let i = start + 1; i <= end; i++) {
    const [v0, v1] = [speed[i - 1]!, speed[i]!]
    const dt = log.time[i]! - log.time[i - 1]!
    const at = (v: number): number => metres + ((v0 + v) / 2 / 3.6) * dt * ((v0 - v) / (v0 - v1))
    if (Number.isNaN(from) && v1 <= vb && v0 > v1) from = at(vb)
    if (v1 <= vb && v1 >= ve) samples++
    if (!Number.isNaN(from) && Number.isNaN(to) && v1 <= ve && v0 > v1) to = at(ve)
    metres += ((v0 + v1) / 2 / 3.6) * dt
  }
  const seconds = log.time[end]! - log.time[start]!
  // A roll-out is no braking: below 1.5 m/s² on the whole it is left aside.
  if (first < 8 || !(to > from) || samples < BRAKING_SAMPLES || first / 3.6 / seconds < 1.5) return null
  return { mfdd: (vb ** 2 - ve ** 2) / (25.92 * (to - from)), from: first, at: log.time[start]! }
}
