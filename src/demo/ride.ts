import { chance } from './chance'
import type { RawLog } from '../core/ride'

interface RideShape {
  readonly seconds: number
  readonly hz: number
  /** Speed held on the flat, km/h. */
  readonly top: number
  /** A hard stop near the end, m/s². */
  readonly braking?: number
}

interface Sample {
  readonly t: number
  readonly speed: number
  readonly amps: number
  readonly volts: number
  readonly degrees: number
}

/** A made-up ride along the quay: off from standstill again and again, at the end one hard stop. The same every time. */
function* quayRide({ seconds, hz, top, braking = 4.6 }: RideShape): Generator<Sample> {
  const even = chance(7)
  const noise = (): number => even() * 2 - 1
  const leg = 40
  const stop = seconds - top / 3.6 / braking - 4
  let speed = 0
  let degrees = 21
  for (let i = 0; i < seconds * hz; i++) {
    const t = i / hz
    const into = t % leg
    const wanted = t > stop ? 0 : into < leg - 9 || t > stop - 20 ? top * (0.86 + 0.14 * Math.sin(t / 11) ** 2) : 4
    const pull = t > stop ? -braking : Math.max(-0.9, Math.min(0.8, (wanted - speed) / 4))
    speed = Math.max(0, speed + (pull * 3.6) / hz)
    const moving = speed > 0.2
    const amps = pull < -0.2 || !moving ? 0.1 : 1.2 + 0.19 * speed + 17 * Math.max(0, pull)
    degrees += (21 + 1.9 * amps - degrees) / 620 / hz
    yield {
      t,
      speed: Math.max(0, speed + (moving ? noise() * 0.12 : 0)),
      amps: amps + noise() * 0.25,
      volts: 55.4 - 0.11 * amps - t * 4e-4 + noise() * 0.04,
      degrees: degrees + noise() * 0.1,
    }
  }
}

/** The ride as numbers, as a reader of a file would give it. */
export function quayLog(shape: RideShape): RawLog {
  const rows = [...quayRide(shape)]
  const column = (of: (s: Sample) => number): Float64Array => Float64Array.from(rows, of)
  return {
    time: column((s) => s.t),
    row: Uint32Array.from(rows, (_, i) => i + 2),
    speedFrom: 'satellite',
    channels: {
      speed: column((s) => s.speed),
      current: column((s) => s.amps),
      voltage: column((s) => s.volts),
      temperature: column((s) => s.degrees),
    },
  }
}

/** The ride as a logger writes it: semicolons and decimal commas, a satellite’s speed. */
export function quayCsv(shape: RideShape): string {
  const lines = ['Time [s];GPS speed [km/h];Current [A];Voltage [V];Motor temp [°C]']
  for (const s of quayRide(shape))
    lines.push(
      [s.t.toFixed(2), s.speed.toFixed(2), s.amps.toFixed(2), s.volts.toFixed(2), s.degrees.toFixed(1)].join(';').replaceAll('.', ','),
    )
  return `${lines.join('\n')}\n`
}
