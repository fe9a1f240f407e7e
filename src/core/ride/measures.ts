import type { CleanLog } from './log'

/** Distance in km and net energy in Wh over all but the gaps; energy is null without voltage and current. */
export function totals(log: CleanLog): { readonly kilometres: number; readonly wattHours: number | null } {
  const { speed, current, voltage } = log.channels
  let metres = 0
  let joules = 0
  for (let i = 1; i < log.time.length; i++) {
    if (log.broken[i]) continue
    const dt = log.time[i]! - log.time[i - 1]!
    if (speed) metres += finite(((speed[i]! + speed[i - 1]!) / 7.2) * dt)
    if (current && voltage) joules += finite(((current[i]! * voltage[i]! + current[i - 1]! * voltage[i - 1]!) / 2) * dt)
  }
  return { kilometres: metres / 1000, wattHours: current && voltage ? joules / 3600 : null }
}

const finite = (x: number): number => (Number.isNaN(x) ? 0 : x)

/** The highest speed in km/h that was held for a second: the largest of the smallest values in each window of a second. */
export function heldSpeed(log: CleanLog, speed: Float64Array): number {
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
    while (from < i && log.time[i]! - log.time[from + 1]! >= 1) from++
    while (rising[head]! < from) head++
    if (log.time[i]! - log.time[from]! >= 1) best = Math.max(best, speed[rising[head]!]!)
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
