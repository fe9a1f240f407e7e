import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readFigure, readRideLog } from './ride-log'

const read = (text: string) => {
  const result = readRideLog(text)
  if (!result.ok) throw new Error(JSON.stringify(result.error))
  return result.value
}

describe('readRideLog', () => {
  it('reads a plain log', () => {
    const { raw, notes } = read('time (s),speed (km/h),current (A),voltage (V),motor temp (°C)\n0,0,0.2,54.1,21\n0.1,1.5,8,53.2,21.5\n')
    expect([...raw.time]).toEqual([0, 0.1])
    expect([...raw.channels.speed!]).toEqual([0, 1.5])
    expect([...raw.channels.temperature!]).toEqual([21, 21.5])
    expect([...raw.row]).toEqual([2, 3])
    expect(notes).toEqual([])
  })

  it.each([
    ['semicolons and decimal commas', 'Zeit [s];Geschwindigkeit [km/h];Strom [A]\n0,5;12,5;3,25\n', [0.5], [12.5], 3.25],
    ['tabs', 't\tspeed\tcurrent\n1\t10\t2\n', [1], [10], 2],
    ['metres a second, milliseconds and milliamperes', 'time ms,speed m/s,current mA\n1500,5,2500\n', [1.5], [18], 2.5],
    ['miles an hour and quotes', '"time","speed (mph)","current"\r\n"2","10","1"\r\n', [2], [16.09344], 1],
    ['clock times', 'time,speed,current\n0:01:02.5,3,1\n', [62.5], [3], 1],
    ['a byte order mark', '\uFEFFtime,speed,current\n1,2,3\n', [1], [2], 3],
  ] as const)('reads %s', (_, text, time, speed, current) => {
    const { raw } = read(text)
    expect([...raw.time]).toEqual(time)
    expect(raw.channels.speed![0]).toBeCloseTo(speed[0], 9)
    expect(raw.channels.current![0]).toBe(current)
  })

  it.each([
    ['dates with points', 'date,speed\n28.11.2026 10:22:33,1\n28.11.2026 10:22:34.5,2\n', 1.5],
    ['ISO dates', 'timestamp,speed\n2026-11-28T10:22:33Z,1\n2026-11-28T10:22:34.5Z,2\n', 1.5],
    ['milliseconds since 1970 without a word of it', 'timestamp,speed\n1795861353000,1\n1795861354500,2\n', 1.5],
    ['seconds since 1970', 'timestamp,speed\n1795861353,1\n1795861354.5,2\n', 1.5],
    ['microseconds since 1970', 'timestamp,speed\n1795861353000000,1\n1795861354500000,2\n', 1.5],
    ['a clock that passes midnight', 'time,speed\n23:59:59.5,1\n0:00:01,2\n', 1.5],
    ['the time of a file that has a date beside it', 'Date,Time,speed\n2026-11-28,10:22:33,1\n2026-11-28,10:22:34.5,2\n', 1.5],
  ])('reads %s', (_, text, seconds) => {
    const [a, b] = read(text).raw.time
    expect(b! - a!).toBeCloseTo(seconds, 3)
  })

  it('takes what is surer, leaves alone what is of something else, and says what it took', () => {
    const text = 'time_s,controller_temp_C,temp,motor_temp_F,phase current (A),current_mA,V\n0,80,30,212,90,2500,52\n'
    const { raw, taken, names } = read(text)
    expect(raw.channels.temperature![0]).toBeCloseTo(100, 9)
    expect(raw.channels.current![0]).toBe(2.5)
    expect(taken).toEqual([
      { role: 'time', column: 'time_s', unit: 's', named: true },
      { role: 'current', column: 'current_mA', unit: 'mA', named: true },
      { role: 'voltage', column: 'V', unit: 'V', named: true },
      { role: 'temperature', column: 'motor_temp_F', unit: '°F', named: true },
    ])
    expect(names).toHaveLength(7)
  })

  it('takes a column for what somebody says it is, in the unit that they say, and for nothing else', () => {
    const text = 'n,x,speed\n0,5,99\n1000,10,99\n'
    const assigned = { time: { column: 'n', unit: 'ms' }, speed: { column: 'x', unit: 'm/s' } } as const
    const result = readRideLog(text, assigned)
    if (!result.ok) throw new Error(result.error.kind)
    expect([...result.value.raw.time]).toEqual([0, 1])
    expect([...result.value.raw.channels.speed!]).toEqual([18, 36])
    expect(readRideLog('time,speed,voltage\n0,1,52\n', { speed: null })).toMatchObject({
      ok: true,
      value: { taken: [{ role: 'time' }, { role: 'voltage' }] },
    })
    // One column is one thing.
    expect(readRideLog('time,speed\n0,1\n', { current: { column: 'speed', unit: 'A' } })).toMatchObject({
      ok: true,
      value: { taken: [{ role: 'time' }, { role: 'current', column: 'speed' }] },
    })
    // A file without that column goes by its headers.
    expect(readRideLog('time,speed\n0,1\n', assigned)).toMatchObject({
      ok: true,
      value: { taken: [{ column: 'time' }, { column: 'speed' }] },
    })
  })

  it('leaves lines out that it cannot read, and says which; blanks cells', () => {
    const { raw, notes } = read('time,speed,voltage\n0,1,52\nabc,2,52\n2,fast,52\n\n3,3,\n')
    expect([...raw.time]).toEqual([0, 2, 3])
    expect([...raw.row]).toEqual([2, 4, 6])
    expect(raw.channels.speed![1]).toBeNaN()
    expect(notes).toContainEqual({ kind: 'unreadable', count: 1, row: 3, channel: 'time' })
    expect(notes).toContainEqual({ kind: 'unreadable', count: 1, row: 4, channel: 'speed' })
    expect(notes.filter((n) => n.kind === 'missing').map((n) => n.channel)).toEqual(['current', 'temperature'])
  })

  it.each([
    ['', 'empty'],
    ['   \n', 'empty'],
    ['time,speed\n', 'empty'],
    ['speed,current\n1,2\n', 'no time'],
    ['time,altitude\n1,2\n', 'no channel'],
    ['0,1,2\n1,2,3\n', 'no header'],
    ['\u0000\u0001PNG,x', 'no header'],
    ['time,speed\nx,1\ny,2\n', 'nothing readable'],
  ])('%j cannot be read: %s', (text, kind) => {
    expect(readRideLog(text)).toMatchObject({ ok: false, error: { kind } })
  })

  it('knows a speed taken from a wheel and one from the sky', () => {
    expect(read('time,GPS speed\n0,1\n').raw.speedFrom).toBe('satellite')
    expect(read('time,wheel speed\n0,1\n').raw.speedFrom).toBe('wheel')
    expect(read('time,speed\n0,1\n').raw.speedFrom).toBe('unknown')
  })
})

describe('a figure', () => {
  it('reads as Number does, with a point or a comma', () => {
    fc.assert(
      fc.property(
        fc.double({ noNaN: true, noDefaultInfinity: true }),
        fc.integer({ min: 0, max: 12 }),
        fc.boolean(),
        (x, decimals, comma) => {
          for (const text of [String(x), Math.abs(x) < 1e20 ? x.toFixed(decimals) : '0'])
            expect(readFigure(comma ? text.replace('.', ',') : text, comma)).toBe(Number(text))
        },
      ),
    )
  })
  it.each([
    ['', false],
    ['  ', false],
    ['1,5', false],
    ['1.2.3', false],
    ['-', false],
    ['.', false],
    ['x', true],
  ] as const)('is none: %j', (text, comma) => expect(readFigure(text, comma)).toBeNaN())
  it.each([
    ['  7 ', 7],
    ['1e3', 1000],
    ['+2', 2],
    ['.5', 0.5],
    ['-0.25', -0.25],
  ] as const)('reads %j', (text, value) => expect(readFigure(text, false)).toBe(value))
})
