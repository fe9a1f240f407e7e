import { describe, expect, it } from 'vitest'
import { type Asked, fits, type Misfit, type Take } from './fits'
import { Live, type Seen } from './live'

const volts: Asked = { quantity: 'voltage', unit: 'V', range: [0, 100], live: true }

/** Lines of one instrument, each so many ms after the last. */
function live(
  lines: readonly string[],
  every = 250,
  facts: { standIn?: boolean; kind?: 'multimeter' | 'caliper or gauge' } = {},
): { seen: () => Seen; is: Live } {
  const is = new Live({ name: 'meter 3', standIn: false, ...facts })
  lines.forEach((line, i) => is.put(line, i * every))
  return { seen: () => is.seen((lines.length - 1) * every), is }
}
const refused = (asked: Asked, seen: Seen, take?: Take): Misfit['kind'] | 'taken' => {
  const fit = fits(asked, seen, take)
  return fit.ok ? 'taken' : fit.error.kind
}
const steady = (line: string): Seen => live(Array.from({ length: 10 }, () => line)).seen()

describe('what stands on an instrument', () => {
  it('is new, then moves, then stands still; what it showed least and most stays', () => {
    const { is } = live([])
    const at = (t: number): Seen['is'] => is.seen(t).is
    expect(at(0)).toBe('new')
    is.put('12.0 V DC', 0)
    expect(at(100)).toBe('new')
    is.put('40.0 V DC', 300)
    expect(at(300)).toBe('moving')
    for (let t = 600; t <= 3000; t += 300) is.put('51.8 V DC', t)
    expect(at(3000)).toBe('settled')
    // What it crept through does not count; what it dips to from then on does.
    expect([is.seen(3000).low, is.seen(3000).high, is.seen(3000).ranged]).toEqual([51.8, 51.8, false])
    for (const [t, v] of [
      [3300, 44],
      [3600, 51.8],
      [6000, 51.8],
    ] as const)
      is.put(`${v} V DC`, t)
    expect([is.seen(6000).low, is.seen(6000).high, is.seen(6000).ranged]).toEqual([44, 51.8, true])
    // One figure after a gap is no standing still: what came before it counts.
    const { is: gap } = live(['40 V DC', '50 V DC'])
    gap.put('45 V DC', 2500)
    expect([gap.seen(2500).low, gap.seen(2500).high]).toEqual([40, 50])
    is.begin()
    is.put('51.9 V DC', 6300)
    expect([is.seen(6300).low, is.seen(6300).high]).toEqual([51.9, 51.9])
  })

  it('stands at once where it is held by its own key, or sends once at the press of a button', () => {
    expect(live(['51.8 V DC hold']).seen().is).toBe('settled')
    expect(live(['12.34 mm'], 250, { kind: 'caliper or gauge' }).seen().is).toBe('settled')
    expect(live(['12.34 mm']).seen().is).toBe('new')
    expect(live(['51.8 V DC low-battery']).seen().is).toBe('new')
  })

  it('keeps what stood there after a minute, and not before', () => {
    const { is } = live([])
    for (let s = 0; s <= 70; s++) is.put(`${(100 * (1 - Math.exp(-s / 20))).toFixed(1)} Mohm insulation @500V`, s * 1000)
    expect(is.seen(70_000).at60).toBe(95)
    expect(is.seen(70_000).is).toBe('settled')
    const { is: short } = live(
      Array.from({ length: 50 }, () => '10 Mohm insulation'),
      1000,
    )
    expect(short.seen(49_000).at60).toBeNull()
    expect(short.seen(49_000).seconds).toBe(49)
  })

  it('begins anew when its dial is turned, and goes on when it changes its range by itself', () => {
    const turned = live(['51.8 V DC', '0.02 V AC']).seen()
    expect([turned.low, turned.high]).toEqual([0.02, 0.02])
    const ranged = live(['800 ohm', '1.2 kohm']).seen()
    expect([ranged.low, ranged.high]).toEqual([0.8, 1.2])
  })

  it('shows the codes of a turn by hand once each as they come, and forgets a bad line at the next good one', () => {
    const { is } = live(['101 halls', '101 halls', '100 halls', '110 halls'])
    expect(is.seen(1000).halls).toEqual([5, 4, 6])
    is.put('\u0007\u0007', 1200)
    expect(is.seen(1200).fault).toEqual({ kind: 'unreadable' })
    is.put('110 halls', 1400)
    expect(is.seen(1400).fault).toBeNull()
  })
})

