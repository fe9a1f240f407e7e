export const CHANNELS = ['speed', 'current', 'voltage', 'temperature'] as const
export type Channel = (typeof CHANNELS)[number]

/** A ride log as read: seconds, km/h, A, V, °C; NaN where a cell held nothing. `row` is the line of the file. */
export interface RawLog {
  readonly time: Float64Array
  readonly row: Uint32Array
  readonly channels: { readonly [K in Channel]?: Float64Array }
  /** Where the speed comes from: a wheel that is braked tells nothing of braking. */
  readonly speedFrom: 'wheel' | 'satellite' | 'unknown'
}

export type NoteKind = 'reversed' | 'duplicate' | 'gap' | 'wild' | 'unreadable' | 'too long' | 'missing'

/** Something about the log that was put right or left out, with the first line it happens at. */
export interface LogNote {
  readonly kind: NoteKind
  readonly count: number
  readonly row: number
  readonly channel?: Channel | 'time'
  /** The longest gap, seconds. */
  readonly seconds?: number
}

/** A log in order of time, with the breaks in it marked: `broken[i]` is 1 where a gap lies before sample i. */
export interface CleanLog extends RawLog {
  readonly broken: Uint8Array
  /** Samples a second: one over the middle interval. */
  readonly hz: number
  readonly notes: readonly LogNote[]
}

/** What no machine of this bench does: outside it a value is a fault of the logger. km/h, A, V, °C. */
const POSSIBLE: Readonly<Record<Channel, readonly [number, number]>> = {
  speed: [0, 150],
  current: [-1000, 1000],
  voltage: [0, 1000],
  temperature: [-40, 250],
}

/**
 * Puts a log in order: samples whose time goes back, stands still or leaps out of the row are left out, impossible values are
 * blanked, gaps (more than five usual intervals, and half a second) are kept as gaps. Whatever was done is noted with its line.
 */
export function cleanLog(raw: RawLog): CleanLog {
  const notes: LogNote[] = []
  const keep = inOrder(raw, notes)
  const time = pick(raw.time, keep)
  const row = new Uint32Array(keep.length)
  for (let k = 0; k < keep.length; k++) row[k] = raw.row[keep[k]!]!
  const channels: { [K in Channel]?: Float64Array } = {}
  for (const name of CHANNELS) {
    const values = raw.channels[name]
    if (values) channels[name] = possible(pick(values, keep), row, name, notes)
  }
  const usual = middleInterval(time)
  const broken = new Uint8Array(time.length)
  const longest = Math.max(5 * usual, 0.5)
  let gaps = 0
  let first = 0
  let worst = 0
  for (let i = 1; i < time.length; i++) {
    const gap = time[i]! - time[i - 1]!
    if (gap <= longest) continue
    broken[i] = 1
    if (gaps++ === 0) first = row[i]!
    worst = Math.max(worst, gap)
  }
  if (gaps > 0) notes.push({ kind: 'gap', count: gaps, row: first, seconds: worst })
  return { time, row, channels, speedFrom: raw.speedFrom, broken, hz: usual > 0 ? 1 / usual : 0, notes }
}

/**
 * The samples whose times rise, as many as there are: one wild time among them costs itself, not what comes after it. Of equal times the
 * first is kept.
 */
function inOrder(raw: RawLog, notes: LogNote[]): Uint32Array {
  const kept = risingOf(raw.time)
  const odd = { reversed: { count: 0, row: 0 }, duplicate: { count: 0, row: 0 } }
  let k = 0
  for (let i = 0; i < raw.time.length; i++) {
    if (kept[k] === i) {
      k++
      continue
    }
    const note = raw.time[i] === raw.time[kept[k - 1] ?? -1] ? odd.duplicate : odd.reversed
    if (note.count++ === 0) note.row = raw.row[i]!
  }
  for (const kind of ['reversed', 'duplicate'] as const) if (odd[kind].count > 0) notes.push({ kind, ...odd[kind], channel: 'time' })
  return kept
}

/**
 * Places of the longest strictly rising part of a list (patience sorting, Fredman 1975); of several as long the one that keeps what came
 * first. All of it where it rises anyway.
 */
function risingOf(times: Float64Array): Uint32Array {
  const n = times.length
  let rises = true
  for (let i = 1; i < n && rises; i++) rises = times[i]! > times[i - 1]!
  if (rises) return Uint32Array.from(times, (_, i) => i)
  // How long a rising part can be that ends at each place, and one that begins there.
  const { lengths: upTo, longest } = lengthsOf(n, (i) => times[i]!)
  const { lengths: onFrom } = lengthsOf(n, (i) => -times[n - 1 - i]!)
  const kept = new Uint32Array(longest)
  let k = 0
  for (let i = 0; i < n && k < longest; i++)
    if (upTo[i] === k + 1 && upTo[i]! + onFrom[n - 1 - i]! - 1 === longest && (k === 0 || times[i]! > times[kept[k - 1]!]!)) kept[k++] = i
  return kept
}

/** For each place the length of the longest strictly rising part that ends there, and the longest of all. */
function lengthsOf(n: number, at: (i: number) => number): { readonly lengths: Uint32Array; readonly longest: number } {
  const lengths = new Uint32Array(n)
  const ends = new Float64Array(n)
  let longest = 0
  for (let i = 0; i < n; i++) {
    const t = at(i)
    let [low, high] = [0, longest]
    if (longest > 0 && t > ends[longest - 1]!) low = longest
    while (low < high) {
      const middle = (low + high) >> 1
      if (ends[middle]! >= t) high = middle
      else low = middle + 1
    }
    ends[low] = t
    lengths[i] = low + 1
    longest = Math.max(longest, low + 1)
  }
  return { lengths, longest }
}

function possible(values: Float64Array, row: Uint32Array, channel: Channel, notes: LogNote[]): Float64Array {
  const [low, high] = POSSIBLE[channel]
  let count = 0
  let first = 0
  for (let i = 0; i < values.length; i++) {
    const v = values[i]!
    if (Number.isNaN(v) || (v >= low && v <= high)) continue
    if (count++ === 0) first = row[i]!
    values[i] = Number.NaN
  }
  if (count > 0) notes.push({ kind: 'wild', count, row: first, channel })
  return values
}

function pick(from: Float64Array, keep: Uint32Array): Float64Array {
  const picked = new Float64Array(keep.length)
  for (let k = 0; k < keep.length; k++) picked[k] = from[keep[k]!]!
  return picked
}

/** The middle of the intervals; of a sample of them where there are very many. */
function middleInterval(time: Float64Array): number {
  const step = Math.max(1, Math.floor(time.length / 5000))
  const gaps: number[] = []
  for (let i = 1; i < time.length; i += step) gaps.push(time[i]! - time[i - 1]!)
  gaps.sort((a, b) => a - b)
  return gaps[Math.floor(gaps.length / 2)] ?? 0
}
