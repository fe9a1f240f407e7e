import type { LogNote, RawLog, RideLogFault } from '../core/ride'
import { fail, ok, type Result } from '../core/result'
import { cut } from '../core/text'
import type { ReadLog } from './ride-read'

/** Mean radius of the earth, m (IUGG). */
const EARTH = 6_371_008.8
const RAD = Math.PI / 180

export const isGpx = (text: string): boolean => /^\uFEFF?\s*(<\?xml[^>]*>\s*)?(<!--[\s\S]{0,2000}?-->\s*)?<gpx\b/i.test(text.slice(0, 4096))

/** Great-circle distance in m between two places in degrees (haversine). */
export function distance(a: readonly [number, number], b: readonly [number, number]): number {
  const [p, q] = [a[0] * RAD, b[0] * RAD]
  const h = Math.sin((q - p) / 2) ** 2 + Math.cos(p) * Math.cos(q) * Math.sin(((b[1] - a[1]) * RAD) / 2) ** 2
  return 2 * EARTH * Math.asin(Math.min(1, Math.sqrt(h)))
}

/** A figure; NaN for an empty or missing text, which `Number` takes for 0. */
const figure = (text: string | undefined): number => (text === undefined || text.trim() === '' ? Number.NaN : Number(text))
const attribute = (tag: string, name: string): number => figure(new RegExp(`\\b${name}\\s*=\\s*["']([^"']*)["']`).exec(tag)?.[1])
const element = (inside: string, name: string): string | undefined => new RegExp(`<(?:\\w+:)?${name}>([^<]*)<`).exec(inside)?.[1]!.trim()

/** The track points of a file one after the other; each letter is looked at once. */
function* trackPoints(text: string): Generator<{ readonly index: number; readonly tag: string; readonly inside: string }> {
  for (let index = text.indexOf('<trkpt'); index >= 0; index = text.indexOf('<trkpt', index + 1)) {
    const end = text.indexOf('>', index)
    if (end < 0) return
    const tag = text.slice(index, end + 1)
    if (tag.endsWith('/>')) {
      yield { index, tag, inside: '' }
      continue
    }
    const close = text.indexOf('</trkpt', end)
    if (close < 0) return
    yield { index, tag, inside: text.slice(end + 1, close) }
    index = close
  }
}

/**
 * Reads the track points of a GPX 1.1 file: time and speed, that of the file (m/s) where it has one, else from place to place. Points
 * without a place or a time are left out and noted with their line. Speed comes from satellites; nothing else is taken.
 * @param text at most 200 MB
 */
export function readGpx(text: string): Result<ReadLog, RideLogFault> {
  const time: number[] = []
  const row: number[] = []
  const speed: number[] = []
  let [unreadable, first] = [0, { row: 0, found: '' }]
  let before: { readonly at: readonly [number, number]; readonly t: number } | null = null
  let own = 0
  let [line, counted] = [1, 0]
  for (const { index, tag, inside } of trackPoints(text)) {
    for (; counted < index; counted++) if (text.charCodeAt(counted) === 10) line++
    const at = [attribute(tag, 'lat'), attribute(tag, 'lon')] as const
    const t = Date.parse(element(inside, 'time') ?? '') / 1000
    if (!Number.isFinite(t) || !(Math.abs(at[0]) <= 90 && Math.abs(at[1]) <= 180)) {
      if (unreadable++ === 0) first = { row: line, found: cut(tag, 60) }
      continue
    }
    const said = figure(element(inside, 'speed'))
    if (Number.isFinite(said)) own++
    const travelled = before && t > before.t ? distance(before.at, at) / (t - before.t) : 0
    time.push(t)
    row.push(line)
    speed.push((Number.isFinite(said) ? said : travelled) * 3.6)
    before = { at, t }
  }
  if (time.length === 0) return unreadable > 0 ? fail({ kind: 'nothing readable', ...first }) : fail({ kind: 'empty' })
  const notes: LogNote[] = [
    ...(unreadable > 0 ? [{ kind: 'unreadable' as const, count: unreadable, row: first.row, channel: 'time' as const }] : []),
    ...(['current', 'voltage', 'temperature'] as const).map((channel) => ({ kind: 'missing' as const, count: 1, row: 1, channel })),
  ]
  const raw: RawLog = {
    time: Float64Array.from(time),
    row: Uint32Array.from(row),
    channels: { speed: Float64Array.from(speed) },
    speedFrom: 'satellite',
  }
  return ok({
    raw,
    notes,
    taken: [
      { role: 'time', column: 'time', unit: 's', named: true },
      { role: 'speed', column: own > 0 ? 'speed' : 'lat, lon', unit: 'm/s', named: true },
    ],
    names: [],
  })
}
