import type { Finding, LogNote, RideStage, StopSign, Unsaid } from '../../core/ride'
import { formatNumber, unitLabel } from '../../core/units'

/** What is done at each rung of the ladder. */
export const RIDE_HOW: Readonly<Record<RideStage, { readonly title: string; readonly how: string }>> = {
  'wheel off the ground': {
    title: 'Once more with the wheels up',
    how: 'Lid on, wheels off the ground: a breath of throttle each way of the lever, brake, throttle again. Then look at the marks.',
  },
  'walking pace': {
    title: 'Walking pace, twenty metres',
    how: 'Stand beside it, then on it, no faster than a walk. Listen; turn both ways to the lock.',
  },
  'brake stops': {
    title: 'Three stops with each brake',
    how: 'From a jog: front, rear, both. The lever stays firm, it stops straight, the drive cuts.',
  },
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
}

export const STOP_WORDS: Readonly<Record<StopSign, string>> = {
  noise: 'A noise',
  smell: 'A smell',
  code: 'A code',
  'motor too hot': 'Motor over its limit',
  'mark moved': 'A mark that moved',
  'brake soft': 'Lever soft',
  'pulls to a side': 'Pulls to a side',
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
  'needs phase current': 'it wants phase current at 2 kHz or more',
}
const NAMES: Readonly<Record<Finding['id'], string>> = {
  distance: 'Distance',
  'top speed': 'Top speed, held a second',
  energy: 'Energy',
  sag: 'Sag under load',
  'pack resistance': 'Pack resistance',
  heat: 'Motor temperature',
  braking: 'Braking',
  ripple: 'Torque ripple',
}
export const findingName = (id: Finding['id']): string => NAMES[id]

/** `19.2 ± 0.6 km/h, limit 20`; or why it cannot be said. The spread is twice the standard uncertainty. */
export function findingWords(f: Finding): string {
  if (f.value === undefined) return `cannot say: ${f.why ? UNSAID[f.why] : 'not in this log'}`
  const unit = unitLabel(f.unit ?? '')
  const spread = f.u !== undefined ? ` ± ${formatNumber(2 * f.u, 1)}` : ''
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
