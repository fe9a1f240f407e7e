import { describe, expect, it } from 'vitest'
import { madeHeader } from '../../tests/ride-headers'
import { readHeader } from './ride-header'

describe('a header of a ride log', () => {
  it.each([
    ['time_s', 'time', 's', 1],
    ['timestamp', 'time', 's', 1],
    ['Time (ms)', 'time', 'ms', 1e-3],
    ['elapsed [min]', 'time', 'min', 60],
    ['time (hh:mm:ss)', 'time', 's', 1],
    ['Zeit', 'time', 's', 1],
    ['t', 'time', 's', 1],
    ['Speed (km/h)', 'speed', 'km/h', 1],
    ['speed_mps', 'speed', 'm/s', 3.6],
    ['GPS speed mph', 'speed', 'mph', 1.609344],
    ['v [m/s]', 'speed', 'm/s', 3.6],
    ['speedKmh', 'speed', 'km/h', 1],
    ['current_mA', 'current', 'mA', 1e-3],
    ['Battery Current (A)', 'current', 'A', 1],
    ['I', 'current', 'A', 1],
    ['amps', 'current', 'A', 1],
    ['voltage_mV', 'voltage', 'mV', 1e-3],
    ['pack_v', 'voltage', 'V', 1],
    ['packV', 'voltage', 'V', 1],
    ['Battery (V)', 'voltage', 'V', 1],
    ['batteryVoltage', 'voltage', 'V', 1],
    ['motor_c', 'temperature', '°C', 1],
    ['motorTemp', 'temperature', '°C', 1],
    ['motor temp (deg C)', 'temperature', '°C', 1],
    ['Motor temperature / ℃', 'temperature', '°C', 1],
  ] as const)('“%s” is %s in %s', (header, role, unit, scale) => {
    const read = readHeader(header)
    expect(read).toMatchObject({ role, unit })
    expect(read.to(1)).toBeCloseTo(scale, 12)
  })

  it('turns Fahrenheit and kelvin into °C', () => {
    expect(readHeader('motor temp °F').to(212)).toBeCloseTo(100, 9)
    expect(readHeader('motor temp (K)').to(300)).toBeCloseTo(26.85, 9)
  })

  it.each([
    'controller temp (°C)',
    'controller_c',
    'battery temperature',
    'FET temp',
    'phase current (A)',
    'motor current',
    'current limit (A)',
    'current_Ah',
    'throttle voltage',
    'cell 3 voltage (V)',
    '12V rail (V)',
    'motor rpm',
    'target speed',
    'wind speed (m/s)',
    'power (W)',
    'timer enabled',
    'lap time (s)',
    'speed (V)',
    'voltage (A)',
    'distance_m',
    'C',
    'v',
    'state',
    'speed current',
    '',
    'constructor',
    '__proto__',
  ])('“%s” is left alone', (header) => expect(readHeader(header).role).toBeNull())

  it('says which of two columns is the surer one', () => {
    expect(readHeader('motor temp').sure).toBeGreaterThan(readHeader('temp').sure)
    expect(readHeader('Time').sure).toBeGreaterThan(readHeader('Date').sure)
    expect(readHeader('pack voltage (V)').sure).toBeGreaterThan(readHeader('voltage').sure)
  })

  it('is never taken for another quantity or in another unit, and most that are meant are known (2,000 made up)', () => {
    let [meant, known] = [0, 0]
    for (let seed = 0; seed < 2_000; seed++) {
      const made = madeHeader(seed)
      const read = readHeader(made.text)
      if (made.role !== null) meant++
      if (read.role === null) continue
      known++
      expect({ text: made.text, role: read.role }).toEqual({ text: made.text, role: made.role })
      if (made.scale !== undefined) expect(read.to(1), made.text).toBeCloseTo(made.scale, 12)
    }
    expect(known / meant).toBeGreaterThan(0.95)
  })
})
