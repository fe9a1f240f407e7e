import { type Channel, CHANNELS, type CleanLog } from './log'

/** A log for drawing: for each of a few hundred slices of time the lowest and highest value; null where the log has a gap. */
export interface Strips {
  readonly from: number
  readonly to: number
  readonly slices: number
  readonly channels: { readonly [K in Channel]?: { readonly low: readonly (number | null)[]; readonly high: readonly (number | null)[] } }
}

/**
 * Thins a log to `slices` pairs of lowest and highest value a channel, so that no peak is lost.
 * @param slices 10 … 2000
 */
export function strips(log: CleanLog, slices: number): Strips {
  if (!Number.isInteger(slices) || slices < 10 || slices > 2000) throw new RangeError(`slices must be 10 to 2000, got ${slices}`)
  const from = log.time[0] ?? 0
  const to = log.time.at(-1) ?? 0
  const width = (to - from) / slices || 1
  const channels: { [K in Channel]?: { low: (number | null)[]; high: (number | null)[] } } = {}
  for (const name of CHANNELS) {
    const values = log.channels[name]
    if (!values) continue
    const low: (number | null)[] = new Array<null>(slices).fill(null)
    const high: (number | null)[] = new Array<null>(slices).fill(null)
    for (let i = 0; i < values.length; i++) {
      const v = values[i]!
      if (Number.isNaN(v)) continue
      const at = Math.min(slices - 1, Math.floor((log.time[i]! - from) / width))
      const rounded = Math.round(v * 100) / 100
      if (low[at] === null || rounded < low[at]!) low[at] = rounded
      if (high[at] === null || rounded > high[at]!) high[at] = rounded
    }
    channels[name] = { low, high }
  }
  return { from, to, slices, channels }
}
