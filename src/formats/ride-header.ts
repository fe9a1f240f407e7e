import { type Channel, CHANNELS } from '../core/ride'

/** What a column of a ride log can be taken for. */
export type Role = 'time' | Channel
export const ROLES: readonly Role[] = ['time', ...CHANNELS]

/** A unit that a header names, and what makes seconds, km/h, A, V or °C of it. */
interface HeaderUnit {
  readonly role: Role
  readonly label: string
  readonly to: (x: number) => number
}

const times =
  (k: number) =>
  (x: number): number =>
    x * k
const same = times(1)
const unit = (role: Role, label: string, to: (x: number) => number = same): HeaderUnit => ({ role, label, to })

/** Units as headers write them, letter for letter where case decides (mA is not MA), else in small letters. */
const UNITS: Readonly<Record<string, HeaderUnit>> = {
  s: unit('time', 's'),
  sec: unit('time', 's'),
  secs: unit('time', 's'),
  second: unit('time', 's'),
  seconds: unit('time', 's'),
  ms: unit('time', 'ms', times(1e-3)),
  msec: unit('time', 'ms', times(1e-3)),
  millis: unit('time', 'ms', times(1e-3)),
  milliseconds: unit('time', 'ms', times(1e-3)),
  us: unit('time', 'µs', times(1e-6)),
  µs: unit('time', 'µs', times(1e-6)),
  μs: unit('time', 'µs', times(1e-6)),
  ns: unit('time', 'ns', times(1e-9)),
  min: unit('time', 'min', times(60)),
  mins: unit('time', 'min', times(60)),
  minutes: unit('time', 'min', times(60)),
  hours: unit('time', 'h', times(3600)),
  'km/h': unit('speed', 'km/h'),
  kmh: unit('speed', 'km/h'),
  kph: unit('speed', 'km/h'),
  kmph: unit('speed', 'km/h'),
  'm/s': unit('speed', 'm/s', times(3.6)),
  mps: unit('speed', 'm/s', times(3.6)),
  mph: unit('speed', 'mph', times(1.609344)),
  'mi/h': unit('speed', 'mph', times(1.609344)),
  knots: unit('speed', 'kn', times(1.852)),
  A: unit('current', 'A'),
  a: unit('current', 'A'),
  amp: unit('current', 'A'),
  amps: unit('current', 'A'),
  ampere: unit('current', 'A'),
  mA: unit('current', 'mA', times(1e-3)),
  ma: unit('current', 'mA', times(1e-3)),
  V: unit('voltage', 'V'),
  v: unit('voltage', 'V'),
  volt: unit('voltage', 'V'),
  volts: unit('voltage', 'V'),
  mV: unit('voltage', 'mV', times(1e-3)),
  mv: unit('voltage', 'mV', times(1e-3)),
  C: unit('temperature', '°C'),
  c: unit('temperature', '°C'),
  '°c': unit('temperature', '°C'),
  degc: unit('temperature', '°C'),
  celsius: unit('temperature', '°C'),
  '°f': unit('temperature', '°F', (f) => ((f - 32) * 5) / 9),
  F: unit('temperature', '°F', (f) => ((f - 32) * 5) / 9),
  f: unit('temperature', '°F', (f) => ((f - 32) * 5) / 9),
  degf: unit('temperature', '°F', (f) => ((f - 32) * 5) / 9),
  fahrenheit: unit('temperature', '°F', (f) => ((f - 32) * 5) / 9),
  K: unit('temperature', 'K', (k) => k - 273.15),
  kelvin: unit('temperature', 'K', (k) => k - 273.15),
}

/** Units of what this reader does not take: a column that has one is none of ours, whatever else its header says. */
const FOREIGN = new Set(
  'w kw wh kwh ah mah rpm erpm hz khz nm n·m % percent ohm ohms mohm ω m km mi ft mm deg ° rad bar psi kpa hpa g kg db bpm lux j kj'.split(
    ' ',
  ),
)

/** The words of each role. */
const WORDS: Readonly<Record<Role, ReadonlySet<string>>> = {
  time: new Set(['time', 't', 'zeit', 'timestamp', 'elapsed', 'clock', 'datetime', 'date', 'uptime', 'epoch', 'utc']),
  speed: new Set(['speed', 'velocity', 'geschwindigkeit', 'vel', 'spd']),
  current: new Set(['current', 'strom', 'i', 'amps', 'ampere', 'ibat']),
  voltage: new Set(['voltage', 'spannung', 'u', 'volts', 'volt', 'vbat', 'ubat']),
  temperature: new Set(['temp', 'temperature', 'temperatur']),
}

/** What a quantity is of, where that decides: `own` is what is wanted, `other` is another thing that only looks like it. */
const OF: Readonly<Record<Role, { readonly own: ReadonlySet<string>; readonly other: ReadonlySet<string> }>> = {
  time: { own: new Set(['elapsed']), other: new Set('lap remaining charge charging moving zone eta left total'.split(' ')) },
  speed: {
    own: new Set(['v', 'gps', 'wheel', 'vehicle', 'ground', 'sat', 'satellite', 'hub', 'rad']),
    other: new Set(
      'target limit max min avg average mean set setpoint rotor motor engine fan cadence rpm erpm mode level wind vertical'.split(' '),
    ),
  },
  current: {
    own: new Set('battery batt bat pack input supply dc bus main line'.split(' ')),
    other: new Set(
      'phase motor iq id q d max min limit target set setpoint avg average peak charge charging throttle ripple leak regen field brake gear'.split(
        ' ',
      ),
    ),
  },
  voltage: {
    own: new Set('battery batt bat pack input supply dc bus main line'.split(' ')),
    other: new Set(
      'cell group throttle hall sensor aux phase command cmd ref reference max min limit cutoff target set avg pin signal 12v 5v brake charger drop offset ripple'.split(
        ' ',
      ),
    ),
  },
  temperature: {
    own: new Set('motor stator winding hub coil'.split(' ')),
    other: new Set(
      'controller ctrl fet fets mos mosfet mosfets esc inverter battery batt bat pack cell bms ambient air outside board cpu case driver heatsink sink limit max min target charger oil gearbox tyre tire brake'.split(
        ' ',
      ),
    ),
  },
}

