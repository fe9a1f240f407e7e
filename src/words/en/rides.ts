import type { Opened } from '../../core/machine'
import {
  type Brake,
  type BrakeTried,
  type BrakingStop,
  type Finding,
  type FirstPower,
  judgeStop,
  type Ladder,
  type LogNote,
  type RideStage,
  type StopSign,
  type Unsaid,
} from '../../core/ride'
import { STOP_WORDS } from './stop-signs'
import { formatNumber, unitLabel } from '../../core/units'

/** What is done at each rung of the ladder. */
export const RIDE_HOW: Readonly<Record<RideStage, { readonly title: string; readonly how: string }>> = {
  'wheel off the ground': {
    title: 'Once more with the wheels up',
    how: 'Lid on, wheels off the ground: a breath of throttle each way of the lever, brake, throttle again. Then look at the marks.',
  },
  push: { title: 'Pushed, ten metres', how: 'Power off: it rolls free, nothing rubs, the brake bites and lets go.' },
  'walking pace': {
    title: 'Walking pace, twenty metres',
    how: 'Stand beside it, then on it, no faster than a walk. Listen; turn both ways to the lock.',
  },
  'brake stops': {
    title: 'Three stops with each brake',
    how: 'From a jog: front, rear, both. The lever stays firm, it stops straight, the drive cuts.',
  },
  'both ways': {
    title: 'Both ways to the lock',
    how: 'At a walk, full lock left and right, and a wiggle at every lead that was apart: no cut, no code.',
  },
  'short ride': { title: 'Two hundred metres', how: 'Nothing was opened but covers: off, along, and a stop with each brake.' },
  gentle: { title: 'Gently, half a kilometre', how: 'Half throttle, smooth road, no traffic. Off again from standstill five times.' },
  full: {
    title: 'Full, as far as the limit',
    how: 'On ground that allows it, to the shop’s limit and no further. A log from here on tells more than the hand.',
  },
  hill: { title: 'A hill, up and down', how: 'Pulls evenly up; holds on the brake and slows on the way down.' },
  'heat soak': {
    title: 'Until it is warm, then cold',
    how: 'Ten minutes as it is used. Let it cool: look at every mark and every joint that has no threadlocker.',
  },
  'hands off': {
    title: 'Front wheels up, hands off',
    how: 'Zero and centre first. Power on, no hand through the rim: two seconds in which nothing moves by itself.',
  },
  'lock to lock': {
    title: 'Lock to lock, front wheels up',
    how: 'By the rim, slowly, both ways to the stop: helps alike, no notch, no code.',
  },
  crawl: {
    title: 'At a crawl, twenty metres',
    how: 'Slowest gear, forward and back, on the flat, nobody near. It stops when it is told to.',
  },
  'under load': {
    title: 'Under load, ten minutes',
    how: 'A pull that it is made for, forward and back. Read motor and controller heat at the end.',
  },
  empty: { title: 'Empty, once through', how: 'Nothing on it: starts, runs, stops, both directions. Hand on the switch.' },
  loaded: { title: 'Loaded, as it is used', how: 'With what it carries: no slower one way than it should be, no smell.' },
  'full travel': { title: 'Full travel, both ends', how: 'To each end stop: it stops by itself, at the figure that was set.' },
  stop: { title: 'Stopped on the way', how: 'Switch or key, halfway, both directions: it stops and stays.' },
  'run warm': { title: 'Ten minutes, then warm', how: 'As long as it works in use. Then a hand near motor and supply, and the marks.' },
}

/** What was opened. */
export const OPENED_WORDS: Readonly<Record<Opened, string>> = {
  tyre: 'tyre',
  wheel: 'wheel or axle',
  brake: 'brake',
  steering: 'steering',
  motor: 'motor',
  gearbox: 'gearbox or chain',
  controller: 'controller',
  display: 'display',
  loom: 'loom',
  cooling: 'cooling',
  pack: 'pack',
  supply: 'power supply',
  plug: 'a plug',
  cover: 'covers only',
}

export const BRAKE_WORDS: Readonly<Record<Brake, string>> = {
  front: 'Front',
  rear: 'Rear',
  together: 'Both together',
  pedal: 'Pedal',
  parking: 'Parking brake',
}

export const FIRST_POWER_WORDS: Readonly<Record<FirstPower, { readonly label: string; readonly hint: string }>> = {
  'limited supply': { label: 'A supply with a limit', hint: 'in place of the pack' },
  fuse: { label: 'The pack through a fuse', hint: 'small, in the plus lead' },
  'pre-charge': { label: 'Its own pre-charge', hint: 'the main contacts only after it' },
}

/** `3.8 ± 0.4 m/s², at least 3.5`: a stop that was measured by tape. The spread is twice the standard uncertainty. */
export function stopWords({ value, u, least, verdict }: NonNullable<ReturnType<typeof judgeStop>>): string {
  const sign = verdict === 'bad' ? '▲ ' : verdict === 'look' ? '◆ ' : verdict === 'good' ? '● ' : ''
  return `${sign}${formatNumber(value, 1)} ± ${formatNumber(2 * u, 1)} m/s²${least !== undefined ? `, at least ${least}` : ''}`
}

