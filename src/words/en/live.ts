import { formatNumber, type Mode, type QuantityId, unitLabel } from '../../core/units'
import type { Misfit, Take } from '../../instruments/fits'
import type { LineFault, Reading } from '../../instruments/line'
import { QUANTITY_WORDS } from './readings'

const MODE_WORDS: Readonly<Record<Mode, string>> = {
  'V DC': 'volts DC',
  'V AC': 'volts AC',
  'A DC': 'amps DC',
  'A AC': 'amps AC',
  ohm: 'ohms',
  continuity: 'continuity',
  diode: 'the diode test',
  insulation: 'insulation',
  peak: 'peak',
  relative: 'relative',
}

const WANTS: Partial<Record<QuantityId, string>> = { voltage: 'volts', current: 'amps', resistance: 'ohms' }
const quantity = (q: QuantityId): string => WANTS[q] ?? QUANTITY_WORDS[q]
const figure = (x: number, unit: string): string => `${formatNumber(x, 4).replace('-', '−')} ${unitLabel(unit)}`

/** Why what an instrument shows is not taken, in the app’s voice. */
export function misfitWords(called: string, misfit: Misfit): string {
  const name = called.charAt(0).toUpperCase() + called.slice(1)
  switch (misfit.kind) {
    case 'nothing yet':
      return `${name} has shown nothing yet.`
    case 'unreadable':
      return `What ${name} sends cannot be read.`
    case 'stand-in':
      return 'A stand-in proves nothing dead. Measure it, and key it in.'
    case 'other quantity':
      return `${name} shows ${quantity(misfit.shows)}. This wants ${quantity(misfit.wants)}.`
    case 'other mode':
      return `${name} is on ${MODE_WORDS[misfit.shows]}. This wants ${MODE_WORDS[misfit.wants]}.`
    case 'ohms on live':
      return 'The machine is live. Ohms are measured on a dead one.'
    case 'no figure':
      return `${name} shows no figure, and the end of its range is not on the shop’s list.`
    case 'beyond':
      return `It is more than ${name} can show. This wants a figure.`
    case 'out of range':
      return `${figure(misfit.value, misfit.unit)} is outside ${formatNumber(misfit.from, 2)} to ${figure(misfit.to, misfit.unit)}. Look at the range and the leads.`
    case 'too coarse':
      return `Its steps are ${figure(misfit.step, misfit.unit)}; this has to tell ${figure(misfit.wants, misfit.unit)}. Take a lower range.`
    case 'moving':
      return 'It is still moving. This wants a value that stands.'
  }
}

/** What is wrong with a line. */
export function lineFaultWords(fault: LineFault): string {
  switch (fault.kind) {
    case 'unreadable':
      return 'What comes is no text. Is its speed right?'
    case 'no figure':
      return `“${fault.text}” begins with no figure.`
    case 'no unit':
      return 'A figure came without a unit.'
    case 'unknown unit':
      return `“${fault.unit}” is no unit that is known here.`
    case 'unknown word':
      return `“${fault.word}” says nothing that is known here.`
    case 'unknown kind':
      return `“${fault.text}” is no kind of instrument that is known here.`
  }
}

/** What stands on a display, with how it is set: `51.83 V DC`. */
export function shownWords({ shown, unit, mode, marks, step = 0 }: Reading): string {
  const decimals = step > 0 ? Math.max(0, -Math.floor(Math.log10(step) + 1e-9)) : 3
  const text =
    shown.is === 'value'
      ? shown.value.toFixed(Math.min(9, decimals)).replace('-', '−')
      : { over: 'OL', under: '−OL', nothing: '– –' }[shown.is]
  const set = mode && !['ohm', 'relative'].includes(mode) ? ` ${mode.replace(/^[VA] /, '')}` : ''
  return [`${text} ${unitLabel(unit)}${set}`, ...marks.map((m) => (m === 'low-battery' ? 'its battery is low' : m))].join(' · ')
}

/** The button that takes a reading. */
export function takeWords(take: Take, text: string): string {
  return { now: `Take ${text}`, low: `Lowest ${text}`, high: `Highest ${text}`, 'at 60 s': `At 60 s: ${text}` }[take]
}

/** Into which of several fields a reading goes. */
export const goesInto = (field: string): string => `Goes into: ${field}`
export const fromTheInstrument = 'From the instrument'
export const itStands = '● It stands still'
export const itMoves = (low: string, high: string): string => `◌ Moving: ${low} to ${high}`
export const justCame = '◌ A moment'
export const itIsGone = (name: string): string => `Nothing comes from ${name} any more. Plug it in again, or key the reading in.`
export const standIn = 'stand-in: a machine that is not there'
export const keyTakesIt = 'Space or the pedal takes it'
export const minuteIn = (seconds: number): string => `The value at 60 s in ${seconds} s`
export const hallsSeen = (codes: readonly number[]): string => {
  const good = new Set(codes.filter((c) => c !== 0 && c !== 7))
  return `Codes seen: ${codes.join(' ')} · ${good.size} of six`
}
