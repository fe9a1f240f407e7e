import { describe, expect, it } from 'vitest'
import { distance } from './gpx'
import { readRideLog } from './ride-log'

const gpx = (points: string): string =>
  `<?xml version="1.0" encoding="UTF-8"?>\n<gpx version="1.1" creator="logger"><trk><trkseg>\n${points}\n</trkseg></trk></gpx>\n`
const point = (lat: number, lon: number, time: string, more = ''): string =>
  `<trkpt lat="${lat}" lon="${lon}"><time>${time}</time>${more}</trkpt>`
const read = (text: string) => {
  const result = readRideLog(text)
  if (!result.ok) throw new Error(JSON.stringify(result.error))
  return result.value
}

describe('a GPX track', () => {
  it('is as far as the earth is round: one degree of latitude is 111.195 km, and longitude shrinks with its cosine', () => {
    expect(distance([50, 8], [51, 8]) / 1000).toBeCloseTo(111.195, 2)
    expect(distance([60, 8], [60, 8.001]) / distance([0, 8], [0, 8.001])).toBeCloseTo(0.5, 4)
    expect(distance([10, 179.9995], [10, -179.9995])).toBeLessThan(120)
  })
  it('gives time and speed from place to place, and says that it comes from satellites', () => {
    const { raw, taken } = read(
      gpx(
        [point(50, 8, '2026-11-28T10:00:00Z'), point(50.0001, 8, '2026-11-28T10:00:02Z'), point(50.0001, 8, '2026-11-28T10:00:03Z')].join(
          '\n',
        ),
      ),
    )
    expect([...raw.time].map((t) => t - raw.time[0]!)).toEqual([0, 2, 3])
    expect(raw.channels.speed![1]).toBeCloseTo((11.1195 / 2) * 3.6, 2)
    expect(raw.channels.speed![2]).toBe(0)
    expect([...raw.row]).toEqual([3, 4, 5])
    expect(raw.speedFrom).toBe('satellite')
    expect(taken.map((t) => t.column)).toEqual(['time', 'lat, lon'])
  })
  it('takes the speed that the file has, in m/s, whatever its prefix', () => {
    const more = '<extensions><x:TrackPointExtension><x:speed>5</x:speed></x:TrackPointExtension></extensions>'
    const { raw, taken } = read(gpx(point(50, 8, '2026-11-28T10:00:00Z', more)))
    expect(raw.channels.speed![0]).toBe(18)
    expect(taken[1]).toMatchObject({ column: 'speed', unit: 'm/s' })
  })
  it('an empty place or speed is none, and not nought', () => {
    const { raw, notes } = read(
      gpx(
        [
          point(50, 8, '2026-11-28T10:00:00Z'),
          '<trkpt lat="" lon=""><time>2026-11-28T10:00:01Z</time></trkpt>',
          point(50.0001, 8, '2026-11-28T10:00:02Z', '<speed></speed>'),
        ].join('\n'),
      ),
    )
    expect(raw.time).toHaveLength(2)
    expect(raw.channels.speed![1]).toBeCloseTo((11.1195 / 2) * 3.6, 2)
    expect(notes).toContainEqual({ kind: 'unreadable', count: 1, row: 4, channel: 'time' })
  })
  it('leaves out points without a place or a time, and says where the first stood', () => {
    const { notes, raw } = read(
      gpx(
        [
          '<trkpt lat="x" lon="8"><time>2026-11-28T10:00:00Z</time></trkpt>',
          '<trkpt lat="50" lon="8"/>',
          point(50, 8, '2026-11-28T10:00:01Z'),
        ].join('\n'),
      ),
    )
    expect(raw.time).toHaveLength(1)
    expect(notes).toContainEqual({ kind: 'unreadable', count: 2, row: 3, channel: 'time' })
  })
  it.each([
    [gpx(''), 'empty'],
    [gpx('<trkpt lat="1" lon="2"></trkpt>'), 'nothing readable'],
  ])('without a point that can be read says so', (text, kind) => expect(readRideLog(text)).toMatchObject({ ok: false, error: { kind } }))
})