/** How far, how long, who, with what on it, each brake, and how it went. */
export function rideLine(r: RideTold): string {
  const how = [r.sign && STOP_WORDS[r.sign], r.text].filter(Boolean).join(': ') || 'nothing wrong'
  const far = [
    r.metres !== undefined ? (r.metres >= 1000 ? `${formatNumber(r.metres / 1000, 2)} km` : `${formatNumber(r.metres, 0)} m`) : '',
    r.minutes !== undefined ? `${formatNumber(r.minutes, 0)} min` : '',
    r.load !== undefined && r.load > 0 ? `${formatNumber(r.load, 0)} kg on it` : '',
    r.rider ?? '',
  ].filter(Boolean)
  return `${how}${far.length > 0 ? `; ${far.join(', ')}` : ''}`
}
interface RideTold {
  readonly sign?: StopSign
  readonly text?: string
  readonly metres?: number
  readonly minutes?: number
  readonly load?: number
  readonly rider?: string
}

/** Each brake as it was tried: stops, and what was measured; else claimed only. */
export function brakeLine(b: BrakeTried, stops: Ladder['stops']): string {
  const judged = judgeStop(b, stops)
  return `${BRAKE_WORDS[b.brake]}: ${b.stops} stops${judged ? `, from ${b.from} km/h in ${b.metres} m: ${stopWords(judged)}${b.fresh ? ', pads new' : ''}` : ', claimed, not measured'}`
}

const UNSAID: Readonly<Record<Unsaid, string>> = {
  'no speed': 'the log has no speed',
  'no current': 'the log has no current',
  'no voltage': 'the log has no voltage',
  'no temperature': 'the log has no motor temperature',
  'braked wheel': 'the speed is taken from a wheel that is braked',
  'too few samples': 'it wants 20 samples a second or more',
  'no stop': 'no hard stop is in it',
  'too short': 'the ride was too short to settle',
  'too little load': 'the current hardly changes',
  'no run': 'it did not roll free, without drive or brake, from 10 km/h for four seconds',
  'one run': 'it rolled free once only: slope and wind are in that',
  'needs phase current': 'it wants phase current at 2 kHz or more',
}
const NAMES: Readonly<Record<Finding['id'], string>> = {
  distance: 'Distance',
  'time over speed': 'Time above the top speed',
  'energy gross': 'Energy, without what came back',
  'energy out': 'Taken from the pack',
  'energy back': 'Given back to it',
  charge: 'Charge, net',
  'highest current': 'Highest current, for a second',
  'held current': 'Highest current, for half a minute',
  'time over heat': 'Time above the motor’s limit',
  rolling: 'Rolling resistance, of its weight',
  air: 'Drag area, for each 100 kg',
  'top speed': 'Top speed, held a second',
  energy: 'Energy, net',
  sag: 'Sag under load',
  'pack resistance': 'Pack resistance',
  heat: 'Motor temperature',
  braking: 'Braking, hardest',
  ripple: 'Torque ripple',
}
export const findingName = (id: Finding['id']): string => NAMES[id]

/** `19.2 ± 0.6 km/h, limit 20`; or why it cannot be said. The spread is twice the standard uncertainty. */
export function findingWords(f: Finding): string {
  if (f.value === undefined) return `cannot say: ${f.why ? UNSAID[f.why] : 'not in this log'}`
  const unit = unitLabel(f.unit ?? '')
  const spread = f.u !== undefined ? ` ± ${formatNumber(2 * f.u, 1)}` : ''
  if (f.id === 'time over speed') return `${formatNumber(f.value, 0)} s above ${formatNumber(f.limit ?? 0, 0)} km/h`
  if (f.id === 'time over heat') return `${formatNumber(f.value, 0)} s above ${formatNumber(f.limit ?? 0, 0)} °C`
  const limit = f.limit !== undefined ? `, ${f.id === 'braking' ? 'at least' : 'limit'} ${formatNumber(f.limit, 1)}` : ''
  const heading = f.heading !== undefined ? `, heading for ${formatNumber(f.heading, 0)}` : f.id === 'heat' && f.why ? ', not settled' : ''
  return `${formatNumber(f.value, f.value >= 100 ? 0 : f.value >= 10 ? 1 : 2)}${spread} ${unit}${limit}${heading}`
}

/** What was put right or left out of a log, each with its line. */
export function noteWords(n: LogNote): string {
  const lines = (k: number): string => `${k.toLocaleString('en-GB')} ${k === 1 ? 'line' : 'lines'}`
  switch (n.kind) {
    case 'reversed':
      return `${lines(n.count)} go back in time, the first at line ${n.row}: left out.`
    case 'duplicate':
      return `${lines(n.count)} repeat a time, the first at line ${n.row}: left out.`
    case 'gap':
      return `${n.count} ${n.count === 1 ? 'gap' : 'gaps'}, the first before line ${n.row}, the longest ${formatNumber(n.seconds ?? 0, 1)} s: nothing is summed across.`
    case 'wild':
      return `${n.channel}: ${lines(n.count)} with a value no machine here has, the first at line ${n.row}: blanked.`
    case 'unreadable':
      return `${n.channel}: ${lines(n.count)} not readable, the first at line ${n.row}: left out.`
    case 'missing':
      return `No ${n.channel === 'temperature' ? 'motor temperature' : n.channel} in it.`
    case 'too long':
      return `${lines(n.count)} from line ${n.row} on are over five million and left out.`
  }
}

/** A stop of a log: `at 3:12 from 24 km/h: 4.1 m/s²`. */
export const logStopWords = (s: BrakingStop): string =>
  `at ${Math.floor(s.at / 60)}:${String(Math.floor(s.at % 60)).padStart(2, '0')} from ${formatNumber(s.from, 0)} km/h: ${formatNumber(s.mfdd, 1)} m/s²${s.brake ? `, ${BRAKE_WORDS[s.brake].toLowerCase()}` : ''}`
