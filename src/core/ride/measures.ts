import type { CleanLog } from './log'

export interface Totals {
  readonly kilometres: number
  /** Taken from the pack, and given back to it, Wh; null without voltage and current. */
  readonly energy: { readonly out: number; readonly back: number } | null
  /** Net, Ah; null without current. */
  readonly ampereHours: number | null
}

/** What a ride adds up to, over all but the gaps. */
export function totals(log: CleanLog): Totals {
  const { speed, current, voltage } = log.channels
  let metres = 0
  let [out, back, coulombs] = [0, 0, 0]
  for (let i = 1; i < log.time.length; i++) {
    if (log.broken[i]) continue
    const dt = log.time[i]! - log.time[i - 1]!
    if (speed) metres += finite(((speed[i]! + speed[i - 1]!) / 7.2) * dt)
    if (current) coulombs += finite(((current[i]! + current[i - 1]!) / 2) * dt)
    if (!current || !voltage) continue
    const joules = finite(((current[i]! * voltage[i]! + current[i - 1]! * voltage[i - 1]!) / 2) * dt)
    if (joules > 0) out += joules
    else back -= joules
  }
  return {
    kilometres: metres / 1000,
    energy: current && voltage ? { out: out / 3600, back: back / 3600 } : null,
    ampereHours: current ? coulombs / 3600 : null,
  }
}

const finite = (x: number): number => (Number.isNaN(x) ? 0 : x)

/** Seconds above a limit, over all but the gaps: of each step between two samples the part that is above it. */
export function secondsOver(log: CleanLog, values: Float64Array, limit: number): number {
  let seconds = 0
  for (let i = 1; i < values.length; i++) {
    if (log.broken[i]) continue
    const [a, b] = [values[i - 1]! - limit, values[i]! - limit]
    const dt = log.time[i]! - log.time[i - 1]!
    if (a > 0 && b > 0) seconds += dt
    else if (a > 0 || b > 0) seconds += finite((Math.max(a, b) / Math.abs(a - b)) * dt)
  }
  return seconds
}

/** The highest value that was held so long: the largest of the smallest values in each window of so many seconds; 0 where none is. */
export function held(log: CleanLog, speed: Float64Array, seconds: number): number {
  let best = 0
  // Indices of the window whose values rise: the first is the window's smallest.
  const rising = new Uint32Array(speed.length)
  let [head, tail] = [0, 0]
  let from = 0
  for (let i = 0; i < speed.length; i++) {
    const v = speed[i]!
    if (log.broken[i] || Number.isNaN(v)) {
      head = tail = 0
      from = Number.isNaN(v) ? i + 1 : i
      if (Number.isNaN(v)) continue
    }
    while (tail > head && speed[rising[tail - 1]!]! >= v) tail--
    rising[tail++] = i
    while (from < i && log.time[i]! - log.time[from + 1]! >= seconds) from++
    while (rising[head]! < from) head++
    if (log.time[i]! - log.time[from]! >= seconds) best = Math.max(best, speed[rising[head]!]!)
  }
  return best
}

/** Resting voltage (the middle of the first samples under half an ampere, else of the first second) and the lowest hundredth. */
export function restVolts(log: CleanLog): { readonly rest: number; readonly lowest: number } | null {
  const voltage = log.channels.voltage
  if (!voltage) return null
  const current = log.channels.current
  const rest: number[] = []
  const few = Math.max(5, Math.round(log.hz * 3))
  for (let i = 0; i < voltage.length && rest.length < few; i++) {
    if (Number.isNaN(voltage[i]!)) continue
    if (!current || Math.abs(current[i]!) < 0.5) rest.push(voltage[i]!)
  }
  const all = voltage.filter((v) => !Number.isNaN(v)).sort()
  if (rest.length < 3 || all.length < 20) return null
  rest.sort((a, b) => a - b)
  return { rest: rest[Math.floor(rest.length / 2)]!, lowest: all[Math.floor(all.length / 100)]! }
}

/**
 * Pack resistance in Ω from how the voltage follows the current: least squares through the changes over about a second, so that the
 * falling state of charge drops out. Null where the current hardly changes (a root sum of squares of under 20 A over the log).
 */
export function packResistance(
  log: CleanLog,
  current: Float64Array,
  voltage: Float64Array,
): { readonly ohms: number; readonly u: number } | null {
  const lag = Math.max(1, Math.round(log.hz))
  let [sii, siv, svv, n] = [0, 0, 0, 0]
  let lastBreak = 0
  for (let i = 1; i < log.time.length; i++) {
    if (log.broken[i]) lastBreak = i
    if (i - lag < lastBreak) continue
    const di = current[i]! - current[i - lag]!
    const dv = voltage[i]! - voltage[i - lag]!
    if (Number.isNaN(di + dv)) continue
    sii += di * di
    siv += di * dv
    svv += dv * dv
    n++
  }
  if (n < 30 || Math.sqrt(sii) < 20) return null
  const ohms = -siv / sii
  const variance = Math.max(0, svv - (siv * siv) / sii) / (n - 1)
  // Overlapping changes are not independent: as many as there are lags in the log count.
  return { ohms, u: Math.sqrt((variance / sii) * lag) }
}