describe('a field takes it, or says by name why not', () => {
  it('takes it in its own unit, with how the instrument was set', () => {
    expect(fits({ ...volts, range: [0, 100_000], unit: 'mV' }, steady('51.83 V DC'))).toEqual({
      ok: true,
      value: { unit: 'mV', mode: 'V DC', result: { is: 'value', value: 51_830 } },
    })
    expect(fits({ quantity: 'temperature', unit: 'degC', live: false }, steady('68.0 degF'))).toMatchObject({
      value: { result: { value: 20 } },
    })
    expect(
      fits({ quantity: 'resistance', unit: 'Mohm', modes: ['insulation'], live: false }, steady('320 Mohm insulation @500V')),
    ).toMatchObject({
      value: { condition: { testVolts: 500 } },
    })
  })

  it.each<[string, Asked, string, Misfit['kind'] | 'taken']>([
    ['AC for DC', volts, '51.8 V AC', 'other mode'],
    ['DC for AC', { ...volts, modes: ['V AC'] }, '51.8 V DC', 'other mode'],
    ['the diode test for volts', volts, '0.5 V diode', 'other mode'],
    ['ohms for volts, dead', { ...volts, live: false }, '0.2 ohm', 'other quantity'],
    ['ohms on a live circuit', volts, '0.2 ohm', 'ohms on live'],
    ['ohms on a live circuit where ohms are asked', { quantity: 'resistance', unit: 'ohm', live: true }, '0.2 ohm', 'ohms on live'],
    ['continuity for ohms', { quantity: 'resistance', unit: 'ohm', live: false }, '0.2 ohm continuity', 'other mode'],
    ['kilohms for ohms', { quantity: 'resistance', unit: 'ohm', range: [0, 100], live: false }, '4.7 kohm', 'out of range'],
    [
      'a range of kilohms where tenths of an ohm count',
      { quantity: 'resistance', unit: 'ohm', range: [0, 100], finest: () => 0.1, live: false },
      '0.001 kohm',
      'too coarse',
    ],
    ['a fine enough step', { quantity: 'resistance', unit: 'ohm', range: [0, 100], finest: () => 0.1, live: false }, '1.2 ohm', 'taken'],
    ['a negative where none can be', volts, '-51.8 V DC', 'out of range'],
    ['a negative where one can', { ...volts, range: [-100, 100] }, '-51.8 V DC', 'taken'],
    ['dashes', volts, '---- V DC', 'no figure'],
    ['what cannot be read', volts, 'noise', 'unreadable'],
    ['a unit that does not exist', volts, '12 furlongs', 'unreadable'],
  ])('%s', (_, asked, line, kind) => {
    expect(refused(asked, steady(line))).toBe(kind)
  })

  it('marks a moving value and refuses it only where it has to stand; lowest, highest and the minute are offered', () => {
    const moving = live(Array.from({ length: 20 }, (_, i) => `${(40 + i).toFixed(1)} V DC`)).seen()
    expect(moving.is).toBe('moving')
    expect(refused(volts, moving)).toBe('taken')
    expect(refused({ ...volts, settled: true }, moving)).toBe('moving')
    const figure = (take: Take): unknown => {
      const fit = fits({ ...volts, settled: true }, moving, take)
      return fit.ok ? fit.value.result : fit.error.kind
    }
    expect(figure('low')).toEqual({ is: 'value', value: 40 })
    expect(figure('high')).toEqual({ is: 'value', value: 59 })
    expect(figure('at 60 s')).toBe('no figure')
    expect(refused({ ...volts, settled: true }, steady('51.8 V DC'))).toBe('taken')
  })

  it('takes more than it can show as the end of its range, where that is known', () => {
    const ohms: Asked = { quantity: 'resistance', unit: 'Mohm', live: false }
    expect(refused(ohms, steady('OL Mohm'))).toBe('no figure')
    expect(fits(ohms, steady('OL Mohm'), 'now', 40)).toMatchObject({ value: { result: { is: 'over', limit: 40 } } })
    expect(refused({ ...ohms, figure: true }, steady('OL Mohm'))).toBe('beyond')
    expect(refused({ ...ohms, figure: true }, steady('3.1 Mohm'))).toBe('taken')
    expect(fits({ ...volts, range: [-9, 9] }, steady('-OL V DC'), 'now', 9)).toMatchObject({
      value: { result: { is: 'under', limit: -9 } },
    })
  })

  it('proves nothing dead by a stand-in', () => {
    const it = live(['0.0 V DC hold'], 250, { standIn: true }).seen()
    expect(refused({ ...volts, live: false }, it)).toBe('taken')
    expect(refused({ ...volts, live: false, dead: true }, it)).toBe('stand-in')
    const own = live(['#stand-in', '0.0 V DC hold']).seen()
    expect(refused({ ...volts, live: false, dead: true }, own)).toBe('stand-in')
  })
})
