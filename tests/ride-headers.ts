import { chance } from '../src/demo/chance'
import type { Role } from '../src/formats/ride-header'

/** A header as some logger writes it, and what its column truly is; null where it is none of the five. */
export interface MadeHeader {
  readonly text: string
  readonly role: Role | null
  /** What one of its unit is in the role's own; undefined where the header names no unit. */
  readonly scale?: number
}

const UNITS: Readonly<Record<Role, readonly (readonly [string, number])[]>> = {
  time: [
    ['s', 1],
    ['sec', 1],
    ['seconds', 1],
    ['ms', 1e-3],
    ['us', 1e-6],
    ['min', 60],
  ],
  speed: [
    ['km/h', 1],
    ['kmh', 1],
    ['kph', 1],
    ['m/s', 3.6],
    ['mps', 3.6],
    ['mph', 1.609344],
  ],
  current: [
    ['A', 1],
    ['mA', 1e-3],
    ['amps', 1],
  ],
  voltage: [
    ['V', 1],
    ['mV', 1e-3],
    ['volts', 1],
  ],
  temperature: [
    ['°C', 1],
    ['C', 1],
    ['degC', 1],
    ['℃', 1],
  ],
}
const WORDS: Readonly<Record<Role, readonly string[]>> = {
  time: ['time', 'timestamp', 'elapsed', 'elapsed time', 'Zeit'],
  speed: ['speed', 'velocity', 'gps speed', 'wheel speed', 'vehicle speed'],
  current: ['current', 'battery current', 'pack current', 'input current', 'Strom'],
  voltage: ['voltage', 'battery voltage', 'pack voltage', 'batt voltage', 'Spannung'],
  temperature: ['motor temp', 'motor temperature', 'temp motor', 'stator temperature', 'temperature'],
}
/** Of something else, or of another thing: with the unit that it would have, so that the unit alone tempts. */
const OTHERS: readonly (readonly [string, readonly string[]])[] = [
  ['phase current', ['A', 'mA']],
  ['motor current', ['A']],
  ['max current', ['A']],
  ['current limit', ['A']],
  ['charge current', ['mA']],
  ['controller temp', ['°C', 'C']],
  ['mosfet temperature', ['degC']],
  ['battery temp', ['°C']],
  ['ambient temperature', ['°C', '°F']],
  ['throttle voltage', ['V']],
  ['cell voltage', ['mV', 'V']],
  ['cell 7', ['V']],
  ['hall sensor', ['V']],
  ['aux', ['V']],
  ['motor speed', ['rpm']],
  ['target speed', ['km/h']],
  ['average speed', ['km/h', 'mph']],
  ['wind speed', ['m/s']],
  ['distance', ['km', 'm']],
  ['power', ['W', 'kW']],
  ['energy', ['Wh']],
  ['charge', ['Ah', 'mAh']],
  ['battery', ['%']],
  ['cadence', ['rpm']],
  ['motor torque', ['Nm']],
  ['altitude', ['m']],
  ['lap time', ['s']],
  ['time remaining', ['min']],
  ['charging time', ['s']],
  ['brake', ['V']],
  ['wheel', ['A']],
  ['level', ['A', 'C', 'V']],
  ['sensor 3', ['C']],
  ['mode', ['s']],
  ['state', []],
  ['brake current', ['A']],
  ['current gear', []],
]

/** A header made up from a seed. */
export function madeHeader(seed: number): MadeHeader {
  const random = chance(seed)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
  const dress = (words: string, unit: string | null): string => {
    const name = pick([
      (w: string) => w,
      (w: string) => w.replaceAll(' ', '_'),
      (w: string) => w.replaceAll(' ', '-'),
      (w: string) => w.toUpperCase(),
      (w: string) => w.replace(/(^| )\w/g, (c) => c.toUpperCase()),
      (w: string) => w.replace(/ (\w)/g, (_, c: string) => c.toUpperCase()),
    ])(words)
    if (unit === null) return name
    return pick([
      (n: string, u: string) => `${n} (${u})`,
      (n: string, u: string) => `${n}[${u}]`,
      (n: string, u: string) => `${n}_${u}`,
      (n: string, u: string) => `${n} ${u}`,
      (n: string, u: string) => `${n}, ${u}`,
      (n: string, u: string) => `"${n} / ${u}"`,
    ])(name, unit)
  }
  if (random() < 0.45) {
    const [words, units] = pick(OTHERS)
    return { text: dress(words, units.length > 0 && random() < 0.8 ? pick(units) : null), role: null }
  }
  const role = pick(Object.keys(WORDS) as Role[])
  const unit = random() < 0.7 ? pick(UNITS[role]) : null
  return { text: dress(pick(WORDS[role]), unit?.[0] ?? null), role, ...(unit ? { scale: unit[1] } : {}) }
}