/** Words that say nothing of what is measured. */
const EMPTY = new Set('value val data reading raw log the of in is actual measured now instant instantaneous inst filtered'.split(' '))

/** What a header of a column says. */
export interface ColumnRead {
  /** What the column is taken for; null where it is none of ours, or not certain. */
  readonly role: Role | null
  /** The unit as it is told; the role's own where the header names none. */
  readonly unit: string
  /** Whether the header names the unit. */
  readonly named: boolean
  readonly to: (x: number) => number
  /** The better of two columns for a role: what it is of is said. */
  readonly sure: number
}

const OWN_UNIT: Readonly<Record<Role, string>> = { time: 's', speed: 'km/h', current: 'A', voltage: 'V', temperature: '°C' }

/** Units that a role can be given by hand. */
export const unitsFor = (role: Role): readonly string[] => [
  OWN_UNIT[role],
  ...new Set(Object.values(UNITS).flatMap((u) => (u.role === role && u.label !== OWN_UNIT[role] ? [u.label] : []))),
]

/** What makes the role's own unit of another. */
export const fromUnit = (role: Role, label: string): ((x: number) => number) =>
  Object.values(UNITS).find((u) => u.role === role && u.label === label)?.to ?? same

const NOTHING: ColumnRead = { role: null, unit: '', named: false, to: same, sure: 0 }

/** The words of a header, in order; units with a stroke or a ring stay whole: `motor_temp_C`, `Speed (km/h)`, `battV[mV]`. */
function wordsOf(header: string): string[] {
  return header
    .normalize('NFKC')
    .replace(/\b(?:h{1,2}|[dms]{2}|y{2,4})(?:[:./ -](?:h{1,2}|[dms]{2}|s|y{2,4}))+\b/gi, ' ')
    .replace(/(?:°|(?<![a-z])deg)[\s_]*([CF])\b/gi, '°$1')
    .replace(/([a-zä-ü])([A-Z][a-z])/g, '$1 $2')
    .replace(/([a-zä-ü]{2})([ACV])\b/g, '$1 $2')
    .split(/[\s_()[\]{},;:=#"'|\-.]+/)
    .flatMap((w) => (/^(km|m|mi)\/(h|s)$/i.test(w) ? [w] : w.split('/')))
    .filter(Boolean)
}

const unitOf = (word: string): HeaderUnit | undefined =>
  [word, word.toLowerCase()].flatMap((w) => (Object.hasOwn(UNITS, w) ? [UNITS[w]!] : []))[0]

/**
 * Reads a column's header: which quantity, of what, in which unit. A column is never guessed into another quantity: where its words and
 * its unit disagree, where it is of something else (a phase, a cell, a controller), or where nothing is said, it is left alone.
 */
export function readHeader(header: string): ColumnRead {
  const words = wordsOf(header)
  const low = words.map((w) => w.toLowerCase())
  if (words.length === 0 || low.some((w) => FOREIGN.has(w))) return NOTHING
  // A unit stands last, or alone: `V` of `V battery` is a name.
  const last = words.at(-1)!
  const alone = words.length === 1
  const said = ROLES.filter((r) =>
    low.some((w, i) => WORDS[r].has(w) && !(i === words.length - 1 && !alone && unitOf(last) && isUnitOnly(last))),
  )
  const unitRole = !alone || ALONE.has(last) || last.length > 2 ? unitOf(last) : undefined
  if (said.length > 1) return NOTHING
  const role = said[0] ?? unitRole?.role
  if (role === undefined || (unitRole && unitRole.role !== role)) return NOTHING
  const { own, other } = OF[role]
  const rest = low.filter((w, i) => !WORDS[role].has(w) && !(unitRole && i === words.length - 1) && !EMPTY.has(w))
  if (rest.some((w) => other.has(w) || /^\d+v$/.test(w))) return NOTHING
  const ofOwn = rest.some((w) => own.has(w))
  // Only a unit: what it is of has to be said, or nothing else at all.
  if (said.length === 0 && rest.length > 0 && !rest.every((w) => own.has(w))) return NOTHING
  // A word that nobody knows beside the quantity: it may be of anything.
  if (rest.some((w) => !own.has(w) && !/^\d+$/.test(w)) && role !== 'time') return NOTHING
  return {
    role,
    unit: unitRole?.label ?? OWN_UNIT[role],
    named: unitRole !== undefined,
    to: unitRole?.to ?? same,
    sure: (ofOwn ? 2 : 0) + (unitRole ? 1 : 0) + (role === 'time' && !low.includes('date') ? 1 : 0),
  }
}

/** Units that a column may be called by alone; `C`, `F` or `v` may be anything. */
const ALONE = new Set(['V', 'A', 's', 'ms', 'mA', 'mV', '°C', '°F'])

/** A word that is a unit and no word for the quantity, or both (`volts`). */
const isUnitOnly = (word: string): boolean => unitOf(word) !== undefined && !['t', 'i', 'u'].includes(word.toLowerCase())
